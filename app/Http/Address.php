<?php

declare(strict_types=1);

namespace App\Http;

/** Where somebody is led. */
final class Address
{
    /** Whether it is the path of a place in the application, and of no other host. */
    public static function isOwn(string $path): bool
    {
        return preg_match('#^/(?![/\\\\])#', $path) === 1;
    }
}
