<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One mix as it really was: what was mixed, what cup and stick kept, what was over and could still be poured. Grams.
 *
 * @property int                    $id
 * @property int                    $studio_id
 * @property string                 $piece_id
 * @property int                    $pour       its number from 0 when it was mixed
 * @property string                 $pour_id    id of the pour, whatever its number has become
 * @property string                 $resin      name
 * @property float                  $mixed_g
 * @property float                  $kept_g
 * @property float                  $over_g
 * @property array<int, float>|null $taken      off the shelf, g or pieces by supply
 * @property string|null            $bubbles    how many stayed, one of BUBBLES
 * @property string|null            $clarity    how clear it came out, one of CLARITY
 * @property Carbon                 $created_at
 */
final class Mixing extends Model
{
    public const BUBBLES = ['none', 'few', 'many'];

    public const CLARITY = ['clear', 'haze', 'yellow'];

    protected $fillable = ['studio_id', 'pour', 'pour_id', 'resin', 'mixed_g', 'kept_g', 'over_g', 'taken', 'bubbles', 'clarity'];

    /** @return array<string, string> what came of it, as its form shows it */
    public function cameOut(): array
    {
        return ['bubbles' => $this->bubbles ?? '', 'clarity' => $this->clarity ?? ''];
    }

    /** Puts back on the shelf what it took, and is as if it had not been. */
    public function takeBack(): void
    {
        foreach ($this->taken ?? [] as $supply => $grams) {
            Supply::withTrashed()->where('studio_id', $this->studio_id)->find($supply)?->use(-$grams);
        }
        $this->delete();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['taken' => 'json'];
    }
}
