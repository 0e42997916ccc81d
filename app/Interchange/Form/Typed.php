<?php

declare(strict_types=1);

namespace App\Interchange\Form;

use JsonException;

/**
 * What somebody typed into a form: by pointer the text, and the texts that the field may have shown before (more than one where an answer
 * never came). A form without script sends all of its fields and nothing of what they showed.
 */
final readonly class Typed
{
    /** A pointer, what was shown and what was typed. */
    private const DEEPEST = 4;

    /**
     * @param array<string, string>       $texts
     * @param array<string, list<string>> $shown
     * @param list<string>                $refused before, and typed still
     */
    private function __construct(public string $saw, public array $texts, public array $shown, public array $refused = []) {}

    /**
     * @param array<array-key, mixed> $fields
     * @param string                  $saw    fingerprint of the document that the form showed; nothing where it does not say
     */
    public static function whole(array $fields, string $saw): self
    {
        $texts = [];
        foreach ($fields as $pointer => $text) {
            $texts[(string) $pointer] = is_string($text) ? trim($text) : '';
        }

        return new self($saw, $texts, []);
    }

    /**
     * One value that cannot be cut: {"of": fingerprint, "f": {pointer: [shown, …, typed]}, "refused": [pointer, …]}.
     *
     * @return self|null null where it is not that
     */
    public static function changed(string $json): ?self
    {
        try {
            $said = json_decode($json, true, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            return null;
        }
        if (!is_array($said) || !is_string($said['of'] ?? null) || !is_array($said['f'] ?? null)) {
            return null;
        }
        [$texts, $shown] = [[], []];
        foreach ($said['f'] as $pointer => $some) {
            $some = is_array($some) ? array_values(array_filter($some, is_string(...))) : [];
            if (count($some) < 2) {
                return null;
            }
            $texts[(string) $pointer] = trim((string) array_pop($some));
            $shown[(string) $pointer] = array_map(trim(...), $some);
        }

        $refused = is_array($said['refused'] ?? null) ? array_values(array_filter($said['refused'], is_string(...))) : [];

        return new self($said['of'], $texts, $shown, $refused);
    }

    /** The same without what was refused before; null where that is nothing, or all. */
    public function withoutRefused(): ?self
    {
        $texts = array_diff_key($this->texts, array_flip($this->refused));

        return $texts === [] || count($texts) === count($this->texts) ? null : new self($this->saw, $texts, $this->shown);
    }

    /** The same at the places where they are now; what is gone is left out. */
    public function moved(Moved $moved): self
    {
        [$texts, $shown] = [[], []];
        foreach ($this->texts as $pointer => $text) {
            $now = $moved->now($pointer);
            if ($now !== null) {
                $texts[$now] = $text;
                $shown += isset($this->shown[$pointer]) ? [$now => $this->shown[$pointer]] : [];
            }
        }

        return new self($this->saw, $texts, $shown);
    }

    /**
     * Only what differs from what the form showed, which is then what the fields say of a document.
     *
     * @param array<string, string> $shown by pointer
     */
    public function against(array $shown): self
    {
        $texts = array_filter(
            $this->texts,
            fn(string $text, string $pointer): bool => ($shown[$pointer] ?? null) !== $text,
            ARRAY_FILTER_USE_BOTH,
        );

        return new self($this->saw, $texts, array_map(
            fn(string $pointer): array => [$shown[$pointer] ?? ''],
            array_combine(array_keys($texts), array_keys($texts)),
        ));
    }
}
