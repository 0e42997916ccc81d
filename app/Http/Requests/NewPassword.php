<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Words\Limits;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rules\Password;

final class NewPassword extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'token'    => ['sometimes', 'string', 'max:' . Limits::ADDRESS],
            'email'    => ['sometimes', 'string', 'email', 'max:' . Limits::ADDRESS],
            'password' => ['required', 'string', 'max:' . Limits::PASSWORD, 'confirmed', Password::min(Limits::PASSWORD_LEAST)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return Words::asked('password');
    }
}
