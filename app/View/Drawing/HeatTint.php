<?php

declare(strict_types=1);

namespace App\View\Drawing;

use Pensilis\Quantity\Temperature;
use Pensilis\Quantity\UnitSystem;
use Pensilis\Thermal\Run\PeakField;
use Pensilis\Vessel\Vessel;

/** The greatest heat that each part of a piece meets, tinted into its section. */
final readonly class HeatTint
{
    public Bands $bands;

    public TintedSection $cells;

    public string $text;

    public function __construct(PeakField $field, SectionDrawing $section, Vessel $vessel, UnitSystem $system)
    {
        $celsius = fn(float $kelvin): float => $kelvin - Temperature::ZERO_CELSIUS;
        [$least, $greatest] = $field->span();
        $bands = Bands::heat($celsius($least), $celsius($greatest), $system);
        $this->bands = $bands;
        $this->cells = new TintedSection($section, $vessel);
        $this->text = $this->cells->text(function (float $height, float $share) use ($field, $bands, $celsius): ?int {
            $kelvin = $field->at($height, $share * $field->radius());

            return $kelvin === null ? null : $bands->of($celsius($kelvin));
        });
    }
}
