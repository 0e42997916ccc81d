<?php

declare(strict_types=1);

namespace App\Notifications;

use Illuminate\Notifications\Messages\MailMessage;
use Illuminate\Notifications\Notification;

/** The link by which a forgotten password is replaced. */
final class PasswordLink extends Notification
{
    public function __construct(private readonly string $email, private readonly string $token) {}

    /** @return list<string> */
    public function via(): array
    {
        return ['mail'];
    }

    public function toMail(): MailMessage
    {
        $link = MailedLink::to(route('password.reset', ['token' => $this->token, 'email' => $this->email], false));

        return MailedLink::message(__('said.mail.reset-subject'), [__('said.mail.reset'), $link, __('said.mail.reset-works')]);
    }
}
