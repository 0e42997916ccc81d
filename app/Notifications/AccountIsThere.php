<?php

declare(strict_types=1);

namespace App\Notifications;

use Illuminate\Notifications\Messages\MailMessage;
use Illuminate\Notifications\Notification;

/** Tells the owner of an account that a studio has invited them, which an account of another studio cannot follow. */
final class AccountIsThere extends Notification
{
    public function __construct(private readonly string $studio) {}

    /** @return list<string> */
    public function via(): array
    {
        return ['mail'];
    }

    public function toMail(): MailMessage
    {
        return MailedLink::message(__('said.mail.subject', ['studio' => $this->studio]), [
            __('said.mail.invited', ['studio' => $this->studio]), __('said.mail.known'),
        ]);
    }
}
