<?php

declare(strict_types=1);

namespace Pensilis\Judgement;

use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Finding\Mend;
use Pensilis\Finding\Rework;
use Pensilis\Layout\LaidPour;
use Pensilis\Material\Hold;
use Pensilis\Material\Inclusion;
use Pensilis\Quantity\Duration;
use Pensilis\Quantity\Known;
use Pensilis\Quantity\Length;
use Pensilis\Quantity\Number;
use Pensilis\Simulation\Placing;
use Pensilis\Simulation\Simulation;
use Pensilis\Vessel\Vessel;

/** When an object that nothing holds may go into its pour, so that it stays where it is put, and whether hands are there by then. */
final readonly class DriftJudge implements Judge
{
    public function __construct(private Simulation $simulation) {}

    public function findings(): array
    {
        $found = $this->late();
        foreach ($this->simulation->plan->inclusions as $i => $inclusion) {
            $placement = in_array($inclusion->id, $this->simulation->layout->unsupported, true)
                ? $this->simulation->placementOf($inclusion)
                : null;
            if ($placement === null || $placement->opens <= 0.0) {
                continue;
            }
            [$opens, $closes] = [Known::up($placement->opens), Known::down($placement->closes)];
            $isInTime = $opens <= $closes;
            $found[] = Finding::of(
                $isInTime ? Code::DriftsSooner : Code::DriftsAnyway,
                "/inclusions/{$i}",
                [
                    'within' => Length::metres($inclusion->tolerance), 'opens' => Duration::hours($opens),
                    'closes' => Duration::hours($closes),
                ],
                ['object' => $inclusion->id],
                new Mend("/inclusions/{$i}/hold", ($isInTime ? Hold::Thick : Hold::Hang)->value),
            );
        }

        return $found;
    }

    /** @return list<Finding> of what goes in once its coat is thick */
    private function late(): array
    {
        $found = [];
        foreach (Placing::all($this->simulation) as $one) {
            $pour = $this->simulation->layout->pours[$one->pour];
            foreach ($one->objects as $object) {
                $found[] = $this->inCoat($object, $pour);
            }
            $span = [
                'pour'   => Number::count($one->pour + 1), 'opens' => Duration::hours($one->work->opens),
                'closes' => Duration::hours($one->work->closes),
            ];
            $found[] = match (true) {
                !$one->work->isPossible() => Finding::of(
                    Code::NeverThick,
                    $this->simulation->plan->pointerTo($one->objects[0]->id) . '/hold',
                    $span,
                    ['objects' => Inclusion::names($one->objects)],
                ),
                !$one->isInHours() => Finding::of(
                    Code::OutsideHoursLate,
                    "/pours/{$one->pour}/start_h",
                    $span,
                    ['objects' => Inclusion::names($one->objects)],
                    $this->simulation->plan->pours === [] ? null : Mend::pours(Rework::Times, $one->pour),
                ),
                default => null,
            };
        }

        return array_values(array_filter($found));
    }

    /** Whether all of it up to its middle lies in a coat that is liquid at once. */
    private function inCoat(Inclusion $object, LaidPour $pour): ?Finding
    {
        $middle = $this->simulation->layout->bottomOf($object) + 0.5 * $object->solid->height();
        if ($middle <= $pour->top + Vessel::SAME) {
            return null;
        }
        $at = $this->simulation->plan->pointerTo($object->id) . '/target_bottom_mm';

        return Finding::of(
            Code::NoWholeCoat,
            $at,
            ['set'    => Length::metres($pour->top)],
            ['object' => $object->id],
            new Mend($at, round(1e3 * $pour->top, 1)),
        );
    }
}
