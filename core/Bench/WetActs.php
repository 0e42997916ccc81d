<?php

declare(strict_types=1);

namespace Pensilis\Bench;

use Pensilis\Fact\Fact;
use Pensilis\Layout\LaidPour;
use Pensilis\Material\Inclusion;
use Pensilis\Plan\Application;
use Pensilis\Plan\Applied;
use Pensilis\Plan\Bubbling;
use Pensilis\Plan\Plan;
use Pensilis\Plan\Zone;

/**
 * The acts of one pour from the first contact of A and B, or onto a pour that is wet: mixing and colouring, the bed, filling with what
 * goes over bubbles and edges, and what is set, strewn or dropped into it while it is liquid (common practice throughout).
 */
final readonly class WetActs
{
    /** A thin bed wets floor and corners: 1–2 mm, and no more than a third of a thin pour (common practice). */
    private const BED = 0.0015;

    private const SHARE = 1.0 / 3.0;

    /** Working time for which colours stand 10 minutes and white 10 more, s (common practice); in proportion for others. */
    private const STANDS = 2400.0;

    private const STANDING = 10.0;

    public function __construct(private Plan $plan, private LaidPour $pour, private Bubbling $school) {}

    /** @param list<Inclusion> $objects */
    public static function setting(Plan $plan, Setting $how, array $objects): Act
    {
        $all = $plan->setup->pieces * array_sum(array_map(fn(Inclusion $one): int => $one->count(), $objects));

        return new Act(
            ActKind::Place,
            new Fact("act.set-{$how->value}"),
            Pace::setting($how, count($objects), $all, $plan->studio->hands),
            $objects,
            $how === Setting::Bed ? [new Fact('check.no-air-below')] : [],
            isWet: !$how->isBefore(),
            hands: min($plan->studio->hands, $all),
            how: $how,
        );
    }

    /** @return list<Act> A and B, then colours */
    public function mixing(): array
    {
        [$sheet, $batch, $hands] = [$this->pour->resin->sheet, $this->pour->batch, $this->plan->studio->hands];
        $stands = $sheet->stands() / 60.0;
        $name = ($stands > 0 ? 'act.mix' : 'act.mix-fast') . ($sheet->stirring === null ? '' : '.label');
        $how = new Fact($name, [
            'minutes' => (int) round($stands), 'stir_h' => $sheet->stirs($batch->gramsEach()) / 3600.0,
        ]);
        $acts = $batch->isShared ? [] : [new Act(
            ActKind::Mix,
            $how,
            Pace::mixing($batch, $hands) + $stands,
            isWet: true,
            waits: $stands,
            hands: min($hands, $batch->goes()),
        )];
        if ($this->pour->coat->isColoured()) {
            $takes = Pace::colouring($this->pour, $hands);
            $acts[] = new Act(ActKind::Colour, new Fact('act.colours'), $takes, isWet: true, hands: min($hands, count($this->pour->cups)));
        }

        return $this->isDrawn() ? [...$acts, $this->thickening()] : $acts;
    }

    /** Whether its regions stay as they are drawn. */
    private function isDrawn(): bool
    {
        return $this->pour->coat->zones !== [] && !$this->pour->coat->merges;
    }

    private function thickening(): Act
    {
        $part = (int) round(self::STANDING * min(1.0, $this->pour->resin->sheet->working / self::STANDS));
        $white = array_filter($this->pour->coat->zones, fn(Zone $zone): bool => $zone->recipe->isOpaqueWhite()) !== [];
        $takes = $white ? 2.0 * $part : $part;

        return new Act(
            ActKind::Thicken,
            new Fact($white ? 'act.thicken-white' : 'act.thicken', ['minutes' => $part]),
            $takes,
            isWet: true,
            waits: $takes,
        );
    }

    /**
     * @param list<Inclusion> $objects
     *
     * @return list<Act>
     */
    public function bed(array $objects): array
    {
        if ($objects === []) {
            return [];
        }
        $deep = min(self::BED, self::SHARE * $this->pour->depth());

        return [
            new Act(
                ActKind::Bed,
                new Fact('act.bed', ['deep_mm' => round(1e3 * $deep, 1)]),
                Pace::bed($this->plan->setup->pieces),
                isWet: true,
            ),
            ...$this->pass('first'),
            self::setting($this->plan, Setting::Bed, $objects),
        ];
    }

    /**
     * @param array<string, list<Inclusion>> $set    what goes into it once it is poured, by how that is done
     * @param bool                           $goesOn whether the next pour goes onto it while it is wet
     *
     * @return list<Act>
     */
    public function filling(bool $hasBed, array $set, bool $goesOn): array
    {
        $how = match (true) {
            $this->pour->isOnWet                 => 'act.fill-wet',
            $this->pour->coat->zones !== []      => 'act.fill-regions',
            $this->plan->setup->making->isKept() => 'act.fill-ground',
            $hasBed                              => 'act.fill-rest',
            default                              => 'act.fill',
        };
        $fills = new Act(
            ActKind::Fill,
            new Fact($how),
            Pace::pouring($this->plan, $this->pour),
            checks: [new Fact('check.level')],
            isWet: true,
        );
        $isLast = $goesOn || isset($set[Setting::Colour->value]) || $this->isDrawn();
        $wet = array_values(array_filter($this->pour->coat->applied, fn(Applied $one): bool => $one->isWet));

        return [
            $fills,
            ...($this->isDrawn() ? $this->pricking() : $this->pass('first')),
            ...array_map(
                fn(string $how, array $objects): Act => self::setting($this->plan, Setting::from($how), $objects),
                array_keys($set),
                array_values($set),
            ),
            ...($this->plan->setup->making->isKept() ? [$this->cleaning()] : []),
            ...($isLast ? [] : $this->pass('again', $set === [] && !$this->plan->setup->making->isKept())),
            ...array_map(self::strewing(...), $wet),
            ...($this->isDrawn() ? [new Act(ActKind::Leave, new Fact('act.leave'))] : []),
            ...($goesOn ? [] : [$this->covering()]),
        ];
    }

    private function covering(): Act
    {
        return new Act(ActKind::Cover, new Fact($this->pour->setIn(late: false) === [] ? 'act.cover' : 'act.cover-set'), goesOn: true);
    }

    /** What runs over the edges of a ground that stays. */
    private function cleaning(): Act
    {
        return new Act(ActKind::Clean, new Fact('act.edges'), Pace::edges($this->plan), isWet: true);
    }

    /** Grains or drops on the wet coat; drops bring alcohol. */
    private static function strewing(Applied $one): Act
    {
        return $one->application === Application::Drops
            ? new Act(
                ActKind::Drop,
                new Fact('act.drop', ['drops' => $one->drops(), 'colour' => $one->colour->name ?? '', 'ink_ml' => $one->ink()]),
                Pace::STREWING,
                caution: new Fact('caution.drops'),
                isWet: true,
            )
            : new Act(ActKind::Strew, new Fact('act.strew', ['applied' => $one->fact()]), Pace::STREWING, isWet: true);
    }

    /** @return list<Act> one by one, where heat would move what is drawn */
    private function pricking(): array
    {
        return $this->school === Bubbling::None ? []
            : [new Act(ActKind::Pass, new Fact('act.prick'), Pace::passing($this->plan), school: Bubbling::Pin, isWet: true)];
    }

    /**
     * @param bool $goesOn whether nothing lies between it and the one before
     *
     * @return list<Act> one going over the bubbles; the second waits for those that rise late
     */
    private function pass(string $time, bool $goesOn = false): array
    {
        $caution = match (true) {
            $this->school === Bubbling::Flame                                  => new Fact('caution.flame'),
            $this->school === Bubbling::WarmAir && $this->pour->coat->hasInk() => new Fact('caution.ink'),
            default                                                            => null,
        };
        $again = $time === 'again';

        return $this->school === Bubbling::None ? [] : [new Act(
            ActKind::Pass,
            new Fact("act.bubbles-{$time}.{$this->school->value}"),
            Pace::passing($this->plan) + ($again ? Pace::RISING : 0.0),
            caution: $again ? null : $caution,
            goesOn: $goesOn,
            school: $this->school,
            isWet: !$again,
            waits: $again ? Pace::RISING : 0.0,
        )];
    }
}
