<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Http\Controllers\Controller;
use App\Http\Requests\NewPassword;
use App\Models\Invitation;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;

final class AcceptedInvitationController extends Controller
{
    public function create(string $token): View
    {
        return view('account.invitation', ['token' => $token, 'invitation' => Invitation::openedBy($token)]);
    }

    public function store(NewPassword $request, string $token): RedirectResponse
    {
        // Made before the transaction: it takes a quarter of a second, and nobody shall wait for it.
        $password = Hash::make($request->string('password')->toString());
        $user = DB::transaction(function () use ($password, $token): User {
            $invitation = Invitation::openedBy($token) ?? throw ValidationException::withMessages([
                'password' => __('asked.invitation.over'),
            ]);
            if (User::query()->where('email', $invitation->email)->exists()) {
                throw ValidationException::withMessages(['password' => __('asked.invitation.known')]);
            }
            $invitation->update(['accepted_at' => now()]);

            return User::query()->create([
                'studio_id' => $invitation->studio_id,
                'email'     => $invitation->email,
                'password'  => $password,
            ]);
        });
        Auth::login($user);
        $request->session()->regenerate();

        return redirect()->route('pieces.index');
    }
}
