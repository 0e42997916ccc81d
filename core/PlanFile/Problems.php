<?php

declare(strict_types=1);

namespace Pensilis\PlanFile;

use BackedEnum;
use Pensilis\Exception\ContradictorySheet;
use Pensilis\Exception\MissingKey;
use Pensilis\Exception\PensilisException;
use Pensilis\Fact\Fact;
use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Quantity\Number;
use Pensilis\Quantity\Quantity;

/** Gathers what is wrong while a plan is read, so that all of it is told at once. */
final class Problems
{
    /** @var list<Finding> */
    private array $found = [];

    /**
     * @param array<string, Quantity>                            $quantities
     * @param array<string, string|list<string>|BackedEnum|Fact> $names
     */
    public function add(Code $code, string $pointer, array $quantities = [], array $names = []): void
    {
        $this->found[] = Finding::of($code, $pointer, $quantities, $names);
    }

    /**
     * What a list holds, unless that is more than is read.
     *
     * @return list<Node> nothing of a list that is too long
     *
     * @throws MissingKey
     */
    public function few(Node $node, string $key, int $most): array
    {
        $children = $node->children($key);
        if (count($children) <= $most) {
            return $children;
        }
        $this->add(Code::TooManyEntries, $node->at($key), ['most' => Number::count($most), 'count' => Number::count(count($children))]);

        return [];
    }

    /**
     * Makes something out of a place; what the core refuses becomes a problem at that place.
     *
     * @template T
     *
     * @param callable(): T $make
     *
     * @return T|null
     */
    public function attempt(string $pointer, callable $make): mixed
    {
        try {
            return $make();
        } catch (ContradictorySheet $refusal) {
            $this->found[] = Finding::because(Code::SheetContradiction, "{$pointer}/{$refusal->key}", $refusal->fact());
        } catch (MissingKey $refusal) {
            $this->found[] = Finding::because(Code::MissingValue, $refusal->pointer, $refusal->fact());
        } catch (PensilisException $refusal) {
            $this->found[] = Finding::because(Code::ImpossibleValue, $pointer, $refusal->fact());
        }

        return null;
    }

    public function areFound(): bool
    {
        return $this->found !== [];
    }

    /** @throws PlanRefused with all that was found, if anything was */
    public function throwIfAny(): void
    {
        if ($this->found !== []) {
            throw new PlanRefused($this->found);
        }
    }
}
