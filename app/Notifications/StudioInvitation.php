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
        $days = config()->integer('pensilis.invitation_days');

        return (new MailMessage())
            ->subject(__('said.mail.subject', ['studio' => $this->studio]))
            ->line(__('said.mail.invited', ['studio' => $this->studio]))
            ->action(__('said.mail.action'), MailedLink::to(route('invitation', ['token' => $this->token], false)))
            ->line(__('said.mail.works', ['days' => $days]));
    }
}
