<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Words\Limits;
use App\Words\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Validation\ValidationException;

final class SignIn extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'email'    => ['required', 'string', 'email', 'max:' . Limits::ADDRESS],
            'password' => ['required', 'string', 'max:' . Limits::PASSWORD],
        ];
    }

    /**
     * Lets the member in. Only failures count towards the limits: five a minute for an account, twenty for an address.
     *
     * @throws ValidationException
     */
    public function authenticate(): void
    {
        $limits = ['account:' . mb_strtolower($this->string('email')->toString()) => 5, "address:{$this->ip()}" => 20];
        foreach ($limits as $key => $most) {
            abort_if(RateLimiter::tooManyAttempts("sign-in:{$key}", $most), 429);
        }
        if (!Auth::attempt($this->safe(['email', 'password']))) {
            foreach (array_keys($limits) as $key) {
                RateLimiter::hit("sign-in:{$key}");
            }
            throw ValidationException::withMessages(['email' => __('asked.account.pair')]);
        }
        RateLimiter::clear('sign-in:' . array_key_first($limits));
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return Words::asked('account');
    }
}
