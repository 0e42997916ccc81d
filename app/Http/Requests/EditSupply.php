<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Seen;
use App\Interchange\Form\Reshaping;
use App\Interchange\Shelf\SupplyFields;
use App\Interchange\Shelf\SupplySheet;
use App\Models\Components;
use App\Models\Supply;
use App\Models\SupplyKind;
use App\Words\Limits;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Pensilis\PlanFile\Document;
use Pensilis\Quantity\UnitSystem;

/** What was typed of a thing on the shelf: its pack, stock and age, and under “f” what a plan file says of it. */
final class EditSupply extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        $number = ['nullable', 'numeric', Limits::DECIMAL, 'min:0', 'max:' . Limits::AMOUNT];

        return [
            'name'         => ['required', 'string', 'max:' . Limits::NAME],
            'pack_price'   => $number,
            'pack_amount'  => $number,
            'stock'        => $number,
            'low'          => $number,
            'lot'          => ['nullable', 'string', 'max:' . Limits::LOT],
            'bought_on'    => ['nullable', 'date_format:Y-m-d', 'before_or_equal:+1 day', 'after:1990-01-01'],
            'keeps_months' => ['nullable', 'integer', 'digits_between:1,3', 'min:1', 'max:' . Limits::MONTHS],
            'origin'       => ['nullable', 'string', 'max:' . Limits::LINE],
            'per_pour'     => $number,
            'price_a'      => $number,
            'price_b'      => $number,
            ...array_fill_keys(Supply::GRAMS, ['nullable', 'string', 'max:' . Limits::QUANTITY]),
            'f'         => ['array', 'max:60'],
            'f.*'       => ['nullable', 'string', 'max:' . Limits::LINE],
            Seen::FIELD => ['nullable', 'string', 'max:' . Seen::MOST],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return Words::asked('supply');
    }

    /**
     * @return array<string, mixed> attributes of the supply
     *
     * @throws ValidationException
     */
    public function attributesFor(Supply $supply, UnitSystem $system): array
    {
        $whole = SupplySheet::example($supply->document, $supply->kind);
        $seen = Seen::by($this);
        $changed = SeenEdit::in(
            $this,
            $whole,
            SupplyFields::of($supply->document, $supply->kind),
            $system,
            fn(array $document): array => $supply->kind === SupplyKind::Device ? Reshaping::measuring($document) : $document,
            $this->disputed($supply, $seen),
        );
        $part = $supply->kind->part();
        $said = $part === null ? [] : Document::value($changed, $part);

        $document = array_diff_key(is_array($said) ? $said : [], ['id' => 1, 'name' => 1]);

        $pair = Components::of($supply->replicate()->fill(['document' => $document]));

        return ['document' => $document] + $this->plain($supply, $seen, $pair);
    }

    /**
     * What somebody else has changed of what was changed here; of a stock, that somebody else has counted it.
     *
     * @return array<string, string>
     */
    private function disputed(Supply $supply, Seen $seen): array
    {
        $now = self::isCountedSince($supply, $seen) ? $supply->plain() : array_diff_key($supply->plain(), ['stock' => 1]);
        [$typed, $disputed] = [[], []];
        foreach (array_keys($now) as $key) {
            $typed[$key] = $this->string($key)->trim()->toString();
        }
        foreach ($seen->disputed($typed, $now) as $key => $kept) {
            $label = trim(Words::say("shelf.plain.{$key}", ['unit' => '']), ' ,');
            $disputed[$key] = Words::say('asked.supply.disputed', ['field' => $label, 'now' => $kept]);
        }

        return $disputed;
    }

    /**
     * @param Components|null $pair A and B as they are typed here, densities and all
     *
     * @return array<string, mixed>
     */
    private function plain(Supply $supply, Seen $seen, ?Components $pair): array
    {
        $plain = [];
        foreach ($supply->plain() as $key => $kept) {
            $typed = $this->string($key)->trim()->toString();
            if ($seen->hasChanged($key, $typed)) {
                $plain[$key] = match (true) {
                    $typed === ''                         => in_array($key, ['name', 'lot', 'origin'], true) ? '' : null,
                    in_array($key, Supply::GRAMS, true)   => $this->grams($pair, $key),
                    $key === 'stock'                      => self::counted($supply, (float) $typed, $seen),
                    in_array($key, Supply::NUMBERS, true) => (float) $typed,
                    default                               => $typed,
                };
            }
        }

        return isset($plain['stock']) ? ['counted' => $supply->counted + 1] + $plain : $plain;
    }

    /** Of A or B, as mass or volume. */
    private function grams(?Components $pair, string $key): float
    {
        $grams = Asked::grams($this, $key, $pair?->density(substr($key, -1)) ?? 1.0);

        return $grams >= 0.0 && $grams <= Limits::AMOUNT ? $grams
            : throw ValidationException::withMessages([$key => Words::asked('supply')['grams']]);
    }

    /** What is in stock when somebody has counted: less what mixes took since. */
    private static function counted(Supply $supply, float $typed, Seen $seen): float
    {
        $saw = $seen->text('stock') ?? '';

        return $saw === '' || $supply->stock === null || self::isCountedSince($supply, $seen)
            ? $typed : max(0.0, round($supply->stock + $typed - (float) $saw, 6));
    }

    private static function isCountedSince(Supply $supply, Seen $seen): bool
    {
        return ($seen->text('counted') ?? (string) $supply->counted) !== (string) $supply->counted;
    }
}
