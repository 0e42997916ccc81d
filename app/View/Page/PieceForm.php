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

    /** @var array<string, mixed> */
    private array $document;

    /** @var array<array-key, mixed> what was typed and refused, by pointer */
    private array $old;

    public function __construct(Piece $piece, private UnitSystem $system)
    {
        $this->document = $piece->document;
        $old = old('f');
        $this->old = is_array($old) ? $old : [];
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

    public function typed(Field $field, string $shown): string
    {
        $old = $this->old[$field->pointer] ?? null;

        return is_string($old) ? $old : $shown;
    }

    /** What stands there when nothing was typed. */
    public function shown(Field $field): string
    {
        return $field->text($this->document, $this->system);
    }

    public function tip(Field $field): string
    {
        return $field->tip($this->system);
    }
}
