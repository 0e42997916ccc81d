<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Models\KeptMeshes;
use App\Models\Piece;
use App\Models\Vessel;
use App\View\Drawing\Silhouette;
use App\Words\Words;
use Pensilis\PlanFile\PlanRefused;
use Pensilis\Quantity\Figure;
use Pensilis\Quantity\Length;
use Pensilis\Quantity\UnitSystem;
use Pensilis\Quantity\Volume;

/** A vessel in a line of the shelf: its size, what it holds, how full it was last time. */
final readonly class ShelfVessel
{
    private function __construct(
        public Vessel $vessel,
        public ?Silhouette $silhouette,
        public string $size,
        public string $holds,
        public ?string $last,
    ) {}

    public static function of(Vessel $vessel, KeptMeshes $meshes, UnitSystem $system): self
    {
        try {
            $inside = $vessel->shape($meshes);
        } catch (PlanRefused) {
            return new self($vessel, null, '', '', null);
        }
        $last = $vessel->lastPiece?->makesPlan() === true ? $vessel->lastPiece : null;

        return new self(
            $vessel,
            new Silhouette($inside->shape, []),
            PieceLine::size($inside->shape, $system),
            Volume::millilitres(1e6 * $inside->volumeBetween(0.0, $inside->fill))->print($system),
            $last === null ? null : self::last($last, $inside->shape->height(), $system),
        );
    }

    /** How often it was cast in, of how often it is good for, and where it is from. */
    public function wear(): string
    {
        $lasts = $this->vessel->lasts;
        $cast = Words::say('shelf.vessels.cast', count: $this->vessel->casted(), values: ['count' => $this->vessel->casted()])
            . ($lasts === null ? '' : ' ' . Words::say('shelf.vessels.of-about', ['lasts' => $lasts]));

        return $cast . ($this->vessel->origin === '' ? '' : ", {$this->vessel->origin}");
    }

    private static function last(Piece $piece, float $height, UnitSystem $system): string
    {
        $fill = $piece->plan()->vessel->fill;

        return Words::say('shelf.vessels.last', [
            'fill'  => Length::metres($fill)->print($system), 'share' => Figure::fixed(100.0 * $fill / $height, 0) . ' %',
            'piece' => $piece->title, 'day' => $piece->studio->local($piece->updated_at)->format('j M Y'),
        ]);
    }
}
