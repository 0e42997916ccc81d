<?php

declare(strict_types=1);

namespace Pensilis\Exception;

use Pensilis\Fact\Fact;

/** Lets an exception be made of the fact that it states. */
trait StatesFact
{
    private function __construct(private readonly Fact $fact)
    {
        parent::__construct($fact->name . ' ' . json_encode($fact->values, JSON_UNESCAPED_UNICODE | JSON_PARTIAL_OUTPUT_ON_ERROR));
    }

    public function fact(): Fact
    {
        return $this->fact;
    }
}
