<?php

declare(strict_types=1);

namespace Pensilis\Value;

/** A value made anew with some of its parts changed; each is named by the parameter of the constructor that takes it. */
trait Copied
{
    /** @param mixed ...$parts by name; all others stay */
    private function but(mixed ...$parts): self
    {
        // @phpstan-ignore argument.type (the constructor holds each part against its own type)
        return new self(...[...get_object_vars($this), ...$parts]);
    }
}
