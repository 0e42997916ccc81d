<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\Words\Figures;
use App\Words\Words;
use Pensilis\Material\Inclusion;

/** An object in a drawing: middle and half extents in drawing units, its numbers in millimetres for people. */
final readonly class DrawnObject
{
    /** Colour of what tells none of its own. */
    private const PLAIN = '#f3e3c4';

    public function __construct(
        public int $index,
        public string $id,
        public bool $round,
        public float $x,
        public float $y,
        public float $halfX,
        public float $halfY,
        public float $bottomMm,
        public float $xMm,
        public float $yMm,
        public bool $sits,
        public string $points,
        public string $group,
        public bool $atOdds,
        private Figures $figures,
        public ?Likeness $likeness = null,
        public string $tint = self::PLAIN,
    ) {}

    /**
     * The picture of an object, where its words tell of one that is seen from there, and its colour.
     *
     * @return array{Likeness|null, string}
     */
    public static function looksOf(Inclusion $object, bool $fromAbove): array
    {
        $likeness = Likeness::of($object->id, $object->stuff);
        $tint = $object->shade?->toHex() ?? $likeness?->tint() ?? self::PLAIN;

        return [$likeness === null || (!$fromAbove && $likeness->isFlat()) ? null : $likeness, $tint];
    }

    /** How the picture is brought from its square to the size of the object: lying along its longer side. */
    public function pose(): string
    {
        $turn = $this->halfX > $this->halfY && ($this->likeness?->isLong() ?? false) ? ' rotate(90)' : '';

        return "translate({$this->x} {$this->y}) scale({$this->halfX} {$this->halfY}){$turn}";
    }

    /** @return array{x: float, y: float, halfX: float, halfY: float, name: string} as its name is put to it */
    public function named(): array
    {
        return ['x' => $this->x, 'y' => $this->y, 'halfX' => $this->halfX, 'halfY' => $this->halfY, 'name' => $this->id];
    }

    public function says(): string
    {
        $print = fn(float $mm): string => $this->figures->length(1e-3 * $mm);

        return ($this->atOdds ? Words::say('piece.drawings.at-odds') : '') . Words::say('piece.drawings.object', [
            'object' => $this->id, 'bottom' => $print($this->bottomMm), 'right' => $print($this->xMm), 'behind' => $print($this->yMm),
        ]);
    }
}
