<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * How a coat was coloured, kept for others.
 *
 * @property int                  $id
 * @property string               $name
 * @property array<string, mixed> $document `coat` and the `colours` that it is mixed of
 */
final class Recipe extends Model
{
    protected $fillable = ['name', 'document'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'json'];
    }
}
