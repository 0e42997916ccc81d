<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * The picture that a piece is to look like, and the shades that make up most of it.
 *
 * @property int                        $id
 * @property string                     $piece_id
 * @property string                     $place    on the local disk
 * @property int                        $width    pixels
 * @property int                        $height
 * @property list<array{string, float}> $shades   #rrggbb and its share of the picture, the largest first
 */
final class Reference extends Model
{
    use Picture;

    protected $fillable = ['place', 'width', 'height', 'shades'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['shades' => 'json'];
    }
}
