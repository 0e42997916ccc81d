<?php

declare(strict_types=1);

namespace Pensilis\Judgement;

use Pensilis\Finding\Finding;

/** Looks at one side of a piece and says what is wrong with it. */
interface Judge
{
    /** @return list<Finding> */
    public function findings(): array;
}
