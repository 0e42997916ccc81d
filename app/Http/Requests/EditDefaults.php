<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Seen;
use App\Interchange\Form\StudioDefaults;
use App\Models\Studio;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** What was typed of what new pieces of a studio begin with. */
final class EditDefaults extends FormRequest
{
    use OfStudio;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'resin'     => ['nullable', 'string', Rule::in(['', ...array_keys($this->studio()->resins())])],
            'f'         => ['array', 'max:200'],
            'f.*'       => ['nullable', 'string', 'max:2000'],
            Seen::FIELD => ['nullable', 'string', 'max:' . Seen::MOST],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return Words::asked('defaults');
    }

    /**
     * @return array<string, mixed> as a studio keeps them
     *
     * @throws ValidationException at the fields that cannot be read or make no sense
     */
    public function defaultsOf(Studio $studio): array
    {
        $whole = StudioDefaults::whole($studio->defaults);
        $changed = SeenEdit::in(
            $this,
            $whole,
            StudioDefaults::fields($whole),
            $studio->units,
            fn(array $document): array => StudioDefaults::reshaped($document, $whole),
        );
        $before = $studio->defaults['resin'] ?? '';
        $agreed = Seen::by($this)->agreed(
            ['resin' => $this->string('resin')->toString()],
            ['resin'     => is_string($before) ? $before : ''],
            fn(): string => Words::asked('defaults')['disputed'],
        );
        $resin = $agreed['resin'] ?? $before;

        return StudioDefaults::kept($changed) + ($resin === '' ? [] : ['resin' => $resin]);
    }
}
