<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Interchange\Form\PlanFields;
use App\Models\Piece;
use Pensilis\Quantity\Length;
use Pensilis\Quantity\UnitSystem;

/** The fields of a piece with what stands in them: its values, or what was typed and refused. */
final readonly class PieceForm
{
    public PlanFields $fields;

    public FieldTexts $texts;

    public function __construct(Piece $piece, private UnitSystem $system)
    {
        $this->fields = new PlanFields($piece->document);
        $this->texts = new FieldTexts($piece->document, $system);
    }

    /**
     * How the drawings write a length into a field.
     *
     * @return array{unit: string, millimetres: float, digits: int}
     */
    public function lengths(): array
    {
        return $this->system === UnitSystem::Us
            ? ['unit' => 'in', 'millimetres' => Length::INCH, 'digits' => 3]
            : ['unit' => 'mm', 'millimetres' => 1.0, 'digits' => 1];
    }
}
