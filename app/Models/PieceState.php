<?php

declare(strict_types=1);

namespace App\Models;

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

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'json'];
    }
}
