<?php

declare(strict_types=1);

namespace Pensilis\Judgement;

use Pensilis\Fact\Fact;
use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Finding\Mend;
use Pensilis\Layout\FittingPlaces;
use Pensilis\Layout\LaidPour;
use Pensilis\Layout\Layout;
use Pensilis\Material\Inclusion;
use Pensilis\Material\Keeping;
use Pensilis\Plan\Bubbling;
use Pensilis\Plan\Finish;
use Pensilis\Plan\Fitting;
use Pensilis\Plan\Fixing;
use Pensilis\Plan\Plan;
use Pensilis\Plan\Viewed;
use Pensilis\Quantity\Length;
use Pensilis\Quantity\Number;
use Pensilis\Quantity\Temperature;
use Pensilis\Resin\Resin;
use Pensilis\Vessel\DrapeForm;
use Pensilis\Vessel\Vessel;

/**
 * What stands against the purpose of the piece and the way its vessel stands: a resin that softens in its use, a piece too thin for it,
 * a hole for a fitting that goes too deep or comes out in an object, a bench that slopes until a pour runs over or leaves a wedge, and
 * objects that ask for a test piece first. Nothing here needs heat.
 */
final readonly class SetupJudge implements Judge
{
    /** A hole is told to a tenth of a millimetre: what is deeper by less than half of that is as deep, m. */
    private const AS_TOLD = 5e-5;

    /** A slope may take so much of the shallowest pour. */
    private const SHARE = 0.2;

    public function __construct(private Plan $plan, private Layout $layout) {}

    /** @return list<Finding> */
    public function findings(): array
    {
        return array_values(array_filter([
            $this->deflection(), $this->thickness(), ...$this->fittings(), $this->slope(), $this->margin(), $this->test(), $this->flame(),
            $this->openSide(), $this->solvents(), $this->sheet(),
        ]));
    }

    /** A sheet that does not reach from rim to rim of the form that it is draped over. */
    private function sheet(): ?Finding
    {
        $form = $this->plan->setup->form;
        $has = DrapeForm::cutFrom($this->plan->vessel);

        return $form === null || $has >= $form->sheet() - Vessel::SAME ? null : Finding::of(Code::SheetShort, '/vessel/form', [
            'has'   => Length::metres($has), 'needs' => Length::metres($form->sheet()), 'depth' => Length::metres($form->depth),
            'comes' => Length::metres($form->depthOf($has)),
        ]);
    }

    private function deflection(): ?Finding
    {
        $service = $this->plan->purpose->service;
        $least = $service->leastDeflection();
        // What any pour of it bears least counts; a label that says nothing least of all.
        $poured = array_map(fn(LaidPour $pour): Resin => $pour->resin, $this->layout->pours);
        usort($poured, fn(Resin $one, Resin $other): int => ($one->sheet->deflection ?? -INF) <=> ($other->sheet->deflection ?? -INF));
        $resin = $poured[0] ?? $this->plan->resin();
        $bears = $resin->sheet->deflection;
        if ($least === null || ($bears !== null && $bears >= $least) || ($service->heatsFace() && $this->faceBears() >= $least)) {
            return null;
        }
        $at = $this->plan->pointerToResin($resin->id) . '/sheet/heat_deflection_celsius';

        return Finding::of($bears === null ? Code::HeatRatingUnsaid : Code::HeatRating, $at, [
            'least' => Temperature::celsius($least),
        ] + ($bears === null ? [] : ['bears' => Temperature::celsius($bears)]), ['use' => $service, 'resin' => $resin->name]);
    }

    /** What the coat of the seen face bears, °C; nothing where its label is silent, several faces are seen or a film goes over it. */
    private function faceBears(): float
    {
        $face = match ($this->plan->setup->viewed) {
            Viewed::Top    => $this->layout->pours[count($this->layout->pours) - 1] ?? null,
            Viewed::Bottom => $this->layout->pours[0] ?? null,
            default        => null,
        };

        return in_array($this->plan->purpose->finish, [Finish::Flood, Finish::Both], true) ? -INF : $face->resin->sheet->deflection ?? -INF;
    }

    private function thickness(): ?Finding
    {
        $least = $this->plan->purpose->service->leastThickness();
        $setup = $this->plan->setup;
        $has = $setup->thickness($this->plan->vessel->fill);
        // A ground that stays but is not told of carries the piece, whatever it is.
        if ($has >= $least || ($setup->making->isKept() && $setup->ground === null)) {
            return null;
        }
        $fill = $this->plan->vessel->fill + $least - $has;
        $mend = $this->plan->vessel->shape->height() < $fill ? null : new Mend('/vessel/fill_mm', round(1e3 * $fill, 1));

        return Finding::of(
            Code::TooThin,
            '/vessel/fill_mm',
            ['least' => Length::metres($least), 'fill' => Length::metres($has)],
            ['use'   => $this->plan->purpose->service],
            $mend,
        );
    }

    /** @return list<Finding> */
    private function fittings(): array
    {
        $found = [];
        $thickness = $this->plan->setup->thickness($this->layout->level());
        foreach ($this->plan->purpose->fittings as $n => $fitting) {
            if ($fitting->fixing === Fixing::Screw && $fitting->depth > 0.5 * $thickness + self::AS_TOLD) {
                $found[] = Finding::of(Code::HoleTooDeep, "/purpose/fittings/{$n}/depth_mm", [
                    'hole' => Length::metres($fitting->depth), 'thickness' => Length::metres($thickness),
                    'half' => Length::metres(0.5 * $thickness),
                ], ['fitting' => $this->nameOf($fitting)], new Mend(
                    "/purpose/fittings/{$n}/depth_mm",
                    round(1e3 * $this->plan->setup->deepestHole($this->layout->level()), 1),
                ));
            }
            foreach ($this->plan->inclusions as $i => $inclusion) {
                if (FittingPlaces::isUnder($this->plan, $this->layout, $inclusion, $fitting)) {
                    $found[] = Finding::of(
                        Code::UnderFitting,
                        "/inclusions/{$i}/at_mm",
                        names: ['object' => $inclusion->id, 'fitting' => $this->nameOf($fitting)],
                    );
                }
            }
            array_push($found, ...$this->pierced($fitting));
        }

        return $found;
    }

    /** @return list<Finding> what is applied on a surface that the hole of a fitting goes through */
    private function pierced(Fitting $fitting): array
    {
        [$from, $to] = $this->plan->setup->keptFree($fitting, $this->layout->level());
        $found = [];
        foreach ($this->layout->pours as $k => $pour) {
            $meets = $to > $from && $pour->top > $from - Vessel::SAME && $pour->top < $to + Vessel::SAME;
            foreach ($meets ? $pour->coat->applied : [] as $n => $applied) {
                if ($applied->reaches($fitting->x, $fitting->y, $fitting->radius)) {
                    $found[] = Finding::of(Code::AppliedUnderFitting, "/pours/{$k}/applied/{$n}/at_mm", ['pour' => Number::count($k + 1)], [
                        'applied' => $applied->fact(), 'fitting' => $this->nameOf($fitting),
                    ]);
                }
            }
        }

        return $found;
    }

    private function nameOf(Fitting $fitting): Fact
    {
        return new Fact("fitting.{$fitting->kind}");
    }

    private function slope(): ?Finding
    {
        $rise = $this->plan->setup->rise($this->plan->vessel);
        if ($rise <= 0.0 || $this->layout->pours === []) {
            return null;
        }
        $depths = array_map(fn(LaidPour $pour): float => $pour->depth(), $this->layout->pours);
        $k = (int) array_search(min($depths), $depths, true);

        return $rise <= self::SHARE * $depths[$k] ? null : Finding::of(Code::Tilted, '/vessel/level/rise_mm', [
            'rise' => Length::metres($rise), 'pour' => Number::count($k + 1), 'depth' => Length::metres($depths[$k]),
            'most' => Length::metres(self::SHARE * $depths[$k]),
        ]);
    }

    private function margin(): ?Finding
    {
        $rise = $this->plan->setup->rise($this->plan->vessel);
        $free = $this->plan->vessel->shape->height() - $this->layout->level();
        // Half of the rise lifts one side, half of it lowers the other.
        if ($rise <= 0.0 || 0.5 * $rise <= $free + 1e-9) {
            return null;
        }
        $fill = floor(1e4 * ($this->plan->vessel->shape->height() - 0.5 * $rise)) / 1e4;

        return Finding::of(Code::RunsOver, '/vessel/fill_mm', [
            'higher' => Length::metres(0.5 * $rise), 'free' => Length::metres(max(0.0, $free)), 'fill' => Length::metres($fill),
        ], mend: new Mend('/vessel/fill_mm', round(1e3 * $fill, 1)));
    }

    /** A flame that is asked for where it scars the vessel or meets alcohol. */
    private function flame(): ?Finding
    {
        if ($this->plan->setup->bubbling !== Bubbling::Flame) {
            return null;
        }
        $mend = new Mend('/bubbles/school', Bubbling::WarmAir->value);
        foreach ($this->layout->pours as $k => $pour) {
            if ($pour->coat->hasInk()) {
                return Finding::of(Code::FlameOnInk, '/bubbles/school', ['pour' => Number::count($k + 1)], mend: $mend);
            }
        }

        return $this->plan->setup->making->burns()
            ? Finding::of(Code::FlameScars, '/bubbles/school', names: ['making' => $this->plan->setup->making], mend: $mend)
            : null;
    }

    /** The last pour is the one that nail colours and alcohol get onto. */
    private function solvents(): ?Finding
    {
        $last = $this->layout->pours[count($this->layout->pours) - 1] ?? null;
        if (!$this->plan->purpose->meetsSolvents || $last === null || $last->resin->sheet->resistsSolvents) {
            return null;
        }

        return Finding::of(
            Code::SolventsUnsaid,
            $this->plan->pointerToResin($last->resin->id) . '/sheet/resists_solvents',
            names: ['resin' => $last->resin->name],
        );
    }

    /** The gloss of a mold is on the face that it gave; an open side that is seen sets as it levels. */
    private function openSide(): ?Finding
    {
        $setup = $this->plan->setup;
        $isSeen = $setup->viewed === Viewed::Top || $setup->viewed === Viewed::Both;

        return $this->plan->purpose->isGlossAsked && $isSeen && !$setup->making->isKept()
            ? Finding::of(Code::OpenSideSeen, '/purpose/finish')
            : null;
    }

    /** One finding for all that may change colour. */
    private function test(): ?Finding
    {
        $fading = array_filter($this->plan->inclusions, fn(Inclusion $one): bool => $one->substance->fades
            && $one->substance->keeping !== Keeping::Accept);

        return $fading === [] ? null : Finding::of(Code::TestFirst, '/inclusions/' . array_key_first($fading) . '/material/fades', names: [
            'objects' => array_map(fn(Inclusion $one): string => $one->id, array_values($fading)),
        ]);
    }
}
