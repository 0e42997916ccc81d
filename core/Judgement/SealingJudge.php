<?php

declare(strict_types=1);

namespace Pensilis\Judgement;

use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Material\Inclusion;
use Pensilis\Material\Sealer;
use Pensilis\Quantity\Duration;
use Pensilis\Quantity\Known;
use Pensilis\Simulation\Simulation;

/**
 * Sealing with a resin that takes days to set in a film: deep-cast resins need the heat of their depth (common practice). It is told where
 * pours wait for it; who gives their own may have brushed with another.
 */
final readonly class SealingJudge implements Judge
{
    /** h that a coat may take to gel before it is told: within a day. */
    private const SLOW = 24.0;

    public function __construct(private Simulation $simulation) {}

    public function findings(): array
    {
        $sealed = array_filter(
            $this->simulation->plan->inclusions,
            fn(Inclusion $one): bool => $one->coats > 0 && $one->sealer === Sealer::Resin,
        );
        $brushed = $this->simulation->brushed;
        if ($sealed === [] || $this->simulation->plan->pours !== [] || $brushed->drying->between <= self::SLOW) {
            return [];
        }

        return [Finding::of(
            Code::SealsSlowly,
            '/resins',
            ['gels'  => Duration::hours(Known::near($brushed->drying->between))],
            ['resin' => $brushed->resin->name],
        )];
    }
}
