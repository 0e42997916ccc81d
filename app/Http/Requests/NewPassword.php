<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rules\Password;

final class NewPassword extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'token'    => ['sometimes', 'string', 'max:255'],
            'email'    => ['sometimes', 'string', 'email', 'max:255'],
            'password' => ['required', 'string', 'max:255', 'confirmed', Password::min(12)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return Words::asked('password');
    }
}
