<?php

declare(strict_types=1);

namespace App\Models;

use App\Interchange\PlanFile\PlanDocument;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use Pensilis\Plan\GivenPour;
use Pensilis\Plan\Plan;
use Pensilis\PlanFile\PlanRefused;

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
    use KeepsSteps;
    use SoftDeletes;

    private ?PlanDocument $says = null;

    /** @var array<string, mixed> */
    protected $attributes = ['state' => 0];

    protected $fillable = ['title', 'document', 'vessel_id'];

    /** @return BelongsTo<Studio, $this> */
    public function studio(): BelongsTo
    {
        return $this->belongsTo(Studio::class);
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

    /** What it says: taken apart once for each text that is stored. */
    private function says(): PlanDocument
    {
        $stored = $this->attributes['document'] ?? '{}';
        if (!is_string($stored) || $this->says?->text() !== $stored) {
            $this->says = PlanDocument::stored(is_string($stored) ? $stored : '{}', $this->zone());
        }

        return $this->says;
    }

    public function plan(): Plan
    {
        return $this->says()->plan($this->meshes());
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
        return $this->say(PlanDocument::of($document));
    }

    private function say(PlanDocument $says): self
    {
        $this->attributes['document'] = $says->text();

        return $this->fill(['title' => $says->title()]);
    }

    /** What happened to it. */
    public function record(): PieceRecord
    {
        return new PieceRecord($this);
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
        return $this->says()->print();
    }

    /** @return Attribute<array<string, mixed>, array<string, mixed>> */
    protected function document(): Attribute
    {
        return Attribute::make(
            get: fn(): array => $this->says()->fields(),
            set: fn(array $document): string => json_encode($document, JSON_THROW_ON_ERROR),
        )->withoutObjectCaching();
    }
}
