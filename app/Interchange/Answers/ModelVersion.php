<?php

declare(strict_types=1);

namespace App\Interchange\Answers;

use SplFileInfo;
use Symfony\Component\Finder\Finder;

/** What the models were when an answer was kept: an answer of other models is no answer. */
final class ModelVersion
{
    private ?string $hash = null;

    public function __construct(private readonly string $folder) {}

    /** A hash of names, sizes and times of all files of the core: looked at once a request, in about 3 ms. */
    public function hash(): string
    {
        return $this->hash ??= hash('xxh128', implode("\n", array_map(
            fn(SplFileInfo $file): string => "{$file->getPathname()} {$file->getSize()} {$file->getMTime()}",
            iterator_to_array(Finder::create()->files()->in($this->folder)->sortByName(), false),
        )));
    }
}
