<?php

declare(strict_types=1);

namespace App\Interchange;

use Pensilis\Quantity\UnitSystem;

/** One value of a plan file that can be edited: its place, its name for people, how it is written. */
final readonly class Field
{
    /** @param array<string, string> $choices value → words, for a choice */
    private function __construct(
        public string $pointer,
        public string $label,
        public FieldKind $kind,
        public bool $optional = false,
        public array $choices = [],
        public string $empty = 'as usual',
    ) {}

    public static function of(string $pointer, string $label, FieldKind $kind): self
    {
        return new self($pointer, $label, $kind);
    }

    public static function optional(string $pointer, string $label, FieldKind $kind): self
    {
        return new self($pointer, $label, $kind, true);
    }

    /** @param array<string, string> $choices */
    public static function choice(string $pointer, string $label, array $choices, bool $optional = false): self
    {
        return new self($pointer, $label, FieldKind::Text, $optional, $choices);
    }

    /**
     * A choice that may be left at what is usual, its first.
     *
     * @param non-empty-array<string, string> $choices
     */
    public static function usually(string $pointer, string $label, array $choices): self
    {
        return new self($pointer, $label, FieldKind::Text, true, $choices, 'as usual: ' . reset($choices));
    }

    /**
     * A choice of which none may be taken.
     *
     * @param array<string, string> $choices
     */
    public static function orNone(string $pointer, string $label, array $choices, string $none): self
    {
        return new self($pointer, $label, FieldKind::Text, true, $choices, $none);
    }

    /** Whether it wants room for more than a figure. */
    public function isLong(): bool
    {
        return in_array($this->kind, [FieldKind::Profile, FieldKind::Marks], true) || str_ends_with($this->pointer, '/path');
    }

    public function isYesOrNo(): bool
    {
        return array_keys($this->choices) === ['no', 'yes'];
    }

    public function id(): string
    {
        return 'f' . str_replace('/', '-', $this->pointer);
    }

    /** @param array<string, mixed> $document */
    public function text(array $document, UnitSystem $system): string
    {
        $value = Document::value($document, $this->pointer);
        if ($this->choices !== [] && is_bool($value)) {
            return $value ? 'yes' : 'no';
        }
        // A wall of its own figures has no name to choose.
        return is_array($value) && !in_array($this->kind, [FieldKind::Days, FieldKind::Profile, FieldKind::Marks], true) ? 'own' : $this->kind->print($value, $system);
    }
}
