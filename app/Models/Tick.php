<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A step of a pour sheet that is done, as the record has it.
 *
 * @property string $event of it in the record
 * @property string $step  where it stands on the sheet, such as "pde2a78be set cone"
 */
final class Tick extends Model
{
    public $timestamps = false;

    protected $table = 'done_steps';
}
