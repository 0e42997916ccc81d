<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\SignIn;
use App\Models\User;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** Lets nobody in whose sign-in was ended meanwhile: by a new password, from another browser, or by leaving the studio. */
final class StillSignedIn
{
    /**
     * @param Closure(Request): Response $next
     *
     * @throws AuthenticationException
     */
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        $signIn = $user instanceof User
            ? SignIn::query()->where('user_id', $user->id)->find($request->session()->get(SignIn::KEY))
            : null;
        if (!$signIn instanceof SignIn) {
            Auth::logout();
            throw new AuthenticationException(redirectTo: route('sign-in', absolute: false));
        }
        $signIn->notice();

        return $next($request);
    }
}
