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
    /** Objects of which all fields stand there at once; of more, what each is comes when it is opened. */
    private const MANY = 40;

    public PlanFields $fields;

    public FieldTexts $texts;

    public bool $isLong;

    /** @param list<int> $opened numbers of objects of which all is wanted */
    public function __construct(Piece $piece, private UnitSystem $system, private array $opened = [])
    {
        $this->isLong = count($piece->plan()->inclusions) > self::MANY;
        $this->fields = new PlanFields($piece->document);
        $this->texts = new FieldTexts($piece->document, $system);
    }

    /** Whether it has the fields that say what an object is. */
    public function isOpen(int $object): bool
    {
        return !$this->isLong || in_array($object, $this->opened, true);
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
