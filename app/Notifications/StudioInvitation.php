<?php

declare(strict_types=1);

namespace App\Notifications;

use App\Providers\PensilisProvider;
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
            ->subject("An invitation to {$this->studio}")
            ->line("You are invited to plan pieces in the studio “{$this->studio}” with Pensilis.")
            ->action('Choose a password', PensilisProvider::mailed(route('invitation', ['token' => $this->token], false)))
            ->line("The link works once, for {$days} days.");
    }
}
