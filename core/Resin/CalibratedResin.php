<?php

declare(strict_types=1);

namespace Pensilis\Resin;

/**
 * A resin with the law that its sheet implies, and what its maker tolerates.
 *
 * Ages are equivalent seconds at the sheet's temperature after the gel of the cell that counts, at least 0:
 * the maturity method (ASTM C1074) on (the sheet's time − its gel).
 */
final readonly class CalibratedResin
{
    /** Conversion to a millionth. */
    private const HALVINGS = 20;

    public Viscosity $viscosity;

    /** The conversion at which the working time ends. */
    public float $workingConversion;

    public float $opensAge;

    public float $closesAge;

    public float $demoldAge;

    public float $curedAge;

    /** As thick as a paste that no longer flows; thicker is not told apart, Pa·s (memory). */
    private const PASTE = 1e6;

    /**
     * @param float $toleratedPeak K, the peak of the sheet's own deepest pour, clamped
     * @param float $stiffening    how many times thicker what is stirred in makes it
     */
    public function __construct(
        public Resin $resin,
        public CureLaw $law,
        public float $toleratedPeak,
        public bool $sheetRunsHot,
        float $stiffening = 1.0,
    ) {
        [$sheet, $pace] = [$resin->sheet, $resin->pace];
        $working = $sheet->working / $pace;
        $this->workingConversion = min($law->conversionAfter($working, $sheet->temperature), $law->gelConversion);
        $this->viscosity = Viscosity::calibrated(
            $resin->viscosity,
            $resin->viscosityKelvin,
            $law->gelConversion,
            $sheet->temperature,
            $working,
            $this->workingConversion,
        )->times(min($stiffening, self::PASTE / $resin->viscosity));
        $this->opensAge = max(0.0, $sheet->recoatOpens - $sheet->gel) / $pace;
        $this->closesAge = max(0.0, $sheet->recoatCloses - $sheet->gel) / $pace;
        $this->demoldAge = max(0.0, $sheet->demold - $sheet->gel) / $pace;
        $this->curedAge = max(0.0, $sheet->fullCure - $sheet->gel) / $pace;
    }

    /** The same resin with solids in it: it sets as it did, and is so many times thicker until then. */
    public function stiffened(float $stiffening): self
    {
        return $stiffening === 1.0 ? $this : new self($this->resin, $this->law, $this->toleratedPeak, $this->sheetRunsHot, $stiffening);
    }

    /** When a mix that keeps one temperature is as thick as that, Pa·s; s from first contact. At gel at the latest. */
    public function thickens(float $viscosity, float $kelvin): float
    {
        $pace = $this->law->pace($kelvin, $this->resin->sheet->temperature);
        [$fluid, $stiff] = [0.0, $this->law->gelConversion];
        for ($n = 0; $n < self::HALVINGS; $n++) {
            $alpha = 0.5 * ($fluid + $stiff);
            $thin = $this->viscosity->at($kelvin, $alpha, $pace * $this->law->timeTo($alpha, $kelvin)) < $viscosity;
            [$fluid, $stiff] = $thin ? [$alpha, $stiff] : [$fluid, $alpha];
        }

        return $this->law->timeTo($stiff, $kelvin);
    }

    /** The same in whole minutes; none where it is so thick from the start. */
    public function lineAfter(float $viscosity, float $kelvin): int
    {
        return $this->viscosity->at($kelvin, 0.0, 0.0) >= $viscosity ? 0 : (int) round($this->thickens($viscosity, $kelvin) / 60.0);
    }

    /** When a film of it gels that keeps one temperature, s. */
    public function filmGels(float $kelvin): float
    {
        return $this->law->timeTo($this->law->gelConversion, $kelvin);
    }

    /** When a next coat bonds with such a film, s. */
    public function filmRecoats(float $kelvin): float
    {
        return $this->filmIs($this->opensAge, $kelvin);
    }

    /** When such a film is hard enough to be turned over, s. */
    public function filmHardens(float $kelvin): float
    {
        return $this->filmIs($this->demoldAge, $kelvin);
    }

    /** When such a film is fully cured, s. */
    public function filmCures(float $kelvin): float
    {
        return $this->filmIs($this->curedAge, $kelvin);
    }

    /** When such a film is so old after it has gelled, s at the temperature of the sheet. */
    private function filmIs(float $age, float $kelvin): float
    {
        return $this->filmGels($kelvin) + $age / $this->law->pace($kelvin, $this->resin->sheet->temperature);
    }

    /**
     * How near a pour is to the end of its working time, which comes at 1: by conversion or by viscosity, whichever is
     * sooner; at most 2, about even in time near 1.
     */
    public function stiffness(float $kelvin, float $alpha, float $age): float
    {
        $viscosity = 1.0 + log($this->viscosity->at($kelvin, $alpha, $age) / Viscosity::WORKABLE);

        return min(2.0, max($alpha / max(1e-12, $this->workingConversion), $viscosity));
    }
}
