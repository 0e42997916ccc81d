<?php

declare(strict_types=1);

namespace Pensilis\PlanFile;

use Pensilis\Finding\Code;
use Pensilis\Geometry\Scatter;
use Pensilis\Geometry\Section;
use Pensilis\Material\Inclusion;
use Pensilis\Quantity\Length;
use Pensilis\Quantity\Number;
use Pensilis\Vessel\Vessel;

/**
 * Gives the copies of objects their places (`copies` and `spread` of a plan file): the first lies where the plan says, the
 * others are spread by a seed, clear of each other, of the wall and of objects at their height.
 */
final readonly class CopySpreader
{
    /** Between the edges of two copies where the plan does not say, mm. */
    private const SPACING = 2.0;

    private const MOST = 500;

    public function __construct(private Problems $problems, private Vessel $vessel) {}

    /**
     * @param list<Inclusion> $inclusions
     * @param list<Node>      $nodes      of the same
     *
     * @return list<Inclusion>
     */
    public function spread(array $inclusions, array $nodes): array
    {
        $all = array_sum(array_map(fn(Node $node): float => $node->number('copies', 1.0), $nodes));
        if ($all > self::MOST) {
            $this->problems->add(
                Code::TooManyObjects,
                '/inclusions',
                ['most' => Number::count(self::MOST), 'count' => Number::count((int) $all)],
            );

            return $inclusions;
        }
        foreach ($nodes as $i => $node) {
            $count = (int) $node->number('copies', 1.0);
            if ($count > 1) {
                $inclusions[$i] = $this->copies($inclusions[$i], $count, $node, array_diff_key($inclusions, [$i => null]));
            }
        }

        return array_values($inclusions);
    }

    /**
     * Where in plan a further object finds room: in the middle, else clear of those at its height.
     *
     * @param list<Inclusion> $others
     *
     * @return array{float, float} x and y, m; the middle where there is no room
     */
    public function placeOf(Inclusion $inclusion, array $others): array
    {
        $foot = $inclusion->solid->footprint();
        $taken = self::taken($inclusion, $others);
        $reach = Scatter::reach($foot) + self::SPACING / 1e3;
        $middle = array_filter($taken, fn(array $one): bool => hypot($one[0], $one[1]) < $one[2] + $reach) === [];
        $scatter = new Scatter($this->room($inclusion), $foot, self::SPACING / 1e3, count($others) + 1);

        return $middle ? [0.0, 0.0] : $scatter->fill([], 1, $taken, null)[0] ?? [0.0, 0.0];
    }

    /** @param array<int, Inclusion> $others */
    private function copies(Inclusion $inclusion, int $count, Node $node, array $others): Inclusion
    {
        $spread = $node->maybeChild('spread');
        $spacing = $spread->number('spacing_mm', self::SPACING) / 1e3;
        $radius = $spread->maybe('radius_mm');
        $scatter = new Scatter($this->room($inclusion), $inclusion->solid->footprint(), $spacing, (int) $spread->number('seed', 1.0));
        $places = $scatter->fill($inclusion->places(), $count, self::taken($inclusion, $others), $radius === null ? null : $radius / 1e3);
        if (count($places) < $count) {
            $this->problems->add(
                Code::NoRoom,
                $node->at('copies'),
                ['placed' => Number::count(count($places)), 'count' => Number::count($count), 'spacing' => Length::metres($spacing)],
                ['object' => $inclusion->id],
            );
        }

        return $inclusion->spread(array_slice($places, 1));
    }

    /** The narrowest level cut that the object passes. */
    private function room(Inclusion $inclusion): Section
    {
        $room = $this->vessel->shape->sectionAt($inclusion->targetBottom);
        foreach ([0.5, 1.0] as $share) {
            $cut = $this->vessel->shape->sectionAt($inclusion->targetBottom + $share * $inclusion->solid->height());
            $room = $cut->area() < $room->area() ? $cut : $room;
        }

        return $room;
    }

    /**
     * @param array<int, Inclusion> $others
     *
     * @return list<array{float, float, float}> places and reaches of those that share its heights
     */
    private static function taken(Inclusion $inclusion, array $others): array
    {
        $taken = [];
        foreach ($others as $other) {
            if ($other->targetBottom < $inclusion->targetTop() && $inclusion->targetBottom < $other->targetTop()) {
                foreach ($other->places() as [$x, $y]) {
                    $taken[] = [$x, $y, Scatter::reach($other->solid->footprint())];
                }
            }
        }

        return $taken;
    }
}
