<?php

declare(strict_types=1);

namespace App\Words;

use Illuminate\Translation\Translator;

/** Finds each line, and each list of lines, once in a request: a page says a thousand of them, many again and again. */
final class KeptTranslator extends Translator
{
    /** @var array<string, string|array<array-key, mixed>> in the language of the application, before anything is put in */
    private array $lines = [];

    /**
     * @param string                  $key
     * @param array<array-key, mixed> $replace
     * @param string|null             $locale
     * @param bool                    $fallback
     *
     * @return string|array<array-key, mixed>
     */
    public function get($key, array $replace = [], $locale = null, $fallback = true): string|array
    {
        if ($locale !== null || !$fallback) {
            return parent::get($key, $replace, $locale, $fallback);
        }
        $line = $this->lines[$key] ??= parent::get($key);

        return match (true) {
            $replace === [] => $line,
            is_array($line) => parent::get($key, $replace),
            default         => $this->makeReplacements($line, $replace),
        };
    }
}
