<?php

declare(strict_types=1);

namespace Pensilis\Plan;

use Pensilis\Exception\ContradictorySheet;
use Pensilis\Exception\MissingKey;
use Pensilis\Exception\PensilisException;
use Pensilis\Exception\PlanRefused;

/** Gathers what is wrong while a plan is read, so that all of it is told at once. */
final class Problems
{
    /** @var list<Notice> */
    private array $found = [];

    public function add(string $code, string $message, string $pointer): void
    {
        $this->found[] = new Notice($code, $message, $pointer);
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
            $this->add('sheet-contradiction', $refusal->getMessage(), "{$pointer}/{$refusal->key}");
        } catch (MissingKey $refusal) {
            $this->add('missing', $refusal->getMessage(), $refusal->pointer);
        } catch (PensilisException $refusal) {
            $this->add('impossible-value', $refusal->getMessage(), $pointer);
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
