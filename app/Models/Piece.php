<?php

declare(strict_types=1);

namespace App\Models;

use App\Interchange\PlanFile\PlanFile;
use App\Interchange\PlanFile\PourShaping;
use App\Interchange\PlanFile\Zoned;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Pensilis\Finding\Finding as Found;
use Pensilis\Layout\LaidPour;
use Pensilis\Plan\GivenPour;
use Pensilis\Plan\Plan;
use Pensilis\PlanFile\PlanRefused;
use Pensilis\Record\Event as Happening;
use Pensilis\Record\EventKind;
use Pensilis\Record\Progress;
use Pensilis\Record\Record;

/**
 * A piece of a studio, kept as its plan file. However that is stored, what it says is said by the clock of the studio.
 *
 * @property string               $id
 * @property int                  $studio_id
 * @property Studio               $studio
 * @property string               $title
 * @property array<string, mixed> $document
 * @property int                  $state
 * @property int|null             $vessel_id  the vessel on the shelf that it is cast in
 * @property Carbon               $updated_at
 * @property int|null             $mixed      of how many pours a mix was written down, where that was asked for
 * @property int|null             $recorded   the last that was noted of it that bears on its times, where that was asked for
 */
final class Piece extends Model
{
    use HasUlids;
    use SoftDeletes;

    /** Changes that can be undone. */
    private const STEPS = 50;

    /** States of one go that are kept. */
    private const PARTS = 10;

    /** How often a change is tried again that others were quicker than. */
    private const TRIES = 20;

    private ?Plan $known = null;

    /** The document as it is stored, of which the known plan is. */
    private mixed $knownOf = null;

    /** @var array{string, array<string, mixed>} the document as it is stored, and what it says: decoded once */
    private array $read = ['', []];

    private ?string $print = null;

    /** @var array<string, mixed> */
    protected $attributes = ['state' => 0];

    protected $fillable = ['title', 'document', 'vessel_id'];

    /** @return BelongsTo<Studio, $this> */
    public function studio(): BelongsTo
    {
        return $this->belongsTo(Studio::class);
    }

    /**
     * What is, from all that happened to it; nothing where its plan has no clock.
     *
     * @param Plan|null $plan of it with pours that it does not give itself
     * @param float     $now  hour of its plan, where nothing was poured
     */
    public function progress(?Plan $plan = null, float $now = 0.0): Progress
    {
        [$plan, $clock] = [$plan ?? $this->plan(), $this->plan()->studio->clock];
        $progress = $this->record($plan)->progress($plan, $now);

        return $progress->happened()->begun === [] ? $progress : $progress->at($clock->hourAt(now()));
    }

    /** The same by the last that was noted of it, whatever time it is. */
    public function soFar(Plan $plan): Progress
    {
        $record = $this->record($plan);

        return $record->progress($plan, $record->last());
    }

    /**
     * With the last that was noted of each that bears on its times.
     *
     * @param Builder<self> $query
     */
    public function scopeWithRecorded(Builder $query): void
    {
        $query->withMax(['events as recorded' => (new Event())->scopeTiming(...)], 'seq');
    }

    /** The last that was noted of it that bears on its times; 0 where nothing was. */
    public function recorded(): int
    {
        $last = array_key_exists('recorded', $this->attributes) ? $this->recorded : $this->events()->timing()->max('seq');

        return is_numeric($last) ? (int) $last : 0;
    }

    /** All that happened to it, by the clock of a plan of it and the numbers that its pours have there; nothing where it has no clock. */
    public function record(Plan $plan): Record
    {
        if (!$plan->studio->clock->isSet()) {
            return Record::of([]);
        }
        $numbers = array_flip(GivenPour::ids($plan->pours));
        $rows = $this->events()->oldest('seq')->get()->all();

        return Record::of(array_map(fn(Event $one): Happening => $one->happened($numbers, $plan->studio->clock), array_values($rows)));
    }

    /**
     * What makes it impossible that something happened to it then; null where nothing does, or it has no clock to tell by.
     *
     * @param string    $pour id, where it happened to one
     * @param Plan|null $plan of it with pours that it does not give itself
     */
    public function disorder(EventKind $kind, string $pour = '', ?Carbon $at = null, ?Plan $plan = null): ?Found
    {
        $plan ??= $this->plan();
        [$clock, $numbers] = [$plan->studio->clock, array_flip(GivenPour::ids($plan->pours))];
        if (!$clock->isSet() || ($pour !== '' && !isset($numbers[$pour]))) {
            return null;
        }
        $next = new Happening('', '', $kind, $clock->hourAt($at ?? now()), $numbers[$pour] ?? null);

        return $this->record($plan)->disorderOf($next, $plan, $clock->hourAt(now()));
    }

    /** @return array<string, int> of the pours that it gives, by their ids */
    public function numbers(): array
    {
        return $this->makesPlan() ? array_flip(GivenPour::ids($this->plan()->pours)) : [];
    }

    /** @return HasMany<Event, $this> */
    public function events(): HasMany
    {
        return $this->hasMany(Event::class);
    }

    /** A name of what it says, without reading it. */
    public function stored(): string
    {
        $stored = $this->attributes['document'] ?? '';

        return hash('xxh128', $this->zone() . ' ' . (is_string($stored) ? $stored : ''));
    }

    private function zone(): string
    {
        return $this->studio->zone;
    }

    /** Read once for each document that it holds. */
    public function plan(): Plan
    {
        if ($this->known !== null && $this->knownOf === $this->attributes['document']) {
            return $this->known;
        }

        return $this->know(PlanFile::plan($this->document, $this->meshes()));
    }

    /** Whether it makes a plan: one that is kept may not by later rules, or without a mesh that is gone. */
    public function makesPlan(): bool
    {
        try {
            $this->plan();
        } catch (PlanRefused) {
            return false;
        }

        return true;
    }

    /** What its plan may take meshes from: those read in this request are not read again. */
    public function meshes(): KeptMeshes
    {
        $meshes = app(KeptMeshes::class);

        return $meshes->isOf($this->studio_id) ? $meshes : new KeptMeshes($this->studio_id);
    }

    /**
     * Takes a document; the title goes with it. What happened is no part of it: that is only added to.
     *
     * @param array<string, mixed> $document that makes a plan
     */
    public function hold(array $document): self
    {
        $title = $document['title'] ?? '';

        $document = array_diff_key(PlanFile::tidy($document), ['record' => 1]);

        return $this->fill(['document' => $document, 'title' => is_string($title) ? $title : '']);
    }

    /**
     * Changes the piece so that it can be undone: what is stored goes through the change, and what comes of it is kept unless somebody
     * else was quicker; then it is done again on what that one left.
     *
     * @param callable(array<string, mixed>): array<string, mixed> $change
     * @param string                                               $seen   fingerprint of what was looked at, where it must be that
     * @param string                                               $go     names what is done in one go, and undone as one
     *
     * @throws PlanRefused      where it makes no plan; then nothing is changed
     * @throws ChangedMeanwhile
     */
    public function change(callable $change, string $seen = '', string $go = ''): void
    {
        for ($try = 1; $try <= self::TRIES; $try++) {
            if ($seen !== '' && $seen !== $this->fingerprint()) {
                throw ChangedMeanwhile::of($this);
            }
            $named = $this->makesPlan() ? PourShaping::named($this->document, $this->plan()->pours) : $this->document;
            $document = $change($named);
            if ($document === $named) {
                return;
            }
            $plan = PlanFile::sound($document, $this->meshes());
            if ($this->keep($document, $go)) {
                $this->know($plan);

                return;
            }
            $this->refresh();
        }
        throw ChangedMeanwhile::of($this);
    }

    /** @param array<string, mixed> $document */
    private function keep(array $document, string $go): bool
    {
        return DB::transaction(function () use ($document, $go): bool {
            if (!$this->isAsStored()) {
                return false;
            }
            if (Vessel::of($document) !== Vessel::of($this->document)) {
                $this->forceFill(['vessel_id' => null]);
            }
            $this->states()->where('number', '>', $this->state)->delete();
            $this->states()->updateOrCreate(['number' => $this->state], ['document' => $this->document, 'print' => $this->fingerprint()]);
            $this->hold($document)->forceFill(['state' => $this->state + 1])->save();
            $this->states()->create([
                'number' => $this->state, 'document' => $this->document, 'print' => $this->fingerprint(), 'go' => $go === '' ? null : $go,
            ]);
            $this->forget($go);

            return true;
        });
    }

    /** Forgets what cannot be undone any more, and what lies in the middle of a go but for what another page may still show. */
    private function forget(string $go): void
    {
        $past = fn(int $kept): Builder => $this->states()->getQuery()->latest('number')->skip($kept)->take(self::STEPS);
        if ($go !== '') {
            $this->states()->whereIn('id', $past(self::PARTS)->where('go', $go)->pluck('id'))->delete();
        }
        $this->states()->whereIn('id', $past(self::STEPS + 1)->pluck('id'))->delete();
    }

    /** Whether nobody has changed it since it was read. */
    private function isAsStored(): bool
    {
        $stored = self::query()->whereKey($this->id)->where('state', $this->state)->toBase()->value('document');

        return $stored === $this->attributes['document'];
    }

    /**
     * What the piece said when it had a fingerprint; null where that is too many changes ago.
     *
     * @return array<string, mixed>|null
     */
    public function asSeen(string $fingerprint): ?array
    {
        if ($fingerprint === $this->fingerprint()) {
            return $this->document;
        }
        $state = $this->states()->where('print', $fingerprint)->latest('id')->first();

        return $state === null ? null : Zoned::in($state->document, $this->zone());
    }

    private function know(Plan $plan): Plan
    {
        $this->knownOf = $this->attributes['document'];

        return $this->known = $plan;
    }

    /**
     * Goes one change back or forth; false where there is none.
     *
     * @throws ChangedMeanwhile where somebody else has changed what was looked at
     */
    public function step(bool $back, string $seen = ''): bool
    {
        return DB::transaction(function () use ($back, $seen): bool {
            if (($seen !== '' && $seen !== $this->fingerprint()) || !$this->isAsStored()) {
                throw ChangedMeanwhile::of($this);
            }
            $state = $back ? $this->before() : $this->after();

            return $state !== null && $this->hold($state->document)->forceFill(['state' => $state->number])->save();
        });
    }

    private function before(): ?PieceState
    {
        $go = $this->states()->where('number', $this->state)->value('go');

        return $this->states()->where('number', '<', $this->state)->latest('number')
            ->when($go !== null, fn(Builder $some) => $some->where(fn(Builder $one) => $one->whereNot('go', $go)->orWhereNull('go')))
            ->first();
    }

    private function after(): ?PieceState
    {
        $next = $this->states()->where('number', '>', $this->state)->oldest('number')->first();

        return $next?->go === null ? $next : $this->states()->where('go', $next->go)->latest('number')->first();
    }

    /** @return HasMany<PieceState, $this> */
    public function states(): HasMany
    {
        return $this->hasMany(PieceState::class);
    }

    /** @return HasMany<Tick, $this> */
    public function ticks(): HasMany
    {
        return $this->hasMany(Tick::class);
    }

    /** @return HasMany<Mixing, $this> */
    public function mixings(): HasMany
    {
        return $this->hasMany(Mixing::class);
    }

    /**
     * Writes a mix down, and takes what it used off the shelf.
     *
     * @param array{mixed_g: float, kept_g: float, over_g: float} $grams
     * @param array<string, float>                                $uses  g, or how many, by name
     */
    public function keepMix(Studio $studio, LaidPour $pour, array $grams, array $uses, ?Carbon $at = null): void
    {
        DB::transaction(function () use ($studio, $pour, $grams, $uses, $at): void {
            $taken = $studio->useUpByPour();
            foreach ($uses as $name => $used) {
                $taken += $studio->useUp($name, $used);
            }
            $mixes = $this->events()->where('kind', EventKind::Mixed)->where('pour', $pour->id)->count();
            Event::mix($this, ['pour' => $pour->id, 'cup' => 'm' . ($mixes + 1), 'resin' => $pour->resin->name] + $grams, $taken, $at);
        });
    }

    /** @return HasOne<Order, $this> the last that it is made for */
    public function order(): HasOne
    {
        return $this->hasOne(Order::class)->latestOfMany();
    }

    /** @return HasOne<Photograph, $this> */
    public function photograph(): HasOne
    {
        return $this->hasOne(Photograph::class);
    }

    /** @return HasOne<Reference, $this> the picture that it is to look like */
    public function reference(): HasOne
    {
        return $this->hasOne(Reference::class);
    }

    /** Names what the answers depend on: all of the document. */
    public function fingerprint(): string
    {
        $document = $this->document;

        return $this->print ??= hash('xxh128', PlanFile::write($document));
    }

    /** @return Attribute<array<string, mixed>, array<string, mixed>> */
    protected function document(): Attribute
    {
        return Attribute::make(
            get: fn(mixed $stored): array => $this->reading(is_string($stored) ? $stored : ''),
            set: fn(array $document): string => json_encode($document, JSON_THROW_ON_ERROR),
        )->withoutObjectCaching();
    }

    /** @return array<string, mixed> decoded once for each text that is stored */
    private function reading(string $stored): array
    {
        if ($this->read[0] !== $stored) {
            /** @var array<string, mixed> $document */
            $document = json_decode($stored, true, flags: JSON_THROW_ON_ERROR);
            [$this->read, $this->print] = [[$stored, Zoned::in($document, $this->zone())], null];
        }

        return $this->read[1];
    }
}
