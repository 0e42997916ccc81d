<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One mix as it really was: what was mixed, what cup and stick kept, what was over and could still be poured. Grams.
 *
 * @property int    $id
 * @property int    $pour       index in the piece
 * @property string $resin      name
 * @property float  $mixed_g
 * @property float  $kept_g
 * @property float  $over_g
 * @property Carbon $created_at
 */
final class Mixing extends Model
{
    protected $fillable = ['studio_id', 'pour', 'resin', 'mixed_g', 'kept_g', 'over_g'];
}
