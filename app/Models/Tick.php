<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A step of a pour sheet that is done.
 *
 * @property string $step where it stands on the sheet, such as "pour 0 set cone"
 */
final class Tick extends Model
{
    protected $fillable = ['step'];
}
