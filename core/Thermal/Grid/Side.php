<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Grid;

use Pensilis\Numerics\Linear;

/** The upright faces of a row of cells in one direction, m². */
final readonly class Side
{
    /**
     * @param list<float> $gates towards the next cell
     * @param list<float> $skin  towards the air
     */
    public function __construct(public array $gates, public array $skin) {}

    /** Of a row so high whose walls are upright. */
    public static function upright(Mesh $mesh, int $direction, float $height): self
    {
        [$gates, $skin] = [[], []];
        for ($c = 0; $c < $mesh->cells(); $c++) {
            $side = $mesh->side($c, $direction) * $height;
            $isLast = $mesh->isLast($c, $direction);
            [$gates[], $skin[]] = [$isLast ? 0.0 : $side, $isLast && $mesh->isOpen() ? $side : 0.0];
        }

        return new self($gates, $skin);
    }

    /** The same and those of the row above it. */
    public function with(self $upper): self
    {
        return new self(Linear::plus($this->gates, $upper->gates), Linear::plus($this->skin, $upper->skin));
    }
}
