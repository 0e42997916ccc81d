<?php

declare(strict_types=1);

namespace Pensilis\PlanFile;

/** JSON pointers (RFC 6901), taken apart and put together. */
final class Pointer
{
    /** A key as a step of a pointer. */
    public static function step(string $key): string
    {
        return '/' . strtr($key, ['~' => '~0', '/' => '~1']);
    }

    /** @return list<string> keys from the root down */
    public static function keys(string $pointer): array
    {
        return array_map(fn(string $step): string => strtr($step, ['~1' => '/', '~0' => '~']), array_slice(explode('/', $pointer), 1));
    }
}
