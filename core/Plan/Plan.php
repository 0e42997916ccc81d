<?php

declare(strict_types=1);

namespace Pensilis\Plan;

use Pensilis\Colour\Colourant;
use Pensilis\Layering\Wish;
use Pensilis\Material\Hold;
use Pensilis\Material\Inclusion;
use Pensilis\Material\Sealer;
use Pensilis\Resin\Resin;
use Pensilis\Thermal\Room\Ambient;
use Pensilis\Value\Copied;
use Pensilis\Vessel\Vessel;

/**
 * One piece: the whole that all answers are about. It never changes: what is tried otherwise, with another resin, held another way or in
 * another room, is a plan of its own beside it.
 *
 * Invariant: at least one resin; ids are unique; given pours stay below the rim and do not go back in time.
 */
final readonly class Plan
{
    use Copied;

    /** Instead of an id: any. No file has such an id. */
    private const ANY = "\0any";

    /**
     * @param non-empty-array<string, Resin> $resins
     * @param list<Inclusion>                $inclusions in the order of the file
     * @param list<GivenPour>                $pours      none where they are to be found
     * @param float|null                     $deepest    m, the greatest depth the artist allows
     * @param array<string, Colourant>       $colours
     * @param list<PinnedPour>               $pins       pours that stay where they are while the others are found
     * @param Weights                        $weights    what is wanted of a plan that is found
     * @param string                         $poured     id of the resin that pours are planned with; the first where it is none
     */
    public function __construct(
        public string $title,
        public Ambient $ambient,
        public Vessel $vessel,
        public array $resins,
        public array $inclusions,
        public array $pours,
        public StudioSettings $studio,
        public ?float $deepest,
        public Setup $setup,
        public Purpose $purpose,
        public Sealer $sealer,
        public Costs $costs,
        public array $colours = [],
        public Behind $behind = Behind::Paper,
        public array $pins = [],
        public Weights $weights = new Weights(),
        private string $poured = '',
    ) {}

    /** The resin that pours are planned with: the first of the file, if no other is tried. */
    public function resin(): Resin
    {
        return $this->resins[$this->poured] ?? $this->resins[array_key_first($this->resins)];
    }

    /** @return non-empty-list<Resin> what pours may be planned of: one, or each of whichever resin suits it */
    public function pourable(): array
    {
        return $this->poured === self::ANY ? array_values($this->resins) : [$this->resin()];
    }

    /** Whether each pour may be of another resin. */
    public function mixesResins(): bool
    {
        return count($this->pourable()) > 1;
    }

    /** The same with each of its pours planned of whichever resin suits it. */
    public function pouredWithAny(): self
    {
        return $this->but(poured: self::ANY);
    }

    /** The same with its pours planned of another of its resins. */
    public function pouredWith(string $id): self
    {
        return $this->but(poured: $id);
    }

    /** The same with one of its resins alone. */
    public function only(string $id): self
    {
        return $this->but(poured: $id, resins: [$id => $this->resins[$id]]);
    }

    /** The same with what floats, and may be held in any way, pressed into tack. */
    public function pressedDown(): self
    {
        return $this->but(inclusions: array_map(
            fn(Inclusion $one): Inclusion => $one->hold === Hold::Auto
                && Wish::of($one, $this->resin()->density, $this->vessel->fill)->floats() ? $one->held(Hold::Tack) : $one,
            $this->inclusions,
        ));
    }

    /** The number of the pin that stays from one height to another, m; null where none does. */
    public function pinAt(float $from, float $to): ?int
    {
        [$bottom, $top] = [Wish::micrometres($from), Wish::micrometres($to)];

        return array_key_first(array_filter($this->pins, fn(PinnedPour $one): bool => $one->pin->isAt($bottom, $top)));
    }

    /** The same at the bench by day, where a clock but no hours are given. */
    public function byDay(): self
    {
        return $this->studio->clock->isSet() && $this->studio->hours->areAlways()
            ? $this->but(studio: $this->studio->byDay()) : $this;
    }

    /**
     * The same at the bench of another, with its clock, hours and hands, while those are at something else.
     *
     * @param list<array{float, float}> $busy hours of the plan
     */
    public function atBenchOf(self $other, array $busy = []): self
    {
        return $this->but(studio: $other->studio->shared($this->studio->due, $busy));
    }

    /**
     * The same with its pours given.
     *
     * @param list<GivenPour> $pours
     */
    public function poured(array $pours): self
    {
        return $this->but(pours: $pours);
    }

    /** The same with one of its objects otherwise. */
    public function changing(int $i, Inclusion $object): self
    {
        return $this->but(inclusions: array_values(array_replace($this->inclusions, [$i => $object])));
    }

    /** The same with no pour pinned. */
    public function unpinned(): self
    {
        return $this->but(pins: []);
    }

    /** The same where hands are at the bench at any hour. */
    public function atAnyHour(): self
    {
        return $this->but(studio: $this->studio->atAnyHour());
    }

    /** The same where the artist allows another greatest heat, °C. */
    public function allowing(float $celsius): self
    {
        return $this->but(studio: $this->studio->allowing($celsius));
    }

    public function inRoom(Ambient $room): self
    {
        return $this->but(ambient: $room);
    }

    /**
     * The same with its given pours begun when they really were.
     *
     * @param array<int, float> $begun hour of the plan, by number
     */
    public function begunAt(array $begun): self
    {
        return $this->but(pours: array_map(
            fn(GivenPour $pour, int $k): GivenPour => $pour->startingAt($begun[$k] ?? $pour->startHour),
            $this->pours,
            array_keys($this->pours),
        ));
    }

    /** The same with all its resins curing so many times as fast. */
    public function curing(float $times): self
    {
        $resins = array_map(fn(Resin $one): Resin => $one->curing($times), $this->resins);

        return $this->but(resins: $resins, pours: array_map(
            fn(GivenPour $pour): GivenPour => $pour->of($resins[$pour->resin->id] ?? $pour->resin),
            $this->pours,
        ));
    }

    /** The greatest depth that the sheet of what is poured, the artist and a blank without a dam all allow, m. */
    public function greatestPour(?Resin $of = null): float
    {
        return min(($of ?? $this->resin())->sheet->greatestPour, $this->deepest ?? INF, $this->setup->film ?? INF);
    }

    /** The same with so many pairs of hands. */
    public function withHands(int $hands): self
    {
        return $this->but(studio: $this->studio->withHands($hands));
    }

    /** The thinnest pour of anything that may be poured, m. */
    public function leastPour(): float
    {
        return min(array_map(fn(Resin $one): float => $one->sheet->leastPour, $this->pourable()));
    }

    /** @return list<Wish> the set layers that its objects want */
    public function wishes(): array
    {
        $wishes = [];
        $densities = array_map(fn(Resin $one): float => $one->density, $this->pourable());
        foreach ($this->inclusions as $inclusion) {
            if ($inclusion->hold->needsLayer()) {
                $wishes[] = Wish::of($inclusion, $densities[0], $this->vessel->fill, ...array_slice($densities, 1));
            }
        }

        return $wishes;
    }

    /** @return list<array{int, int}> µm between which no pour may end: from foot to middle of what goes in once its coat is thick */
    public function wholeCoats(): array
    {
        return array_values(array_map(fn(Inclusion $one): array => [
            Wish::micrometres($one->targetBottom), Wish::micrometres($one->targetBottom + 0.5 * $one->solid->height()),
        ], array_filter($this->inclusions, fn(Inclusion $one): bool => $one->hold->isLate())));
    }

    /** Place of a resin in the file. */
    public function pointerToResin(string $id): string
    {
        return '/resins/' . (int) array_search($id, array_keys($this->resins), true);
    }

    /** Place of an object in the file. */
    public function pointerTo(string $id): string
    {
        foreach ($this->inclusions as $i => $inclusion) {
            if ($inclusion->id === $id) {
                return "/inclusions/{$i}";
            }
        }

        return '/inclusions';
    }
}
