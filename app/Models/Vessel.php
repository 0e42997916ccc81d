<?php

declare(strict_types=1);

namespace App\Models;

use App\Interchange\PlanFile\PlanFile;
use App\Interchange\PlanFile\Starters;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Eloquent\SoftDeletes;
use Pensilis\Vessel\Vessel as Shape;

/**
 * A vessel on the shelf, kept as the `vessel` of a plan file without its fill.
 *
 * @property int                  $id
 * @property int                  $studio_id
 * @property string               $name
 * @property array<string, mixed> $document
 * @property bool                 $spare        may be filled with what is left of a mix
 * @property int|null             $pieces_count
 * @property int                  $casts_before casts before it was on the shelf
 * @property int|null             $lasts        casts that it is good for
 * @property string               $origin
 * @property int|null             $cast_count   pieces of which a mix was written down, where that was asked for
 */
final class Vessel extends Model
{
    use SoftDeletes;

    /** What belongs to one piece, not to the vessel. */
    private const OF_A_PIECE = ['fill_mm' => 1, 'viewed' => 1, 'level' => 1];

    /** Share of its casts from which a mold is watched (memory). */
    private const WORN = 0.9;

    protected $fillable = ['name', 'document', 'spare', 'casts_before', 'lasts', 'origin'];

    protected $attributes = ['casts_before' => 0, 'origin' => ''];

    /** @return HasMany<Piece, $this> */
    public function pieces(): HasMany
    {
        return $this->hasMany(Piece::class);
    }

    /** @return HasOne<Piece, $this> the piece that was worked on last */
    public function lastPiece(): HasOne
    {
        return $this->hasOne(Piece::class)->latestOfMany('updated_at');
    }

    /**
     * @param array<string, mixed> $document of a piece
     *
     * @return array<string, mixed>
     */
    public static function of(array $document): array
    {
        $vessel = is_array($document['vessel'] ?? null) ? $document['vessel'] : [];

        /** @var array<string, mixed> */
        return array_diff_key($vessel, self::OF_A_PIECE);
    }

    /** @return array<string, string> as its form shows it */
    public function plain(): array
    {
        return [
            'name'   => $this->name, 'casts_before' => (string) $this->casts_before, 'lasts' => (string) $this->lasts,
            'origin' => $this->origin,
            'spare'  => $this->spare ? 'yes' : '',
        ];
    }

    public function casted(): int
    {
        return $this->casts_before + (int) $this->cast_count;
    }

    public function isWorn(): bool
    {
        return $this->lasts !== null && $this->casted() >= self::WORN * $this->lasts;
    }

    public function shape(KeptMeshes $meshes): Shape
    {
        return PlanFile::plan(['vessel' => $this->document] + Starters::piece('Vessel', 'deep', '2026-01-01T08:00'), $meshes)->vessel;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'json', 'spare' => 'bool'];
    }
}
