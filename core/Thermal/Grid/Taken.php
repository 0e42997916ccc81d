<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Grid;

use Pensilis\Material\Stuff;

/** What objects take of one row of cells, by cell. */
final readonly class Taken
{
    /**
     * @param list<float>      $volumes m³
     * @param list<Stuff|null> $stuffs  of what, by volume where there are several; null where there is nothing
     */
    public function __construct(public array $volumes, public array $stuffs) {}

    /** The same with what is taken of another row. */
    public function with(?self $other): self
    {
        if ($other === null) {
            return $this;
        }
        [$volumes, $stuffs] = [[], []];
        foreach ($this->volumes as $i => $volume) {
            $volumes[] = $both = $volume + $other->volumes[$i];
            [$here, $there] = [$this->stuffs[$i], $other->stuffs[$i]];
            $stuffs[] = $here === null || $there === null ? $here ?? $there : $here->beside($there, $other->volumes[$i] / $both);
        }

        return new self($volumes, $stuffs);
    }
}
