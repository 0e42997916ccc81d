<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SignIn;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;

final class SessionController extends Controller
{
    public function create(): View
    {
        return view('account.sign-in');
    }

    public function store(SignIn $request): RedirectResponse
    {
        if (!Auth::attempt($request->safe(['email', 'password']), $request->boolean('remember'))) {
            throw ValidationException::withMessages(['email' => 'This address and password do not go together; check both.']);
        }
        $request->session()->regenerate();

        return redirect()->intended(route('pieces.index', absolute: false));
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('sign-in');
    }
}
