<?php

declare(strict_types=1);

namespace App\Models;

use App\Interchange\PlanFile\PlanFile;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Pensilis\Plan\Plan;
use Pensilis\PlanFile\PlanRefused;

/**
 * A piece of a studio, kept as its plan file.
 *
 * @property string               $id
 * @property int                  $studio_id
 * @property string               $title
 * @property array<string, mixed> $document
 * @property int                  $state
 * @property int|null             $vessel_id  the vessel on the shelf that it is cast in
 * @property Carbon               $updated_at
 */
final class Piece extends Model
{
    use HasUlids;
    use SoftDeletes;

    /** Changes that can be undone. */
    private const STEPS = 50;

    private ?Plan $known = null;

    /** The document as it is stored, of which the known plan is. */
    private mixed $knownOf = null;

    /** @var array<string, mixed> */
    protected $attributes = ['state' => 0];

    protected $fillable = ['title', 'document', 'vessel_id'];

    /** @return BelongsTo<Studio, $this> */
    public function studio(): BelongsTo
    {
        return $this->belongsTo(Studio::class);
    }

    /** Read once for each document that it holds. */
    public function plan(): Plan
    {
        if ($this->known !== null && $this->knownOf === $this->attributes['document']) {
            return $this->known;
        }

        return $this->know(PlanFile::plan($this->document, $this->meshes()));
    }

    /** What its plan may take meshes from: those read in this request are not read again. */
    public function meshes(): KeptMeshes
    {
        $meshes = app(KeptMeshes::class);

        return $meshes->isOf($this->studio_id) ? $meshes : new KeptMeshes($this->studio_id);
    }

    /**
     * Takes a document; the title goes with it.
     *
     * @param array<string, mixed> $document that makes a plan
     */
    public function hold(array $document): self
    {
        $title = $document['title'] ?? '';

        return $this->fill(['document' => PlanFile::tidy($document), 'title' => is_string($title) ? $title : '']);
    }

    /**
     * Changes the piece so that it can be undone.
     *
     * @param array<string, mixed> $document
     *
     * @throws PlanRefused where it makes no plan; then nothing is changed
     */
    public function change(array $document): void
    {
        if ($document === $this->document) {
            return;
        }
        $plan = PlanFile::sound($document, $this->meshes());
        DB::transaction(function () use ($document): void {
            if (Vessel::of($document) !== Vessel::of($this->document)) {
                $this->forceFill(['vessel_id' => null]);
            }
            $this->states()->where('number', '>', $this->state)->delete();
            $this->states()->updateOrCreate(['number' => $this->state], ['document' => $this->document]);
            $this->hold($document)->forceFill(['state' => $this->state + 1])->save();
            $this->states()->create(['number' => $this->state, 'document' => $document]);
            $this->states()->where('number', '<', $this->state - self::STEPS)->delete();
        });
        $this->know($plan);
    }

    private function know(Plan $plan): Plan
    {
        $this->knownOf = $this->attributes['document'];

        return $this->known = $plan;
    }

    /** Goes so many changes back or forth; false where there are none. */
    public function step(int $by): bool
    {
        $state = $this->states()->where('number', $this->state + $by)->first();

        return $state !== null && $this->hold($state->document)->forceFill(['state' => $state->number])->save();
    }

    /** @return HasMany<PieceState, $this> */
    public function states(): HasMany
    {
        return $this->hasMany(PieceState::class);
    }

    /** @return HasMany<Mixing, $this> */
    public function mixings(): HasMany
    {
        return $this->hasMany(Mixing::class);
    }

    /** @return HasOne<Photograph, $this> */
    public function photograph(): HasOne
    {
        return $this->hasOne(Photograph::class);
    }

    /** Names what the answers depend on: all of the document. */
    public function fingerprint(): string
    {
        return hash('xxh128', PlanFile::write($this->document));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'json'];
    }
}
