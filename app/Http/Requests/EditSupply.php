<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Interchange\Form\Reshaping;
use App\Interchange\Form\TypedFields;
use App\Interchange\PlanFile\Document;
use App\Interchange\PlanFile\PlanFile;
use App\Interchange\Shelf\SupplyFields;
use App\Interchange\Shelf\SupplySheet;
use App\Models\Supply;
use App\Models\SupplyKind;
use App\Words\Limits;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Pensilis\PlanFile\PlanRefused;
use Pensilis\Quantity\UnitSystem;

/** What was typed of a thing on the shelf: its pack, stock and age, and under “f” what a plan file says of it. */
final class EditSupply extends FormRequest
{
    /** Numbers that may be left empty. */
    private const NUMBERS = ['pack_price', 'pack_amount', 'stock', 'low', 'keeps_months'];

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
            'f'            => ['array', 'max:60'],
            'f.*'          => ['nullable', 'string', 'max:' . Limits::LINE],
            'saw'          => ['nullable', 'string', 'max:20000'],
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
        $typed = $this->input('f', []);
        $typed = is_array($typed) ? $typed : [];
        $saw = $this->saw();
        $texts = new TypedFields(
            SupplyFields::of($supply->document, $supply->kind),
            array_filter(
                $typed,
                fn(mixed $text, string|int $at): bool => !isset($saw[$at]) || $saw[$at] !== ($text ?? ''),
                ARRAY_FILTER_USE_BOTH,
            ),
            $system,
            array_map(fn(string $text): array => [$text], $saw),
        );
        $disputed = $this->disputed($supply->plain(), $saw);
        foreach ($texts->conflicts($whole) as $conflict) {
            $disputed["f.{$conflict->pointer}"] = Words::say(
                'asked.supply.disputed',
                ['field' => $conflict->label, 'now' => $conflict->now ?? ''],
            );
        }
        if ($disputed !== []) {
            throw ValidationException::withMessages($disputed);
        }
        $changed = $texts->in($whole);
        $changed = $supply->kind === SupplyKind::Device ? Reshaping::measuring($changed) : $changed;
        try {
            PlanFile::sound($changed);
        } catch (PlanRefused $refusal) {
            throw $texts->refused($refusal);
        }
        $part = $supply->kind->part();
        $said = $part === null ? [] : Document::value($changed, $part);

        return ['document' => array_diff_key(is_array($said) ? $said : [], ['id' => 1, 'name' => 1])] + $this->plain($supply, $saw);
    }

    /** @return array<string, string> what the form showed; nothing where it does not say */
    private function saw(): array
    {
        $said = json_decode($this->string('saw')->toString(), true, 2);
        $saw = [];
        foreach (is_array($said) ? $said : [] as $key => $text) {
            $saw += is_string($text) ? [(string) $key => $text] : [];
        }

        return $saw;
    }

    /**
     * What somebody else has changed of what was changed here; the stock is counted on, whoever counts.
     *
     * @param array<string, string> $now
     * @param array<string, string> $saw
     *
     * @return array<string, string>
     */
    private function disputed(array $now, array $saw): array
    {
        $disputed = [];
        foreach (array_diff_key($now, ['stock' => 1]) as $key => $kept) {
            $typed = $this->string($key)->trim()->toString();
            if (isset($saw[$key]) && $typed !== $saw[$key] && $kept !== $saw[$key] && $kept !== $typed) {
                $label = Words::say("shelf.plain.{$key}", ['unit' => '']);
                $disputed[$key] = Words::say('asked.supply.disputed', ['field' => trim($label, ' ,'), 'now' => $kept]);
            }
        }

        return $disputed;
    }

    /**
     * @param array<string, string> $saw
     *
     * @return array<string, mixed>
     */
    private function plain(Supply $supply, array $saw): array
    {
        $plain = [];
        foreach ($supply->plain() as $key => $kept) {
            $typed = $this->string($key)->trim()->toString();
            if (isset($saw[$key]) && $typed === $saw[$key]) {
                continue;
            }
            $plain[$key] = match (true) {
                $typed === ''                            => in_array($key, ['name', 'lot'], true) ? '' : null,
                $key === 'stock' && isset($saw['stock']) => self::counted((float) $typed, $saw['stock'], $kept),
                in_array($key, self::NUMBERS, true)      => (float) $typed,
                default                                  => $typed,
            };
        }

        return $plain;
    }

    /** What is in stock when somebody has counted, and something was taken meanwhile. */
    private static function counted(float $typed, string $saw, string $now): float
    {
        return $saw === $now || $saw === '' || $now === '' ? $typed : max(0.0, round((float) $now + $typed - (float) $saw, 6));
    }
}
