<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Http\Controllers\Controller;
use App\Models\SignIn;
use Illuminate\Http\RedirectResponse;

/** Ends a sign-in of one's own in another browser. */
final class SignInController extends Controller
{
    public function destroy(SignIn $signIn): RedirectResponse
    {
        $signIn->delete();

        return redirect()->route('studio')->with('said', __('said.sign-in-ended'));
    }
}
