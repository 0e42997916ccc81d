<?php

declare(strict_types=1);

use Tests\Sources;

const LONGEST_LINE = 140;
const LONGEST_WITHOUT_WORD = 150;

it('writes no line longer than a window shows', function (): void {
    $long = [];
    foreach (['app', 'bench', 'bin', 'config', 'core', 'database', 'docs/pictures', 'lang', 'resources', 'routes', 'tests'] as $folder) {
        foreach (Sources::below($folder, ['', 'js', 'php', 'scss']) as $file => $text) {
            foreach (explode("\n", $text) as $n => $line) {
                if (mb_strlen($line) > LONGEST_LINE) {
                    $long[] = sprintf('%s:%d', $file, $n + 1);
                }
            }
        }
    }

    expect($long)->toBe([]);
});

// A long class of the core says what it is and how it goes about it; a sentence of its name is not enough.
it('explains every long file of the core', function (): void {
    $silent = [];
    foreach (Sources::below('core') as $file => $text) {
        preg_match('#/\*\*(?<words>(?:(?!\*/).)*)\*/\s*(?:final )?(?:readonly )?(?:final )?(?:class|enum|interface)\b#s', $text, $found);
        if (substr_count($text, "\n") > LONGEST_WITHOUT_WORD && str_word_count($found['words'] ?? '') < 40) {
            $silent[] = sprintf('%s: %d lines, %d words', $file, substr_count($text, "\n"), str_word_count($found['words'] ?? ''));
        }
    }

    expect($silent)->toBe([]);
});
