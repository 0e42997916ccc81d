<?php

declare(strict_types=1);

namespace App\View\Drawing;

use Pensilis\Geometry\VesselShape;
use Pensilis\Material\Inclusion;
use Pensilis\Plan\Plan;

/** A piece, or an empty vessel, as a small shape for a list: inside of the vessel, objects at their targets. */
final readonly class Silhouette
{
    private const WIDTH = 60.0;

    private const HEIGHT = 44.0;

    private const CUTS = 8;

    private float $scale;

    /** @param list<Inclusion> $inclusions */
    public function __construct(private VesselShape $shape, private array $inclusions)
    {
        $half = max(array_map(fn(int $n): float => $shape->sectionAt($shape->height() * $n / self::CUTS)->halfX, range(0, self::CUTS)));
        $this->scale = min(self::WIDTH / (2.0 * $half), self::HEIGHT / $shape->height());
    }

    public static function ofPlan(Plan $plan): self
    {
        return new self($plan->vessel->shape, $plan->inclusions);
    }

    /** SVG points. */
    public function vessel(): string
    {
        $shape = $this->shape;
        [$left, $right] = [[], []];
        for ($n = 0; $n <= self::CUTS; $n++) {
            $z = $shape->height() * $n / self::CUTS;
            $half = $shape->sectionAt($z)->halfX;
            $right[] = $this->x($half) . ',' . $this->y($z);
            $left[] = $this->x(-$half) . ',' . $this->y($z);
        }

        return implode(' ', [...$right, ...array_reverse($left)]);
    }

    /** @return list<array{float, float, float, float}> middle and half extents */
    public function objects(): array
    {
        return array_map(fn($inclusion): array => [
            $this->x($inclusion->x),
            $this->y($inclusion->targetBottom + 0.5 * $inclusion->solid->height()),
            round($inclusion->solid->footprint()->halfX * $this->scale, 1),
            round(0.5 * $inclusion->solid->height() * $this->scale, 1),
        ], array_slice($this->inclusions, 0, 40));
    }

    private function x(float $metres): float
    {
        return round(32.0 + $metres * $this->scale, 1);
    }

    private function y(float $metres): float
    {
        return round(46.0 - $metres * $this->scale, 1);
    }
}
