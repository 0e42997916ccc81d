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
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        $number = ['nullable', 'numeric', 'min:0', 'max:' . Limits::AMOUNT];

        return ['name' => [
            'required', 'string', 'max:' . Limits::NAME,
        ], 'pack_price' => $number, 'pack_amount' => $number, 'stock' => $number, 'low' => $number,
            'lot' => ['nullable', 'string', 'max:' . Limits::LOT], 'bought_on' => [
                'nullable', 'date_format:Y-m-d', 'before_or_equal:+1 day', 'after:1990-01-01',
            ],
            'keeps_months' => [
                'nullable', 'integer', 'min:1', 'max:' . Limits::MONTHS,
            ], 'f' => ['array', 'max:60'], 'f.*' => ['nullable', 'string', 'max:' . Limits::LINE]];
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
        $texts = new TypedFields(SupplyFields::of($supply->document, $supply->kind), is_array($typed) ? $typed : [], $system);
        $changed = $texts->in($whole);
        $changed = $supply->kind === SupplyKind::Device ? Reshaping::measuring($changed) : $changed;
        try {
            PlanFile::sound($changed);
        } catch (PlanRefused $refusal) {
            throw $texts->refused($refusal);
        }
        $part = $supply->kind->part();
        $said = $part === null ? [] : Document::value($changed, $part);

        return ['document' => array_diff_key(is_array($said) ? $said : [], ['id' => 1, 'name' => 1])] + $this->plain();
    }

    /** @return array<string, mixed> */
    private function plain(): array
    {
        $plain = [
            'name'      => $this->string('name')->trim()->toString(), 'lot' => $this->string('lot')->trim()->toString(),
            'bought_on' => $this->filled('bought_on') ? $this->string('bought_on')->toString() : null,
        ];
        foreach (['pack_price', 'pack_amount', 'stock', 'low', 'keeps_months'] as $key) {
            $plain[$key] = $this->filled($key) ? $this->float($key) : null;
        }

        return $plain;
    }
}
