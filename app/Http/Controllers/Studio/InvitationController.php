<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Http\Controllers\Controller;
use App\Models\Invitation;
use App\Models\User;
use App\Notifications\AccountIsThere;
use App\Notifications\StudioInvitation;
use App\Words\Limits;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Notification;

final class InvitationController extends Controller
{
    public function store(Request $request): RedirectResponse
    {
        $request->validate(['email' => Limits::address()], Words::asked('invitation'));
        $email = mb_strtolower($request->string('email')->toString());
        if ($this->studio()->members()->where('email', $email)->exists()) {
            return redirect()->route('studio')->withErrors(['email' => __('asked.invitation.member')]);
        }
        // Whoever has an account elsewhere is told by mail, and nobody else is: the answer is the same.
        self::alike(fn() => $this->invite($email));

        return redirect()->route('studio')->with('said', __('said.invited', ['email' => $email]));
    }

    public function destroy(Invitation $openInvitation): RedirectResponse
    {
        $openInvitation->delete();

        return redirect()->route('studio')->with('said', __('said.uninvited', ['email' => $openInvitation->email]));
    }

    private function invite(string $email): void
    {
        [, $token] = Invitation::issue($this->studio(), $email);
        Notification::route('mail', $email)->notify(User::query()->where('email', $email)->exists()
            ? new AccountIsThere($this->studio()->name)
            : new StudioInvitation($this->studio()->name, $token));
    }
}
