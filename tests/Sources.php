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
    /**
     * @param list<string> $endings
     *
     * @return array<string, string> path => text, of every file below a folder of the project whose name ends so
     */
    public static function below(string $folder, array $endings = ['php']): array
    {
        $texts = [];
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(
            dirname(__DIR__) . "/{$folder}",
            FilesystemIterator::SKIP_DOTS,
        )) as $file) {
            if ($file instanceof SplFileInfo && in_array($file->getExtension(), $endings, true)) {
                $texts[$file->getPathname()] = (string) file_get_contents($file->getPathname());
            }
        }

        return $texts;
    }
}
