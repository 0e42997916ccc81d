<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * A request or an order: what is wanted, by whom, until when and for how much, and the piece that is made for it.
 *
 * @property int         $id
 * @property int         $studio_id
 * @property string|null $piece_id
 * @property string      $wanted
 * @property string      $whom      as the studio calls them
 * @property Carbon|null $due
 * @property float|null  $price
 * @property OrderStage  $stage
 * @property string      $note
 */
final class Order extends Model
{
    use SoftDeletes;

    /** Orders of a studio at the most. */
    public const MOST = 5000;

    /** What a form and a table say of one. */
    public const PLAIN = ['wanted', 'whom', 'due', 'price', 'stage', 'note'];

    protected $fillable = ['piece_id', ...self::PLAIN];

    protected $attributes = ['whom' => '', 'note' => '', 'stage' => 'asked'];

    /** @return BelongsTo<Piece, $this> */
    public function piece(): BelongsTo
    {
        return $this->belongsTo(Piece::class);
    }

    /** @return array<string, string> as a form or a table shows it */
    public function plain(): array
    {
        return [
            'wanted' => $this->wanted, 'whom' => $this->whom, 'due' => $this->due?->format('Y-m-d') ?? '',
            'price'  => $this->price === null ? '' : (string) $this->price, 'stage' => $this->stage->value, 'note' => $this->note,
        ];
    }

    /** @return array<string, string> as its form shows it */
    public function shown(): array
    {
        return ['piece' => $this->piece_id ?? ''] + $this->plain();
    }

    /** Whether it is open and its day is over. */
    public function isLate(Carbon $now): bool
    {
        $day = fn(Carbon $one): string => $one->format('Y-m-d');

        return in_array($this->stage, OrderStage::open(), true) && $this->due !== null && $day($this->due) < $day($now);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['due' => 'date', 'stage' => OrderStage::class];
    }
}
