<?php

declare(strict_types=1);

namespace App\Notifications;

use Illuminate\Notifications\Messages\MailMessage;

/** Mails are plain text, in which a name cannot become a link; links name the configured address, never what a Host header says. */
final class MailedLink
{
    public static function to(string $path): string
    {
        return rtrim(config()->string('app.url'), '/') . $path;
    }

    /** @param list<string> $paragraphs */
    public static function message(string $subject, array $paragraphs): MailMessage
    {
        return (new MailMessage())->subject($subject)->text('mail', ['paragraphs' => $paragraphs]);
    }
}
