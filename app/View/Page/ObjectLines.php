<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Words\Figures;
use App\Words\Words;
use Pensilis\Material\Inclusion;
use Pensilis\Material\Sealer;
use Pensilis\Plan\Plan;
use Pensilis\Quantity\Figure;
use Pensilis\Quantity\Known;
use Pensilis\Scheduling\CoatDrying;

/** What is said of the objects of a piece: what they weigh and let go, how they are treated, laid and held. */
final readonly class ObjectLines
{
    /** @param CoatDrying|null $brushed of a coat of brushed resin, where that is known */
    public function __construct(private Plan $plan, private Figures $figures, private ?CoatDrying $brushed) {}

    /** Volume, density and air, in a line. */
    public function figures(Inclusion $object): string
    {
        return Words::say('piece.objects.figures', [
            'volume'  => $this->figures->volume(1e6 * $object->envelope()),
            'density' => Figure::fixed($object->bulkDensity() / 1e3, 2),
            'air'     => $this->air($object),
        ]);
    }

    /** What is to be done to an object before it goes in, with the figure that asks for it. */
    public function treatment(Inclusion $object): string
    {
        $substance = $object->substance;
        $how = $substance->drying === null ? Words::say('piece.objects.dry-somehow') : Words::choice($substance->drying);
        $parts = [
            $object->isDamp()
                ? Words::say('piece.objects.damp', ['water' => Figure::short($substance->moisturePercent, 1) . ' %', 'how' => $how])
                : Words::say('piece.objects.dry'),
            match (true) {
                $substance->bleeds  => Words::say('piece.objects.bleeds'),
                $substance->soaks   => Words::say('piece.objects.soaks'),
                $object->mustSeal() => Words::say('piece.objects.leaks', ['air' => $this->air($object)]),
                default             => Words::say('piece.objects.bare', ['air' => $this->air($object)]),
            },
        ];
        if ($substance->weighings !== null) {
            array_unshift($parts, Words::say('piece.objects.gone', [
                'gone'  => Figure::short($substance->weighings->gone(), 0) . ' %',
                'proof' => Words::say('piece.objects.' . ($substance->weighings->isConstant() ? 'constant' : 'not-yet')),
            ]));
        }
        if ($object->coats > 0) {
            $dries = ($object->sealer === Sealer::Resin ? $this->brushed?->last : null) ?? $object->sealer->last();
            $parts[] = Words::say(
                'piece.objects.coats',
                ['sealer' => Words::choice($object->sealer), 'hours' => $this->figures->span(Known::near($dries))],
                $object->coats,
            );
        }
        if ($substance->fades) {
            $parts[] = Words::say('piece.objects.test');
        }

        return implode(' ', $parts);
    }

    /** How an object that has lettering or a face is laid in; nothing for all others. */
    public function howLaid(Inclusion $object): string
    {
        return $object->reads ? Words::choice($this->plan->setup->viewed, 'laying') : '';
    }

    private function air(Inclusion $object): string
    {
        return $this->figures->volume(1e6 * $object->releasableAir());
    }
}
