<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * The photograph of a laid-out piece, as it was encoded here. Pixels count from its upper left corner.
 *
 * @property int        $id
 * @property string     $piece_id
 * @property string     $place        on the local disk
 * @property int        $width        pixels
 * @property int        $height
 * @property float|null $mm_per_pixel null until it was scaled
 * @property float      $middle_x     where the middle of the vessel is seen, pixels
 * @property float      $middle_y
 */
final class Photograph extends Model
{
    use Picture;

    protected $fillable = ['place', 'width', 'height', 'mm_per_pixel', 'middle_x', 'middle_y'];
}
