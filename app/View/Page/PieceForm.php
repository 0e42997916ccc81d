<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Interchange\Form\Field;
use App\Interchange\Form\PlanFields;
use App\Models\Piece;
use Pensilis\Quantity\Length;
use Pensilis\Quantity\UnitSystem;

/** The fields of a piece with what stands in them: its values, or what was typed and refused. */
final readonly class PieceForm
{
    public PlanFields $fields;

    /** @var array<string, mixed> read once: the model decodes it each time it is asked */
    private array $document;

    public function __construct(Piece $piece, private UnitSystem $system)
    {
        $this->document = $piece->document;
        $this->fields = new PlanFields($this->document);
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

    public function typed(Field $field): string
    {
        $old = old("f.{$field->pointer}");

        return is_string($old) ? $old : $field->text($this->document, $this->system);
    }
}
