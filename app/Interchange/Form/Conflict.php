<?php

declare(strict_types=1);

namespace App\Interchange\Form;

/** A field that two have changed: what it says now, and what was typed over something else; nothing says it where it is gone. */
final readonly class Conflict
{
    public function __construct(public string $pointer, public string $label, public ?string $now, public string $typed) {}

    public function labelled(string $label): self
    {
        return new self($this->pointer, $label, $this->now, $this->typed);
    }
}
