<?php

declare(strict_types=1);

namespace Pensilis\PlanFile;

use Pensilis\Exception\MissingKey;

/** A place in a plan file: typed reading of what lies below it, with the JSON pointer for messages. */
final readonly class Node
{
    /** @param array<array-key, mixed> $data */
    private function __construct(private array $data, public string $pointer) {}

    /** @param array<array-key, mixed> $document */
    public static function root(array $document): self
    {
        return new self($document, '');
    }

    public function has(string $key): bool
    {
        return array_key_exists($key, $this->data) && $this->data[$key] !== null;
    }

    public function at(string $key): string
    {
        return $this->pointer . Pointer::step($key);
    }

    /** @throws MissingKey where neither the file nor the default says a number */
    public function number(string $key, ?float $default = null): float
    {
        return $this->maybe($key) ?? $default ?? throw MissingKey::number($this->at($key));
    }

    public function maybe(string $key): ?float
    {
        $value = $this->data[$key] ?? null;

        return is_int($value) || is_float($value) ? (float) $value : null;
    }

    public function text(string $key, ?string $default = null): string
    {
        $value = $this->data[$key] ?? $default;

        return is_string($value) ? $value : throw MissingKey::text($this->at($key));
    }

    /**
     * @param list<string> $choices
     *
     * @throws MissingKey where it is none of them
     */
    public function choice(string $key, array $choices): string
    {
        $said = $this->text($key);

        return in_array($said, $choices, true) ? $said : throw MissingKey::oneOf($this->at($key), $choices);
    }

    public function flag(string $key): bool
    {
        return ($this->data[$key] ?? false) === true;
    }

    public function child(string $key): self
    {
        $value = $this->data[$key] ?? null;

        return is_array($value) ? new self($value, $this->at($key)) : throw MissingKey::object($this->at($key));
    }

    /** A place that may be missing; then nothing is said below it. */
    public function maybeChild(string $key): self
    {
        return $this->has($key) ? $this->child($key) : new self([], $this->at($key));
    }

    /** @return list<self> none where the key is missing */
    public function children(string $key): array
    {
        $nodes = [];
        $value = $this->data[$key] ?? [];
        foreach (is_array($value) ? array_values($value) : [] as $i => $item) {
            $nodes[] = is_array($item) ? new self($item, $this->at($key) . "/{$i}")
                : throw MissingKey::object($this->at($key) . "/{$i}");
        }

        return $nodes;
    }

    /** @return list<float> this place as a list of numbers */
    public function numbers(): array
    {
        $numbers = [];
        foreach (array_values($this->data) as $i => $value) {
            $numbers[] = is_int($value) || is_float($value) ? (float) $value
                : throw MissingKey::number("{$this->pointer}/{$i}");
        }

        return $numbers;
    }

    /** @return list<string> a text or a list of texts */
    public function texts(string $key): array
    {
        $value = $this->data[$key] ?? [];

        return array_values(array_filter(is_array($value) ? $value : [$value], is_string(...)));
    }

    /** @return list<string> */
    public function keys(): array
    {
        return array_map(strval(...), array_keys($this->data));
    }

    /** @return array<string, string> the texts directly below, by key */
    public function lines(): array
    {
        $lines = [];
        foreach ($this->data as $key => $value) {
            if (is_string($value)) {
                $lines[(string) $key] = $value;
            }
        }

        return $lines;
    }

    /** @return array<string, float> the numbers directly below, by key */
    public function figures(): array
    {
        $figures = [];
        foreach ($this->data as $key => $value) {
            if (is_int($value) || is_float($value)) {
                $figures[(string) $key] = (float) $value;
            }
        }

        return $figures;
    }
}
