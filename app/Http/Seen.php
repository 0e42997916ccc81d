<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/**
 * What a form showed when it was sent, by the names of its fields: only what was changed is taken from it, so that an older page writes
 * nothing back. A form that does not say what it showed is taken as a whole.
 */
final readonly class Seen
{
    public const FIELD = 'saw';

    /** Characters of a form that says so. */
    public const MOST = 20_000;

    /** @param array<string, string> $texts */
    private function __construct(private array $texts) {}

    public static function by(Request $request): self
    {
        $said = $request->input(self::FIELD);
        $said = is_string($said) && strlen($said) <= self::MOST ? json_decode($said, true, 2) : null;
        $texts = [];
        foreach (is_array($said) ? $said : [] as $name => $text) {
            $texts += is_string($text) ? [(string) $name => $text] : [];
        }

        return new self($texts);
    }

    public function text(string $name): ?string
    {
        return $this->texts[$name] ?? null;
    }

    /** @return array<string, list<string>> by name, as texts that may have been shown */
    public function lists(): array
    {
        return array_map(fn(string $text): array => [$text], $this->texts);
    }

    public function hasChanged(string $name, string $typed): bool
    {
        return ($this->texts[$name] ?? null) !== $typed;
    }

    /**
     * Of what was typed, what was changed.
     *
     * @param array<string, string> $typed
     *
     * @return array<string, string>
     */
    public function changed(array $typed): array
    {
        return array_filter($typed, fn(string $text, string $name): bool => $this->hasChanged($name, $text), ARRAY_FILTER_USE_BOTH);
    }

    /**
     * Of what was typed, what was changed, where nobody else has changed the same.
     *
     * @param array<string, string>            $typed
     * @param array<string, string>            $now
     * @param callable(string, string): string $says  of a field and what it is now
     *
     * @return array<string, string>
     *
     * @throws ValidationException
     */
    public function agreed(array $typed, array $now, callable $says): array
    {
        $disputed = $this->disputed($typed, $now);
        if ($disputed !== []) {
            $messages = [];
            foreach ($disputed as $name => $kept) {
                $messages[$name] = $says($name, $kept);
            }
            throw ValidationException::withMessages($messages);
        }

        return $this->changed($typed);
    }

    /**
     * What was changed here and by somebody else too, to something else.
     *
     * @param array<string, string> $typed
     * @param array<string, string> $now
     *
     * @return array<string, string> what it is now, by name
     */
    public function disputed(array $typed, array $now): array
    {
        return array_filter($now, fn(string $kept, string $name): bool => isset($this->texts[$name], $typed[$name])
            && $this->hasChanged($name, $typed[$name]) && $kept !== $this->texts[$name] && $kept !== $typed[$name], ARRAY_FILTER_USE_BOTH);
    }
}
