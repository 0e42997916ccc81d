<?php

declare(strict_types=1);

namespace Pensilis\Finding;

use BackedEnum;
use Pensilis\Fact\Fact;
use Pensilis\Quantity\Quantity;

/**
 * A warning, a reason or a problem as a fact: what it is, the place it is about, its figures and names. Words are chosen by who shows it.
 */
final readonly class Finding
{
    /**
     * @param string                                             $pointer    JSON pointer into the plan file
     * @param array<string, Quantity>                            $quantities by what they are of
     * @param array<string, string|list<string>|BackedEnum|Fact> $names      by what they name
     * @param int|null                                           $with       index of the other object, where two are at odds
     */
    private function __construct(
        public Code $code,
        public string $pointer,
        public array $quantities,
        public array $names,
        public ?Mend $mend,
        public ?int $with,
    ) {}

    /**
     * @param array<string, Quantity>                            $quantities
     * @param array<string, string|list<string>|BackedEnum|Fact> $names
     */
    public static function of(
        Code $code,
        string $pointer,
        array $quantities = [],
        array $names = [],
        ?Mend $mend = null,
        ?int $with = null,
    ): self {
        return new self($code, $pointer, $quantities, $names, $mend, $with);
    }

    /** What the core refused at a place. */
    public static function because(Code $code, string $pointer, Fact $cause): self
    {
        return new self($code, $pointer, [], ['cause' => $cause], null, null);
    }

    /** The same without a change to offer. */
    public function unmended(): self
    {
        return new self($this->code, $this->pointer, $this->quantities, $this->names, null, $this->with);
    }

    /** The same of what has happened: no change of the plan mends it any more. */
    public function then(): self
    {
        return new self($this->code->then(), $this->pointer, $this->quantities, $this->names, null, $this->with);
    }

    /**
     * The same of what stands at another place, with what mends it there.
     *
     * @param callable(string): string $moved by where it stood
     */
    public function at(callable $moved): self
    {
        $mend = $this->mend;
        $mend = $mend === null ? null : new Mend($moved($mend->pointer), $mend->value, $mend->rework, $mend->pour);

        return new self($this->code, $moved($this->pointer), $this->quantities, $this->names, $mend, $this->with);
    }

    public function weight(): Weight
    {
        return $this->code->weight();
    }

    /** Whether it is only for information. */
    public function isTold(): bool
    {
        return $this->weight() === Weight::Told;
    }

    public function question(): ?Question
    {
        return $this->code->question();
    }

    /** @return array<string, float> figures by name, with the unit in the name, as plan files have them */
    public function figures(): array
    {
        $figures = [];
        foreach ($this->quantities as $name => $quantity) {
            $figures[$name . $quantity->ending()] = $quantity->figure();
        }

        return $figures;
    }

    /** @return list<int> indices of the objects that it is about, where it is about any */
    public function objects(): array
    {
        $first = preg_match('#^/inclusions/(\d+)#', $this->pointer, $found) === 1 ? [(int) $found[1]] : [];

        return $this->with === null ? $first : [...$first, $this->with];
    }
}
