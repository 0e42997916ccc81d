<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Http\Controllers\Controller;
use App\Http\Requests\NewPassword;
use App\Models\User;
use App\Words\Limits;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Password;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;

/** A forgotten password: a link by mail, then a new one. */
final class PasswordController extends Controller
{
    public function create(): View
    {
        return view('account.forgotten');
    }

    public function store(Request $request): RedirectResponse
    {
        $request->validate(['email' => Limits::address()], Words::asked('account'));
        self::alike(fn() => Password::sendResetLink(['email' => mb_strtolower(self::said($request, 'email'))]));

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
            fn(User $user, string $password): bool => $user->update(['password' => $password]),
        );
        if ($status !== Password::PASSWORD_RESET) {
            throw ValidationException::withMessages(['email' => __('asked.account.link')]);
        }

        return redirect()->route('sign-in')->with('said', __('said.reset-done'));
    }
}
