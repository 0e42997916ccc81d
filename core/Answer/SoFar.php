<?php

declare(strict_types=1);

namespace Pensilis\Answer;

use Pensilis\Finding\Finding;

/** What had really happened to a piece when its plan was gone on with, and what of the plan that moved. */
final readonly class SoFar
{
    /**
     * @param array<int, float> $begun hour of the plan at which pours were begun, by number
     * @param bool              $isOut whether it is out of its mold
     * @param array<int, float> $asked hour at which pours were to be begun of which nothing is noted, by number: were they poured?
     * @param list<Moved>       $moved in the order of the tasks
     */
    public function __construct(public array $begun = [], public bool $isOut = false, public array $asked = [], public array $moved = []) {}

    /** What is found of a plan, as it is told of a pour that was begun. */
    public function tell(Finding $found): Finding
    {
        $pour = $found->quantities['pour'] ?? null;

        return $pour !== null && isset($this->begun[(int) $pour->figure() - 1]) ? $found->then() : $found;
    }
}
