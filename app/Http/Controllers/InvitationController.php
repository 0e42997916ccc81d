<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Invitation;
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
        $request->validate(
            ['email' => ['required', 'string', 'email', 'max:' . Limits::ADDRESS, 'unique:users,email']],
            Words::asked('invitation'),
        );
        $email = $request->string('email')->toString();
        [, $token] = Invitation::issue($this->studio(), $email);
        Notification::route('mail', $email)->notify(new StudioInvitation($this->studio()->name, $token));

        return back()->with('said', __('said.invited', ['email' => $email]));
    }
}
