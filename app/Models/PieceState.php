<?php

declare(strict_types=1);

namespace App\Models;

use App\Interchange\PlanFile\PlanDocument;
use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Database\Eloquent\Model;

/**
 * What a piece was, or will be again, at one step of its changes.
 *
 * @property int                  $number
 * @property array<string, mixed> $document
 * @property string|null          $print    fingerprint of the document
 * @property string|null          $go       names what was done in one go with the states beside it
 */
final class PieceState extends Model
{
    public $timestamps = false;

    protected $fillable = ['number', 'document', 'print', 'go'];

    /** @return Attribute<array<string, mixed>, string> taken as a piece has it stored */
    protected function document(): Attribute
    {
        return Attribute::make(get: fn(mixed $stored): array => is_string($stored) ? PlanDocument::stored($stored, '')->fields() : []);
    }
}
