<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Interchange\Shelf\StudioKinds;
use App\Words\Limits;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Pensilis\Quantity\Temperature;
use Pensilis\Quantity\UnitSystem;

/** A test of one's own as it is written down on the Materials screen. */
final class NewFinding extends FormRequest
{
    private const SHARE = ['nullable', 'numeric', Limits::DECIMAL, 'min:0', 'max:0.99'];

    private const YES_NO = ['nullable', 'in:yes,no'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kind'     => ['nullable', 'string', 'max:' . Limits::KIND, 'required_without:name'],
            'name'     => ['nullable', 'string', 'max:' . Limits::KIND, 'required_without:kind'],
            'found_on' => ['required', 'date_format:Y-m-d', 'before_or_equal:tomorrow'],
            'skeleton' => [
                'nullable', 'numeric', Limits::DECIMAL, 'min:0.01', 'max:25',
                Rule::requiredIf(fn(): bool => $this->string('kind')->toString() === ''),
            ],
            'open'    => self::SHARE, 'closed' => self::SHARE,
            'water'   => ['nullable', 'numeric', Limits::DECIMAL, 'min:0', 'max:100'],
            'heat'    => ['nullable', 'string', 'max:20'],
            'bleeds'  => self::YES_NO, 'soaks' => self::YES_NO, 'fades' => self::YES_NO,
            'sealing' => ['nullable', 'string', 'max:' . Limits::LINE],
            'colour'  => ['nullable', 'string', 'max:' . Limits::LINE],
            'note'    => ['required', 'string', 'max:' . Limits::NOTE],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return Words::asked('finding');
    }

    /** @return array<string, mixed> columns of the finding */
    public function finding(StudioKinds $known): array
    {
        $key = $this->string('kind')->toString();
        if ($key === '') {
            $key = Str::lower($this->string('name')->trim()->toString());
        }
        $figures = [];
        foreach (['skeleton', 'open', 'closed', 'water'] as $name) {
            if ($this->filled($name)) {
                $figures[$name] = $this->float($name);
            }
        }
        if ($this->filled('heat')) {
            $figures['heat'] = round(Temperature::parse($this->string('heat')->toString(), UnitSystem::Metric)->c(), 1);
        }
        foreach (['bleeds', 'soaks', 'fades'] as $name) {
            if ($this->filled($name)) {
                $figures[$name] = $this->string($name)->toString() === 'yes';
            }
        }

        return [
            'kind' => $key, 'name' => isset($known->kinds[$key])
                ? $known->kinds[$key]->name
                : $this->string('name')->trim()->toString(),
            'found_on' => $this->string('found_on')->toString(), 'figures' => $figures,
            'sealing'  => $this->string('sealing')->toString(), 'colour' => $this->string('colour')->toString(),
            'note'     => $this->string('note')->toString(),
        ];
    }
}
