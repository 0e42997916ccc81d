<?php

declare(strict_types=1);

namespace Pensilis\Judgement;

use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Finding\Mend;
use Pensilis\Material\Hold;
use Pensilis\Quantity\Duration;
use Pensilis\Quantity\Known;
use Pensilis\Quantity\Length;
use Pensilis\Simulation\Simulation;

/** When an object that nothing holds may go into its pour, so that it stays where it is put. */
final readonly class DriftJudge implements Judge
{
    public function __construct(private Simulation $simulation) {}

    public function findings(): array
    {
        $found = [];
        foreach ($this->simulation->plan->inclusions as $i => $inclusion) {
            $placement = in_array($inclusion->id, $this->simulation->layout->unsupported, true)
                ? $this->simulation->placementOf($inclusion)
                : null;
            if ($placement === null || $placement->opens <= 0.0) {
                continue;
            }
            [$opens, $closes] = [Known::up($placement->opens), Known::down($placement->closes)];
            $found[] = Finding::of(
                $opens <= $closes ? Code::DriftsSooner : Code::DriftsAnyway,
                "/inclusions/{$i}",
                [
                    'within' => Length::metres($inclusion->tolerance), 'opens' => Duration::hours($opens),
                    'closes' => Duration::hours($closes),
                ],
                ['object' => $inclusion->id],
                new Mend("/inclusions/{$i}/hold", Hold::Hang->value),
            );
        }

        return $found;
    }
}
