<?php

declare(strict_types=1);

namespace App\Models;

use ErrorException;
use Illuminate\Support\Facades\Storage;
use League\Flysystem\FilesystemException;

/**
 * A file that a studio keeps beside its database: whole, or not at all.
 *
 * It is written aside, looked at, and given its name in one step; where the disk has no room left, or gives up in the middle, what was
 * there before is there still.
 */
final class KeptFile
{
    /** @throws NoRoom where it cannot be kept; then nothing has changed */
    public static function put(string $place, string $bytes): void
    {
        $disk = Storage::disk('local');
        $aside = "{$place}.new";
        try {
            $isKept = $disk->put($aside, $bytes) !== false && $disk->size($aside) === strlen($bytes) && $disk->move($aside, $place);
        } catch (ErrorException|FilesystemException) {
            $isKept = false;
        }
        if (!$isKept) {
            $disk->delete($aside);
            throw NoRoom::for($place);
        }
    }

    /** Null where there is none. */
    public static function get(string $place): ?string
    {
        return Storage::disk('local')->get($place);
    }

    public static function delete(string $place): void
    {
        Storage::disk('local')->delete($place);
    }
}
