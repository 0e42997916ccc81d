<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * Something on the shelf: what a plan file says of it, its pack and price, what is left of it. Grams, millilitres or pieces.
 *
 * @property int                  $id
 * @property int                  $studio_id
 * @property SupplyKind           $kind
 * @property string               $name
 * @property array<string, mixed> $document     as the plan file has it; nothing for consumables
 * @property float|null           $pack_price
 * @property float|null           $pack_amount
 * @property float|null           $stock
 * @property int                  $counted      how often that was counted
 * @property float|null           $low          warn below
 * @property string               $lot
 * @property Carbon|null          $bought_on
 * @property int|null             $keeps_months
 * @property string               $origin       where it is from
 * @property float|null           $per_pour     used up by each pour
 * @property float|null           $pack_a       of a resin, g of A in its pack; and so on
 * @property float|null           $price_a
 * @property float|null           $stock_a
 * @property float|null           $pack_b
 * @property float|null           $price_b
 * @property float|null           $stock_b
 * @property list<GelTime>        $gel_times    what own pours of a resin did
 * @property Fitted|null          $fit          where those have been taken: what the sheet says of kinetics
 *
 * @phpstan-type GelTime array{id: string, hours: float, celsius: float, depth_mm: float, saw?: string, series?: list<array{float, float}>}
 * @phpstan-type Fitted  array{before: array<string, mixed>|null}
 */
final class Supply extends Model
{
    use SoftDeletes;

    /** Things that a studio has on its shelf at the most. */
    public const MOST = 2000;

    /** Numbers that may be left empty. */
    public const NUMBERS = ['pack_price', 'pack_amount', 'stock', 'low', 'keeps_months', 'per_pour', 'price_a', 'price_b', ...self::GRAMS];

    /** Of A and B: typed in any unit of mass or volume, kept in grams. */
    public const GRAMS = ['pack_a', 'stock_a', 'pack_b', 'stock_b'];

    /** What the shelf itself says of one, as a table has it. */
    public const PLAIN = [
        'name', 'pack_price', 'pack_amount', 'stock', 'low', 'lot', 'bought_on', 'keeps_months', 'origin', 'per_pour',
        'pack_a', 'price_a', 'stock_a', 'pack_b', 'price_b', 'stock_b',
    ];

    protected $fillable = ['kind', 'document', 'gel_times', 'fit', 'counted', ...self::PLAIN];

    protected $attributes = ['origin' => '', 'gel_times' => '[]', 'counted' => 0];

    /** @return array<string, string> what the shelf itself says of it, as a form shows it */
    public function plain(): array
    {
        $plain = [];
        foreach ($this->kind->plain() as $key) {
            $kept = $key === 'bought_on' ? $this->bought_on?->format('Y-m-d') : $this->getAttribute($key);
            $plain[$key] = is_scalar($kept) ? (string) $kept : '';
        }

        return $plain;
    }

    /** Price of one unit, where a pack is priced. */
    public function unitPrice(): ?float
    {
        $pair = Components::of($this);
        // One price for A and B together buys as much mix as both packs are enough for.
        $amount = $this->pack_amount ?? $pair?->packed();

        $whole = $this->pack_price === null || $amount === null || $amount <= 0.0 ? null : $this->pack_price / $amount;

        return $pair?->unitPrice() ?? $whole;
    }

    public function runsLow(): bool
    {
        return $this->stock !== null && $this->stock <= ($this->low ?? 0.0);
    }

    /** The day until which it is to be used; null where nobody said. */
    public function usableUntil(): ?Carbon
    {
        return $this->keeps_months === null ? null : $this->bought_on?->copy()->addMonthsNoOverflow($this->keeps_months);
    }

    public function isPast(Carbon $now): bool
    {
        return $this->usableUntil()?->format('Y-m-d') < $now->format('Y-m-d') && $this->usableUntil() !== null;
    }

    /** Takes off what was used, or puts back less than nothing; below nothing there is nothing. */
    public function use(float $amount): void
    {
        if ($this->stock !== null) {
            $components = Components::of($this);
            $this->update($components?->areCounted() === true
                ? $components->after($amount)
                : ['stock' => max(0.0, round($this->stock - $amount, 6))]);
        }
    }

    /** Whatever was counted of A and B: in stock is the mix that they are enough for. */
    protected static function booted(): void
    {
        self::saving(function (self $supply): void {
            $components = Components::of($supply);
            if ($components?->areCounted() === true) {
                $supply->stock = round($components->mix(), 6);
            }
        });
    }

    public function inPlan(): SupplyInPlan
    {
        return new SupplyInPlan($this);
    }

    public function fitted(): SupplyFit
    {
        return new SupplyFit($this);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => SupplyKind::class, 'document' => 'json', 'bought_on' => 'date', 'gel_times' => 'json', 'fit' => 'json',
        ];
    }
}
