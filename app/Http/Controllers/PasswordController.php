<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\NewPassword;
use App\Models\User;
use App\Words\Limits;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Password;
use Illuminate\Support\Str;
use Illuminate\Support\Timebox;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;

/** A forgotten password: a link by mail, then a new one. */
final class PasswordController extends Controller
{
    /** All answers take as long, µs. */
    private const TAKES = 1_000_000;

    public function create(): View
    {
        return view('account.forgotten');
    }

    public function store(Request $request): RedirectResponse
    {
        $request->validate(['email' => ['required', 'string', 'email', 'max:' . Limits::ADDRESS]], Words::asked('account'));
        // A mail takes its time; no answer tells whether one was sent.
        (new Timebox())->call(
            fn() => Password::sendResetLink(['email' => mb_strtolower(self::said($request, 'email'))]),
            self::TAKES,
        );

        // The same answer whether or not there is such an account.
        return back()->with('said', __('said.reset-sent'));
    }

    public function edit(Request $request, string $token): View
    {
        return view('account.new-password', ['token' => $token, 'email' => self::said($request, 'email')]);
    }

    public function update(NewPassword $request): RedirectResponse
    {
        $status = Password::reset(
            [
                'email'                 => mb_strtolower(self::said($request, 'email')),
                'password_confirmation' => self::said($request, 'password_confirmation'),
            ] + $request->safe(['password', 'token']),
            fn(User $user, string $password): bool => $user->forceFill([
                'password' => $password, 'remember_token' => Str::random(60),
            ])->save(),
        );
        if ($status !== Password::PASSWORD_RESET) {
            throw ValidationException::withMessages(['email' => __('asked.account.link')]);
        }

        return redirect()->route('sign-in')->with('said', __('said.reset-done'));
    }
}
