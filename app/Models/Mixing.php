<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Pensilis\Layout\LaidPour;
use Pensilis\Record\EventKind;

/**
 * One mix as it really was, as the record has it: what was mixed, what cup and stick kept, what was over and could still be poured. Grams.
 *
 * @property int                    $id
 * @property string                 $event      of it in the record
 * @property int                    $studio_id
 * @property string                 $piece_id
 * @property string                 $pour_id    id of the pour, whatever its number has become
 * @property string                 $cup        names it among the mixes of its pour
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

    public $timestamps = false;

    protected $table = 'mixes';

    /**
     * Writes one down, and takes what it used off the shelf.
     *
     * @param array{mixed_g: float, kept_g: float, over_g: float} $grams
     * @param array<string, float>                                $uses  g, or how many, by name
     */
    public static function keep(Piece $piece, LaidPour $pour, array $grams, array $uses, ?Carbon $at = null): void
    {
        DB::transaction(function () use ($piece, $pour, $grams, $uses, $at): void {
            $taken = $piece->studio->stock()->take($uses);
            $mixes = $piece->events()->where('kind', EventKind::Mixed)->where('pour', $pour->id)->count();
            Event::mix($piece, ['pour' => $pour->id, 'cup' => 'm' . ($mixes + 1), 'resin' => $pour->resin->name] + $grams, $taken, $at);
        });
    }

    /** @return array<string, string> what came of it, as its form shows it */
    public function cameOut(): array
    {
        return ['bubbles' => $this->bubbles ?? '', 'clarity' => $this->clarity ?? ''];
    }

    /** @param array<string, string> $judged what came of it; nothing where that is not said */
    public function judge(array $judged): void
    {
        $said = array_filter($judged, fn(string $one): bool => $one !== '');
        if ($said === array_filter($this->cameOut(), fn(string $one): bool => $one !== '')) {
            return;
        }
        Event::note($this->piece(), EventKind::Judged, ['pour' => $this->pour_id, 'cup' => $this->cup] + $said);
    }

    /** Puts back on the shelf what it took, and is as if it had not been. */
    public function takeBack(string $why = ''): void
    {
        DB::transaction(function () use ($why): void {
            $kept = Event::query()->counting()->where('piece_id', $this->piece_id)->where('kind', EventKind::Kept)
                ->where('pour', $this->pour_id)->where('cup', $this->cup)->pluck('id')->all();
            $piece = $this->piece();
            $piece->studio->stock()->giveBack($this->taken ?? []);
            foreach ([...$kept, $this->event] as $event) {
                Event::note($piece, EventKind::TakenBack, ['event' => $event] + ($why === '' ? [] : ['why' => $why]));
            }
        });
    }

    /** The number that its pour has now; null where there is none any more. */
    public function pour(): ?int
    {
        return $this->piece()->numbers()[$this->pour_id] ?? null;
    }

    private function piece(): Piece
    {
        return Piece::withTrashed()->with('studio')->findOrFail($this->piece_id);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['taken' => 'json', 'created_at' => 'datetime', 'mixed_g' => 'float', 'kept_g' => 'float', 'over_g' => 'float'];
    }
}
