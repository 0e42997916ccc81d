<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Grid;

use Pensilis\Material\Stuff;
use Pensilis\Numerics\Linear;
use Pensilis\Vessel\Vessel;

/**
 * All objects and fillers of a piece, spread over the cells of its mesh: each takes the share of a row that it takes of that height of the
 * true vessel, from the rings that a disc of that area at its distance from the middle covers. Around the middle it is thinned out to a
 * whole ring.
 *
 * A run's working state: what they take of a row is found once.
 */
final class Bodies
{
    /** A cell that they take whole keeps a little resin, as a share. */
    private const MOST = 0.999;

    /** @var array<string, Taken|null> */
    private array $known = [];

    /** @param list<Body> $bodies */
    public function __construct(private readonly Vessel $vessel, private readonly array $bodies) {}

    /**
     * What they take of a row of a mesh between two heights; null where none reaches there.
     *
     * @param list<float> $inside m³ of each cell
     */
    public function within(Mesh $mesh, array $inside, float $from, float $to): ?Taken
    {
        $key = count($inside) . " {$from} {$to}";
        if (!array_key_exists($key, $this->known)) {
            $this->known[$key] = $this->find($mesh, $inside, $from, $to);
        }

        return $this->known[$key];
    }

    /** @param list<float> $inside m³ of each cell */
    private function find(Mesh $mesh, array $inside, float $from, float $to): ?Taken
    {
        $none = $held = array_fill(0, $mesh->rings(), 0.0);
        foreach ($inside as $c => $here) {
            $held[$mesh->ring($c)] += $here;
        }
        [$volumes, $heat, $conducts, $scale] = [$none, $none, $none, null];
        foreach ($this->bodies as $body) {
            $volume = $body->between($from, $to);
            if ($volume <= 0.0) {
                continue;
            }
            $scale ??= array_sum($inside) / $this->vessel->volumeBetween($from, $to);
            foreach (self::rings($mesh, $held, $body, $scale * $volume, $to - $from) as $i => $here) {
                $volumes[$i] += $here;
                $heat[$i] += $here * $body->stuff->volumetric();
                $conducts[$i] += $here * $body->stuff->conductivity;
            }
        }

        return $scale === null ? null : self::taken($inside, ...self::overCells($mesh, [$volumes, $heat, $conducts]));
    }

    /**
     * What a body and its copies take of each ring.
     *
     * @param array<int, float> $held   m³ of each ring
     * @param float             $volume m³ of one of them
     *
     * @return array<int, float> m³
     */
    private static function rings(Mesh $mesh, array $held, Body $body, float $volume, float $height): array
    {
        if ($body->distances === []) {
            $whole = array_sum($held);

            return array_map(fn(float $here): float => $volume * $here / $whole, $held);
        }
        $sum = array_fill(0, $mesh->resinRings(), 0.0);
        foreach ($body->distances as $distance) {
            $sum = Linear::plus($sum, self::spread($mesh, $volume, $height, $distance));
        }

        return $sum;
    }

    /**
     * What is taken of each ring, over its cells by area.
     *
     * @param list<array<int, float>> $taken of each ring, one kind after the other
     *
     * @return array<int, list<float>> of each cell
     */
    private static function overCells(Mesh $mesh, array $taken): array
    {
        [$areas, $spread] = [array_fill(0, $mesh->rings(), 0.0), []];
        for ($c = 0; $c < $mesh->cells(); $c++) {
            $areas[$mesh->ring($c)] += $mesh->area($c);
        }
        for ($c = 0; $c < $mesh->cells(); $c++) {
            [$ring, $area] = [$mesh->ring($c), $mesh->area($c)];
            foreach ($taken as $n => $rings) {
                $spread[$n][] = $rings[$ring] * $area / $areas[$ring];
            }
        }

        return $spread;
    }

    /**
     * A volume over the rings that hold resin, by what a disc as high as the row covers of each.
     *
     * @return list<float> m³
     */
    private static function spread(Mesh $mesh, float $volume, float $height, float $distance): array
    {
        $radius = sqrt($volume / $height / M_PI);
        $away = $distance * $mesh->disc($mesh->resinRings());
        $covered = array_map(
            fn(int $i): float => self::common($mesh->disc($i), $radius, $away),
            range(0, $mesh->resinRings()),
        );
        $all = $covered[$mesh->resinRings()];

        return array_map(
            fn(int $i): float => $all > 0.0 ? $volume * ($covered[$i + 1] - $covered[$i]) / $all : $volume / $mesh->resinRings(),
            range(0, $mesh->resinRings() - 1),
        );
    }

    /**
     * Area that two discs have in common, by their radii and the distance of their middles.
     *
     * CRC Standard Mathematical Tables: two circular segments.
     */
    private static function common(float $one, float $other, float $distance): float
    {
        $smaller = min($one, $other);
        if ($smaller <= 0.0 || $distance >= $one + $other) {
            return 0.0;
        }
        if ($distance <= abs($one - $other)) {
            return M_PI * $smaller ** 2;
        }
        $segment = function (float $radius, float $against) use ($distance): float {
            $to = ($distance ** 2 + $radius ** 2 - $against ** 2) / (2.0 * $distance);

            return $radius ** 2 * acos(max(-1.0, min(1.0, $to / $radius))) - $to * sqrt(max(0.0, $radius ** 2 - $to ** 2));
        };

        return $segment($one, $other) + $segment($other, $one);
    }

    /**
     * @param list<float>       $inside   m³ of each cell
     * @param array<int, float> $volumes  m³ of objects in it
     * @param array<int, float> $heat     J/K
     * @param array<int, float> $conducts W·m²/K
     */
    private static function taken(array $inside, array $volumes, array $heat, array $conducts): Taken
    {
        [$kept, $stuffs] = [[], []];
        foreach ($inside as $i => $whole) {
            $volume = min($volumes[$i], self::MOST * $whole);
            $kept[] = $volume;
            // As one stuff, its heat capacity told for a kilogram in a cubic metre.
            $stuffs[] = $volume > 0.0 ? Stuff::of($conducts[$i] / $volumes[$i], 1.0, $heat[$i] / $volumes[$i]) : null;
        }

        return new Taken($kept, $stuffs);
    }
}
