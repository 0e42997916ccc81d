<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Closure;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Query\Builder as QueryBuilder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Pensilis\Record\Event as Happening;
use Pensilis\Record\EventKind;
use Pensilis\Scheduling\StudioClock;

/**
 * Something that happened to a piece. Rows are only added: the database refuses to change or remove one, and each carries the hash of all
 * before it in its studio and itself (SHA-256), so that a chain that was tampered with shows where. What was a mistake is taken back by a
 * later one.
 *
 * @property int                     $seq
 * @property string                  $id        made by who notes it: the same one twice is one
 * @property int                     $studio_id
 * @property string                  $piece_id
 * @property EventKind               $kind
 * @property string|null             $pour      its id
 * @property string                  $cup
 * @property string|null             $event     what is taken back
 * @property CarbonImmutable         $at        when it happened
 * @property CarbonImmutable         $noted_at
 * @property int|null                $by        who noted it
 * @property array<array-key, mixed> $body      what else is said of it
 * @property array<int, float>|null  $taken     off the shelf, g or pieces by supply
 * @property string                  $hash
 */
final class Event extends Model
{
    /** What is kept of a mix: by cup and stick, and what is left over of it. */
    public const LOSS = 'cup and stick';

    public const LEFT_OVER = 'left over';

    /** Columns besides the body: what an event is found by. */
    private const OWN = ['pour' => 1, 'cup' => 1, 'event' => 1];

    private const HASHED = [
        'id', 'studio_id', 'piece_id', 'kind', 'pour', 'cup', 'event', 'at', 'noted_at', 'by', 'body', 'taken',
    ];

    public $timestamps = false;

    protected $primaryKey = 'seq';

    protected $guarded = [];

    /**
     * @param array<string, mixed> $says  what its kind says
     * @param array<int, float>    $taken off the shelf
     * @param string               $id    new where none is given
     */
    public static function note(
        Piece $piece,
        EventKind $kind,
        array $says,
        ?Carbon $at = null,
        string $id = '',
        array $taken = [],
    ): self {
        return DB::transaction(function () use ($piece, $kind, $says, $at, $id, $taken): self {
            $known = $id === '' ? null : self::query()->where('piece_id', $piece->id)->where('id', $id)->first();
            if ($known instanceof self) {
                return $known;
            }
            $now = now()->utc()->startOfSecond();
            $event = (new self())->forceFill([
                'id'   => $id === '' ? Str::lower((string) Str::ulid()) : $id, 'studio_id' => $piece->studio_id, 'piece_id' => $piece->id,
                'kind' => $kind, 'pour' => $says['pour'] ?? null, 'cup' => $says['cup'] ?? '', 'event' => $says['event'] ?? null,
                'at'   => ($at ?? $now)->clone()->utc()->startOfSecond(), 'noted_at' => $now, 'by' => auth()->id(),
                'body' => array_diff_key($says, self::OWN), 'taken' => $taken === [] ? null : $taken,
            ]);
            $last = self::query()->where('studio_id', $piece->studio_id)->latest('seq')->value('hash');
            $event->forceFill(['hash' => $event->linked(is_string($last) ? $last : '')])->save();

            return $event;
        });
    }

    /**
     * A mix with what was kept of it and what is left over, and what came of it.
     *
     * @param array{pour: string, cup: string, resin: string, mixed_g: float, kept_g: float, over_g: float, ...<string>} $mix
     * @param array<int, float> $taken off the shelf
     */
    public static function mix(Piece $piece, array $mix, array $taken, ?Carbon $at = null): void
    {
        $of = array_intersect_key($mix, ['pour' => 1, 'cup' => 1]);
        self::note($piece, EventKind::Mixed, $of + ['g' => $mix['mixed_g'], 'resin' => $mix['resin']], $at, taken: $taken);
        foreach ([[$mix['kept_g'], self::LOSS], [$mix['over_g'], self::LEFT_OVER]] as [$grams, $for]) {
            if ($grams > 0.0) {
                self::note($piece, EventKind::Kept, $of + ['g' => $grams, 'for' => $for], $at);
            }
        }
        $judged = array_filter(array_intersect_key($mix, ['bubbles' => 1, 'clarity' => 1]), fn(string $said): bool => $said !== '');
        if ($judged !== []) {
            self::note($piece, EventKind::Judged, $of + $judged, $at);
        }
    }

    /**
     * Those that were not taken back, unless that was taken back too.
     *
     * @param Builder<self> $query
     */
    public function scopeCounting(Builder $query): void
    {
        $query->from('counted_events as events');
    }

    /**
     * Those that bear on when what is still to come can be done, and what took one of them back.
     *
     * @param Builder<self> $query
     */
    public function scopeTiming(Builder $query): void
    {
        $kinds = [...EventKind::timing(), EventKind::TakenBack];
        $of = fn(QueryBuilder $events): QueryBuilder => $events->select('id')->from('events', 'others')
            ->whereColumn('others.piece_id', 'events.piece_id')->whereIn('kind', $kinds);
        $query->whereIn('kind', $kinds)
            ->where(fn(Builder $some) => $some->where('kind', '!=', EventKind::TakenBack)->orWhereIn('event', $of));
    }

    /**
     * As the core folds it.
     *
     * @param array<string, int> $numbers of pours by their ids
     * @param StudioClock        $clock   of the plan
     */
    public function happened(array $numbers, StudioClock $clock): Happening
    {
        $hour = fn(mixed $at): float => is_string($at) ? $clock->hourAt(new DateTimeImmutable($at)) : 0.0;

        return new Happening(
            "/record/events/{$this->seq}",
            $this->id,
            $this->kind,
            $clock->hourAt($this->at),
            $this->pour === null ? null : $numbers[$this->pour] ?? null,
            $this->cup,
            $this->some(fn(mixed $one): ?float => is_int($one) || is_float($one) ? (float) $one : null),
            ['event' => $this->event ?? ''] + $this->some(fn(mixed $one): ?string => is_string($one) ? $one : null),
            $this->kind === EventKind::Away ? [[$hour($this->body['from'] ?? null), $hour($this->body['to'] ?? null)]] : [],
        );
    }

    /**
     * @template T
     *
     * @param Closure(mixed): (T|null) $as
     *
     * @return array<string, T> what of its body is that
     */
    private function some(Closure $as): array
    {
        $some = [];
        foreach ($this->body as $key => $value) {
            $read = $as($value);
            $some += $read === null ? [] : [(string) $key => $read];
        }

        return $some;
    }

    /** Its hash after another: what it says, keys in order, behind the hash of the one before. */
    public function linked(string $before): string
    {
        $says = array_intersect_key($this->attributes, array_flip(self::HASHED));
        ksort($says);
        $says = array_map(fn(mixed $value): string => is_scalar($value) ? (string) $value : '', $says);

        return hash('sha256', $before . json_encode($says, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind'  => EventKind::class, 'at' => 'immutable_datetime', 'noted_at' => 'immutable_datetime', 'body' => 'array',
            'taken' => 'array',
        ];
    }
}
