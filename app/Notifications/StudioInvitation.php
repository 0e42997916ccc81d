<?php

declare(strict_types=1);

namespace App\Notifications;

use Illuminate\Notifications\Messages\MailMessage;
use Illuminate\Notifications\Notification;

final class StudioInvitation extends Notification
{
    public function __construct(private readonly string $studio, private readonly string $token) {}

    /** @return list<string> */
    public function via(): array
    {
        return ['mail'];
    }

    public function toMail(): MailMessage
    {
        return MailedLink::message(__('said.mail.subject', ['studio' => $this->studio]), [
            __('said.mail.invited', ['studio' => $this->studio]),
            MailedLink::to(route('invitation', ['token' => $this->token], false)),
            __('said.mail.works', ['days' => config()->integer('pensilis.invitation_days')]),
        ]);
    }
}
