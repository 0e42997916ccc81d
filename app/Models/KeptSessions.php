<?php

declare(strict_types=1);

namespace App\Models;

use ErrorException;
use Illuminate\Session\FileSessionHandler;

/**
 * Sessions in files, each whole or as it was: written aside, and given its name in one step.
 *
 * Where the disk is full, whoever is signed in stays so and can go on looking; a session that is new, as a sign-in makes one, cannot be
 * kept, and that is said.
 */
final class KeptSessions extends FileSessionHandler
{
    /** @throws ErrorException where there is no session yet and it cannot be kept */
    public function write($sessionId, $data): bool
    {
        $path = "{$this->path}/{$sessionId}";
        $aside = "{$path}." . getmypid();
        try {
            $this->files->put($aside, $data);
            $this->files->move($aside, $path);
        } catch (ErrorException $failure) {
            $this->files->delete($aside);

            return NoRoom::isMeantBy($failure) && $this->files->isFile($path) ? false : throw $failure;
        }

        return true;
    }
}
