<?php

declare(strict_types=1);

namespace Pensilis\Geometry;

use Pensilis\Exception\ImpossibleValue;

/** A vessel of several parts on top of each other, such as a shallow tray over a channel. Invariant: two parts or more. */
final readonly class Stepped implements VesselShape
{
    /** @param non-empty-list<VesselShape> $parts from the bottom up */
    private function __construct(private array $parts) {}

    /** @param list<VesselShape> $parts from the bottom up */
    public static function of(array $parts): self
    {
        return count($parts) < 2 ? throw ImpossibleValue::outside('steps', count($parts), 2, INF) : new self($parts);
    }

    public function height(): float
    {
        return array_sum(array_map(fn(VesselShape $part): float => $part->height(), $this->parts));
    }

    public function sectionAt(float $z): Section
    {
        $last = $this->parts[count($this->parts) - 1];
        foreach ($this->parts as $part) {
            if ($z < $part->height() || $part === $last) {
                return $part->sectionAt($z);
            }
            $z -= $part->height();
        }

        return $last->sectionAt($z);
    }

    public function volumeTo(float $z): float
    {
        $volume = 0.0;
        foreach ($this->parts as $part) {
            $volume += $part->volumeTo($z);
            $z -= $part->height();
        }

        return $volume;
    }

    public function isUpright(): bool
    {
        return false;
    }
}
