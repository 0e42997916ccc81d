<?php

declare(strict_types=1);

namespace Tests;

use FilesystemIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** The files of the project, for laws that read them. */
final class Sources
{
    /** @return array<string, string> path => text, of every PHP file below a folder of the project */
    public static function below(string $folder): array
    {
        $texts = [];
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(
            dirname(__DIR__) . "/{$folder}",
            FilesystemIterator::SKIP_DOTS,
        )) as $file) {
            if ($file instanceof SplFileInfo && $file->getExtension() === 'php') {
                $texts[$file->getPathname()] = (string) file_get_contents($file->getPathname());
            }
        }

        return $texts;
    }
}
