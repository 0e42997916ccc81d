<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Http\Address;
use App\Http\Controllers\Controller;
use App\Http\Requests\SignIn;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Auth;
use Illuminate\View\View;

final class SessionController extends Controller
{
    public function create(): View
    {
        return view('account.sign-in');
    }

    public function store(SignIn $request): RedirectResponse
    {
        $request->authenticate();
        $request->session()->regenerate();

        return redirect()->to(self::path($request->session()->pull('url.intended')) ?? route('today', absolute: false));
    }

    /** Where somebody wanted to go, if that is here. */
    private static function path(mixed $intended): ?string
    {
        $parts = is_string($intended) ? parse_url($intended) : false;
        $path = is_array($parts) ? $parts['path'] ?? '' : '';

        return Address::isOwn($path)
            ? $path . (isset($parts['query']) ? "?{$parts['query']}" : '')
            : null;
    }

    public function destroy(): RedirectResponse
    {
        Auth::logout();

        return redirect()->route('sign-in');
    }
}
