<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Http\Controllers\Controller;
use App\Http\Requests\NewPassword;
use App\Models\SignIn;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\ValidationException;

/** Another password for the own account; it ends all other sign-ins. */
final class OwnPasswordController extends Controller
{
    public function update(NewPassword $request): RedirectResponse
    {
        if (!Hash::check(self::said($request, 'current'), $this->member()->password)) {
            throw ValidationException::withMessages(['current' => __('asked.password.current')]);
        }
        $this->member()->update(['password' => $request->string('password')->toString()]);
        $request->session()->regenerate();
        $request->session()->put(SignIn::KEY, SignIn::open($this->member(), (string) $request->userAgent())->id);

        return redirect()->route('studio')->with('said', __('said.password-changed'));
    }
}
