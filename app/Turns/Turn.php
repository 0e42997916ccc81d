<?php

declare(strict_types=1);

namespace App\Turns;

use RuntimeException;

/**
 * A turn at something of which only so many may go on at once. Nobody waits for one: where there is none, that is told at once.
 *
 * It is a lock on a file, which the system takes back when the process that holds it ends, however it ends.
 */
final class Turn
{
    /** @param resource $file */
    private function __construct(private $file) {}

    /** Null where as many go on already. */
    public static function take(string $what, int $atOnce = 1): ?self
    {
        $folder = config()->string('pensilis.turns');
        if (!is_dir($folder) && !@mkdir($folder, 0o700, true) && !is_dir($folder)) {
            throw new RuntimeException("The folder {$folder} cannot be made.");
        }
        for ($n = 0; $n < $atOnce; $n++) {
            $file = @fopen("{$folder}/" . hash('xxh64', $what) . "-{$n}", 'c');
            if ($file === false) {
                throw new RuntimeException("No file can be opened in {$folder}.");
            }
            if (flock($file, LOCK_EX | LOCK_NB)) {
                return new self($file);
            }
            fclose($file);
        }

        return null;
    }

    public function giveBack(): void
    {
        if (is_resource($this->file)) {
            flock($this->file, LOCK_UN);
            fclose($this->file);
        }
    }

    public function __destruct()
    {
        $this->giveBack();
    }
}
