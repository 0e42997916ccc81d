<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Interchange\Starters;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class NewPiece extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'title' => ['required', 'string', 'max:120'],
            'resin' => ['required', Rule::in(array_keys(Starters::RESINS))],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['title.*' => 'Give the piece a title of at most 120 characters.', 'resin.*' => 'Choose one of the resins.'];
    }

    /** @return array<string, mixed> */
    public function document(): array
    {
        return Starters::piece(
            $this->string('title')->trim()->toString(),
            $this->string('resin')->toString(),
            now()->format('Y-m-d') . 'T08:00',
        );
    }
}
