<?php

declare(strict_types=1);

namespace Pensilis\Resin;

use Pensilis\Exception\ContradictorySheet;
use Pensilis\Exception\ImpossibleValue;
use Pensilis\Quantity\Temperature;

/**
 * What the maker's sheet says, at its own temperature and thickness. Kelvin, seconds, metres; heat deflection °C.
 *
 * Times that a sheet leaves out take those of its class, deep-cast (greatest pour 20 mm and more) or coating
 * (memory). Invariant: gel ≤ recoat opens ≤ recoat closes; least depth ≤ greatest depth; all above 0.
 */
final readonly class DataSheet
{
    /** Deepest pour from which a resin counts as deep-cast, mm (memory). */
    private const DEEP_MM = 20.0;

    /** Class defaults: gel h, and the others as multiples of gel; depths mm (memory). */
    private const DEEP = ['gel' => 20.0, 'working' => 0.2, 'pot' => 0.15, 'open' => 1.1, 'close' => 2.0,
        'demold'                => 2.4, 'cure' => 8.4, 'least' => 5.0, 'greatest' => 50.0];

    private const COATING = ['gel' => 3.5, 'working' => 0.14, 'pot' => 0.1, 'open' => 1.2, 'close' => 3.5,
        'demold'                   => 6.9, 'cure' => 20.6, 'least' => 1.5, 'greatest' => 6.0];

    /** s of stirring a small mix, and so many more for a large one (common practice: 2–5 minutes). */
    private const STIRRING = 120.0;

    private const STIRRING_MORE = 180.0;

    /** g from which a mix is large (memory). */
    private const LARGE = 500.0;

    /** Working time below which a mix does not stand before it is poured, s (common practice). */
    private const FAST = 1800.0;

    /** s that a mix stands so that bubbles rise: 5–10 minutes (common practice). */
    private const STANDING = 600.0;

    /** Slab in which a coating resin's gel time is told, mm (memory). */
    private const COATING_GEL_MM = 3.0;

    private function __construct(
        public float $temperature,
        public float $potLife,
        public float $working,
        public float $gel,
        public float $gelThickness,
        public float $recoatOpens,
        public float $recoatCloses,
        public float $demold,
        public float $fullCure,
        public float $leastPour,
        public float $greatestPour,
        public ?float $deflection,
        public bool $isClosingSaid,
        public bool $resistsSolvents,
        public ?float $stirring,
    ) {}

    /** s that a mix of so many grams is stirred: as the label says, else by its size. */
    public function stirs(float $grams): float
    {
        return $this->stirring ?? self::STIRRING + self::STIRRING_MORE * min(1.0, $grams / self::LARGE);
    }

    /** s that a mix stands: a fast one is poured at once, and the default school lets all others stand. */
    public function stands(): float
    {
        return $this->working < self::FAST ? 0.0 : self::STANDING;
    }

    /**
     * @param array{celsius: float, pot_life_min?: float, working_min?: float, gel_h?: float, gel_mm?: float,
     *     recoat_open_h?: float, recoat_close_h?: float, demold_h?: float, full_cure_h?: float,
     *     min_pour_mm?: float, max_pour_mm?: float, heat_deflection_celsius?: float, stir_min?: float} $said keys of the plan file
     * @param bool      $resistsSolvents whether the sheet says that it does, fully cured
     * @param bool|null $isClosingSaid   whether the sheet itself, or a test, says when the recoat window closes; null: if it is among them
     *
     * @throws ContradictorySheet|ImpossibleValue
     */
    public static function of(array $said, ?bool $isClosingSaid = null, bool $resistsSolvents = false): self
    {
        foreach ($said as $key => $value) {
            if ($key !== 'celsius') {
                ImpossibleValue::unlessPositive($key, $value);
            }
        }
        $deep = ($said['max_pour_mm'] ?? 0.0) >= self::DEEP_MM;
        $class = $deep ? self::DEEP : self::COATING;
        $gel = $said['gel_h'] ?? $class['gel'];
        $greatest = $said['max_pour_mm'] ?? $class['greatest'];
        $sheet = new self(
            Temperature::celsius($said['celsius'])->k(),
            60.0 * ($said['pot_life_min'] ?? 60.0 * $gel * $class['pot']),
            60.0 * ($said['working_min'] ?? $said['pot_life_min'] ?? 60.0 * $gel * $class['working']),
            3600.0 * $gel,
            1e-3 * ($said['gel_mm'] ?? ($deep ? $greatest : self::COATING_GEL_MM)),
            3600.0 * ($said['recoat_open_h'] ?? $gel * $class['open']),
            3600.0 * ($said['recoat_close_h'] ?? max($said['recoat_open_h'] ?? 0.0, $gel * $class['close'])),
            3600.0 * ($said['demold_h'] ?? $gel * $class['demold']),
            3600.0 * ($said['full_cure_h'] ?? max($said['demold_h'] ?? 0.0, $gel * $class['cure'])),
            1e-3 * ($said['min_pour_mm'] ?? min($class['least'], $greatest)),
            1e-3 * $greatest,
            $said['heat_deflection_celsius'] ?? null,
            $isClosingSaid ?? isset($said['recoat_close_h']),
            $resistsSolvents,
            isset($said['stir_min']) ? 60.0 * $said['stir_min'] : null,
        );
        $sheet->mustAgree();

        return $sheet;
    }

    private function mustAgree(): void
    {
        $hours = fn(float $seconds): float => round($seconds / 3600.0, 2);
        if ($this->recoatOpens < $this->gel) {
            throw ContradictorySheet::recoatBeforeGel($hours($this->recoatOpens), $hours($this->gel));
        }
        if ($this->recoatCloses < $this->recoatOpens) {
            throw ContradictorySheet::closesBeforeOpening($hours($this->recoatCloses), $hours($this->recoatOpens));
        }
        if ($this->leastPour > $this->greatestPour) {
            throw ContradictorySheet::leastAboveGreatest(1e3 * $this->leastPour, 1e3 * $this->greatestPour);
        }
    }
}
