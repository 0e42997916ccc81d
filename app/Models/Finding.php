<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * What a test of one's own showed of a kind of thing; it goes before the library. The first of a kind that the library
 * does not know makes it known.
 *
 * @property int    $id
 * @property int    $studio_id
 * @property string $kind
 * @property string $name
 * @property Carbon $found_on
 * @property array{
 *     skeleton?: float, open?: float, closed?: float, water?: float, heat?: float, bleeds?: bool,
 *     soaks?: bool, fades?: bool,
 * } $figures
 * @property string $sealing
 * @property string $colour
 * @property string $note
 */
final class Finding extends Model
{
    protected $fillable = ['kind', 'name', 'found_on', 'figures', 'sealing', 'colour', 'note'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['figures' => 'json', 'found_on' => 'date'];
    }
}
