<?php

declare(strict_types=1);

namespace Pensilis\Material;

use Pensilis\Colour\Shade;
use Pensilis\Geometry\Solid;
use Pensilis\Value\Copied;

/**
 * An object to be cast in: its envelope, what it is made of, where it shall hang, how it is sealed and held.
 *
 * Metres, kg/m³, m³. Positions count from the middle of the vessel; z from its floor as poured.
 */
final readonly class Inclusion
{
    use Copied;

    /** Largest bubble that nobody minds: 0.8 mm across (memory). */
    public const BUBBLE_DIAMETER = 0.8e-3;

    /** Open pores of a thing so dense that wetting is enough, as a share; and the air that it drives out, m³ (common practice; memory). */
    private const DENSE = 0.01;

    private const WETTED = 2e-8;

    /** For so long a thing is pressed under until it stays, s (memory). */
    private const SOAKING = 1200.0;

    /** Moisture by mass above which a piece hazes or rots, percent (common practice). */
    public const DAMP_PERCENT = 10.0;

    /**
     * @param list<array{float, float}> $copies places of further ones of the same
     * @param string|null               $group  objects of one group are moved together
     * @param Shade|null                $shade  how it looks in resin, where that is known
     * @param string                    $stuff  what it is made of, in a word
     * @param bool                      $reads  whether it has lettering or a face that must look at the viewer
     */
    public function __construct(
        public string $id,
        public Solid $solid,
        public Substance $substance,
        public float $x,
        public float $y,
        public float $targetBottom,
        public float $tolerance,
        public float $cover = 0.0,
        public int $coats = 0,
        public Hold $hold = Hold::Auto,
        public Sealer $sealer = Sealer::Resin,
        private array $copies = [],
        public ?string $group = null,
        public bool $reads = false,
        public ?Shade $shade = null,
        public string $stuff = '',
    ) {}

    /** @return non-empty-list<array{float, float}> x and y of each copy, the first at its own place */
    public function places(): array
    {
        return [[$this->x, $this->y], ...$this->copies];
    }

    /** @param list<array{float, float}> $copies places of further ones of the same */
    public function spread(array $copies): self
    {
        return $this->but(copies: $copies);
    }

    /** The same at another place in plan, its copies where they are. */
    public function at(float $x, float $y): self
    {
        return $this->but(x: $x, y: $y);
    }

    /** The same at another height. */
    public function targeting(float $bottom): self
    {
        return $this->but(targetBottom: $bottom);
    }

    /** The same that may lie farther off its height. */
    public function tolerating(float $tolerance): self
    {
        return $this->but(tolerance: $tolerance);
    }

    /** The same held otherwise. */
    public function held(Hold $hold): self
    {
        return $this->but(hold: $hold);
    }

    public function count(): int
    {
        return count($this->places());
    }

    /** "cone", or "12 × garnet". */
    public function name(): string
    {
        return $this->count() === 1 ? $this->id : "{$this->count()} × {$this->id}";
    }

    /**
     * @param list<self> $objects
     *
     * @return list<string>
     */
    public static function names(array $objects): array
    {
        return array_map(fn(self $one): string => $one->name(), $objects);
    }

    /** What it is called but for the number that tells it from others alike: "garnet" of "garnet 2". */
    public function kind(): string
    {
        return (string) preg_replace('/ \d+$/', '', $this->id);
    }

    /** Of one of them. */
    public function envelope(): float
    {
        return $this->solid->volumeBelow($this->solid->height());
    }

    /** The height of its top when it stands at its target. */
    public function targetTop(): float
    {
        return $this->targetBottom + $this->solid->height();
    }

    /** Dry, and heavier by its coats when sealed; kg/m³ of envelope. */
    public function bulkDensity(): float
    {
        $coats = $this->coats * $this->sealer->coatMass() * $this->solid->surfaceArea() / $this->envelope();

        return $this->substance->dryBulkDensity() + $coats;
    }

    /**
     * The same in a liquid of so many kg/m³: what goes in bare by choice and is so thin that it fills before that thickens weighs with its
     * pores full; until then it is pressed under.
     */
    public function densityIn(float $liquid): float
    {
        return $this->bulkDensity() + ($this->fills() ? $this->substance->openPorosity * $liquid : 0.0);
    }

    /** Whether it goes in bare and is full of resin before that thickens. */
    public function fills(): bool
    {
        return $this->isLeftBare() && $this->thickness() <= 2.0 * self::soaks(self::SOAKING);
    }

    /** Its least extent, m. */
    private function thickness(): float
    {
        $foot = $this->solid->footprint();

        return min($this->solid->height(), 2.0 * $foot->halfX, 2.0 * $foot->halfY);
    }

    /**
     * How deep resin has soaked in after so long: L² = γ r cosθ t / 2η [1], γ 0.04 N/m, r 2 µm, cosθ 0.7, η 1 Pa·s (memory).
     *
     * [1] E. W. Washburn, The dynamics of capillary flow, Phys. Rev. 17 (1921).
     *
     * @param float $time s
     */
    public static function soaks(float $time): float
    {
        return sqrt(0.04 * 2e-6 * 0.7 * $time / 2.0);
    }

    /** What its open pores let go at room pressure, whatever coats it has; m³. */
    public function releasableAir(): float
    {
        return $this->substance->openPorosity * $this->envelope();
    }

    /** Air that nobody minds: one bubble of that diameter; m³. */
    public static function harmlessAir(): float
    {
        return M_PI / 6.0 * self::BUBBLE_DIAMETER ** 3;
    }

    public function isDamp(): bool
    {
        return $this->substance->moisturePercent > self::DAMP_PERCENT;
    }

    public function mustSeal(): bool
    {
        return $this->substance->bleeds || $this->substance->soaks
            || $this->releasableAir() > self::harmlessAir();
    }

    /** Damp comes first: a coat would lock the water in. Who seals nothing is taken at their word. */
    public function verdict(): Verdict
    {
        return match (true) {
            $this->isDamp()     => Verdict::DryFirst,
            $this->isUnsealed() => Verdict::SealFirst,
            default             => Verdict::Ready,
        };
    }

    /** Whether it still wants coats before it goes in, dry as it may be. */
    public function isUnsealed(): bool
    {
        return $this->sealer !== Sealer::None && $this->isOpen();
    }

    /** Whether it is porous and goes in bare, as its school wants it. */
    public function isLeftBare(): bool
    {
        return $this->sealer === Sealer::None && $this->isOpen();
    }

    /** Whether it has no coats and lets go of more than wetting drives out. */
    private function isOpen(): bool
    {
        return $this->coats === 0 && $this->mustSeal() && !$this->isWettedOnly();
    }

    /** Whether what little air a dense thing lets go of is driven out by wetting it with the mix, as stones and glass are. */
    private function isWettedOnly(): bool
    {
        return !$this->substance->bleeds && !$this->substance->soaks
            && $this->substance->openPorosity <= self::DENSE && $this->releasableAir() <= self::WETTED;
    }

    /** Envelope volume of all copies between two levels of the vessel, when their bottom is at $bottom; m³. */
    public function displaced(float $from, float $to, ?float $bottom = null): float
    {
        $bottom ??= $this->targetBottom;

        return $this->count() * ($this->solid->volumeBelow($to - $bottom) - $this->solid->volumeBelow($from - $bottom));
    }

    /** What open pores of the part between two levels drink where no coat keeps resin out; m³. */
    public function drunk(float $from, float $to, ?float $bottom = null): float
    {
        return $this->coats > 0 ? 0.0 : $this->substance->openPorosity * $this->displaced($from, $to, $bottom);
    }
}
