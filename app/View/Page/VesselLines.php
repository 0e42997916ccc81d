<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Words\Figures;
use App\Words\Words;
use Pensilis\Layout\Cover;
use Pensilis\Layout\FittingPlaces;
use Pensilis\Plan\Fitting;
use Pensilis\Plan\Plan;

/** What panels say of the vessel: what it holds, what objects cover of it, what it hangs by. */
final readonly class VesselLines
{
    public function __construct(private Plan $plan, private Figures $figures) {}

    /** Area, perimeter and what it holds, in a line. */
    public function holds(): string
    {
        $vessel = $this->plan->vessel;
        $rim = $vessel->shape->sectionAt($vessel->fill);
        $holds = $vessel->volumeBetween(0.0, $vessel->fill);
        $line = Words::say('piece.vessel.line', [
            'area'  => $this->figures->area($rim->area()), 'around' => $this->figures->length($rim->perimeter()),
            'holds' => $this->figures->volume(1e6 * $holds), 'half' => $this->figures->length($vessel->depthFor(0.5 * $holds)),
        ]);

        return !$this->plan->setup->making->isKept() ? $line : $line . ' ' . Words::say('piece.vessel.film', [
            'more' => $this->figures->length(1e-3), 'volume' => $this->figures->volume(1e6 * 1e-3 * $rim->area()),
        ]);
    }

    /** How much of the plan objects cover, and the largest spot without any; nothing where there are none. */
    public function cover(): string
    {
        $cover = new Cover($this->plan);

        return $this->plan->inclusions === [] ? '' : Words::say('piece.objects.cover', [
            'share' => $this->figures->percent($cover->share()), 'across' => $this->figures->length(round($cover->bare(), 3)),
        ]);
    }

    /** What a fitting is called: after its kind, by its number among all. */
    public function fitting(int $i): string
    {
        $kind = Words::say("fields.choices.fitting.{$this->plan->purpose->fittings[$i]->kind}");

        return ucfirst(Words::say('template.fitting', ['kind' => $kind, 'number' => $i + 1]));
    }

    /** What a level pair takes to hang by; nothing for a fitting by itself. */
    public function chain(int $i): string
    {
        $partner = $this->plan->purpose->partnerOf($i);
        if ($partner === null || $this->plan->purpose->fittings[$i]->kind === Fitting::HANDLE) {
            return '';
        }
        $apart = abs($this->plan->purpose->fittings[$i]->x - $this->plan->purpose->fittings[$partner]->x);
        [$chain, $drop] = FittingPlaces::chain($apart);

        return Words::say('piece.fittings.chain', array_map($this->figures->length(...), [
            'apart' => $apart, 'chain' => round($chain, 3), 'drop' => round($drop, 3),
        ]));
    }
}
