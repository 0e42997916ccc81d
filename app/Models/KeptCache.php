<?php

declare(strict_types=1);

namespace App\Models;

use ErrorException;
use Illuminate\Cache\FileStore;

/** What was computed, in files. Where the disk is full it is computed again the next time, and whoever reads goes on reading. */
final class KeptCache extends FileStore
{
    public function put($key, $value, $seconds): bool
    {
        try {
            return parent::put($key, $value, $seconds);
        } catch (ErrorException $failure) {
            return NoRoom::isMeantBy($failure) ? false : throw $failure;
        }
    }
}
