<?php

declare(strict_types=1);

namespace App\Models;

use App\Interchange\PlanFile;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use Pensilis\Plan\Plan;

/**
 * A piece of a studio, kept as its plan file.
 *
 * @property string               $id
 * @property int                  $studio_id
 * @property string               $title
 * @property array<string, mixed> $document
 * @property Carbon               $updated_at
 */
final class Piece extends Model
{
    use HasUlids;
    use SoftDeletes;

    protected $fillable = ['title', 'document'];

    /** @return BelongsTo<Studio, $this> */
    public function studio(): BelongsTo
    {
        return $this->belongsTo(Studio::class);
    }

    public function plan(): Plan
    {
        return PlanFile::plan($this->document);
    }

    /**
     * Takes a document that is known to make a plan; the title goes with it.
     *
     * @param array<string, mixed> $document
     */
    public function hold(array $document): self
    {
        $title = $document['title'] ?? '';

        return $this->fill(['document' => $document, 'title' => is_string($title) ? $title : '']);
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
