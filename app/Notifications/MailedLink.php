<?php

declare(strict_types=1);

namespace App\Notifications;

/** Mailed links name the configured address, never what a Host header says. */
final class MailedLink
{
    public static function to(string $path): string
    {
        return rtrim(config()->string('app.url'), '/') . $path;
    }
}
