<?php

declare(strict_types=1);

namespace App\Interchange\Form;

use App\Interchange\PlanFile\Palette;
use Pensilis\Plan\Plan;
use Pensilis\PlanFile\Document;

/** Regions of a given pour as the hand lays them: drawn from place to place, divided evenly, repeated round the middle, coloured. */
final class RegionShaping
{
    /** As many as a plan file takes. */
    public const MOST = 24;

    /** How a coat is divided evenly, as a page offers it. */
    public const EVEN = ['bands', 'rings'];

    /** A direction so near to one of these steps is meant to be it, degrees. */
    private const NEAR = 6.0;

    private const STEP = 15.0;

    /** What is drawn by hand is no finer, mm. */
    private const FINE = 0.5;

    /** A freely drawn line may leave out places that lie so near to it, mm. */
    private const LOOSE = 0.4;

    /** How wide a line begins, mm. */
    private const WIDTH = 4;

    /**
     * What was drawn over the plan.
     *
     * @param string                              $shape  of a region
     * @param non-empty-list<array{float, float}> $points mm, in the order in which they were drawn
     *
     * @return array<string, mixed> a region of a plan file
     */
    public static function drawn(string $shape, array $points): array
    {
        [[$x, $y], [$toX, $toY]] = [$points[0], $points[count($points) - 1]];
        $degrees = self::direction($toX - $x, $toY - $y);
        $along = fn(float $px, float $py): float => self::fine($px * cos(deg2rad($degrees)) + $py * sin(deg2rad($degrees)));

        return ['shape' => $shape] + match ($shape) {
            'band' => ['angle_deg' => $degrees, 'from_mm' => $along($x, $y), 'to_mm' => $along($toX, $toY)],
            'half' => ['angle_deg' => $degrees, 'from_mm' => $along($x, $y)],
            'ring' => [
                'at_mm' => [self::fine($x), self::fine($y)], 'inner_mm' => 0, 'outer_mm' => self::fine(hypot($toX - $x, $toY - $y)),
            ],
            'line'  => ['points_mm' => self::loosened($points), 'width_mm' => self::WIDTH],
            default => self::outline($points),
        };
    }

    /**
     * A coat divided into as many parts of the same width, instead of the regions that it had.
     *
     * @param array<string, mixed> $document
     * @param value-of<self::EVEN> $way
     *
     * @return array<string, mixed>
     */
    public static function divided(array $document, Plan $plan, int $pour, string $way, int $count): array
    {
        $rim = $plan->vessel->shape->sectionAt($plan->vessel->shape->height());
        [$wide, $far] = [1e3 * $rim->halfX, 1e3 * hypot($rim->halfX, $rim->halfY)];
        $at = fn(float $share): float => round($wide * $share, 1);
        $zones = [];
        for ($n = 0; $n < $count; $n++) {
            // The last ring reaches into the corners.
            $zones[] = $way === 'bands'
                ? ['shape' => 'band', 'angle_deg' => 0, 'from_mm' => $at(2 * $n / $count - 1), 'to_mm' => $at(2 * ($n + 1) / $count - 1)]
                : ['shape'     => 'ring', 'at_mm' => [0, 0], 'inner_mm' => $at($n / $count),
                    'outer_mm' => $n === $count - 1 ? ceil($rim->round ? $wide : $far) : $at(($n + 1) / $count)];
        }
        $was = array_values(Document::list($document, "/pours/{$pour}/zones"));
        foreach ($zones as $n => $zone) {
            $mix = is_array($was[$n] ?? null) ? Document::list($was[$n], '/mix') : [];
            $zones[$n] = $mix === [] ? $zone : $zone + ['mix' => $mix];
        }

        return Document::with($document, "/pours/{$pour}/zones", $zones);
    }

    /**
     * One region so often round the middle of the vessel, itself counted.
     *
     * @param array<array-key, mixed> $zone of a plan file
     *
     * @return list<array<array-key, mixed>> the others
     */
    public static function around(array $zone, int $times): array
    {
        $others = [];
        for ($n = 1; $n < $times; $n++) {
            $degrees = 360.0 * $n / $times;
            $others[] = self::turned(array_diff_key($zone, ['name' => 1]), $degrees);
        }

        return $others;
    }

    /**
     * A mix of one colour, as strong as its kind begins with, or clear; of a region, or of the ground.
     *
     * @param array<string, mixed>      $document
     * @param array<string, mixed>|null $colour   of the palette; nothing for clear. What the piece has not yet comes to it.
     *
     * @return array<string, mixed>
     */
    public static function coloured(array $document, CoatPart $part, ?array $colour): array
    {
        $at = $part->pointer();
        if (!$part->isIn($document)) {
            return $document;
        }
        if ($colour === null) {
            return Document::without($document, "{$at}/mix");
        }
        $named = array_column(Document::list($document, '/colours'), 'id', 'name');
        $name = is_string($colour['name'] ?? null) ? $colour['name'] : '';
        if (!isset($named[$name])) {
            $document = Palette::with($document, $colour);
            $named = array_column(Document::list($document, '/colours'), 'id', 'name');
        }
        $is = array_column(Document::list($document, "{$at}/mix"), 'colour') === [$named[$name]];

        return $is ? $document : CoatShaping::tidy(Document::with($document, "{$at}/mix", [['colour' => $named[$name]]]));
    }

    /**
     * @param array<array-key, mixed> $zone
     *
     * @return array<array-key, mixed>
     */
    private static function turned(array $zone, float $degrees): array
    {
        [$c, $s] = [cos(deg2rad($degrees)), sin(deg2rad($degrees))];
        $turn = fn(float $x, float $y): array => [round($c * $x - $s * $y, 2), round($s * $x + $c * $y, 2)];
        if (isset($zone['angle_deg']) || in_array($zone['shape'] ?? null, ['band', 'half'], true)) {
            return ['angle_deg' => fmod((Document::number($zone, '/angle_deg') ?? 0.0) + $degrees, 360.0)] + $zone;
        }
        if (is_array($zone['points_mm'] ?? null)) {
            return ['points_mm' => array_map(
                fn(mixed $p): array => is_array($p)
                    ? $turn(Document::number($p, '/0') ?? 0.0, Document::number($p, '/1') ?? 0.0)
                    : [0.0, 0.0],
                $zone['points_mm'],
            )] + $zone;
        }

        return ['at_mm' => $turn(Document::number($zone, '/at_mm/0') ?? 0.0, Document::number($zone, '/at_mm/1') ?? 0.0)] + $zone;
    }

    /** Degrees from the right towards behind, of a hand that means a step where it is near one. */
    private static function direction(float $dx, float $dy): float
    {
        $degrees = rad2deg(atan2($dy, $dx));
        $step = self::STEP * round($degrees / self::STEP);

        return abs($degrees - $step) <= self::NEAR ? $step : round($degrees);
    }

    private static function fine(float $mm): float
    {
        return self::FINE * round($mm / self::FINE);
    }

    /**
     * A closed line about the middle of its bounding box, where a plan file counts its place from.
     *
     * @param non-empty-list<array{float, float}> $points
     *
     * @return array<string, mixed>
     */
    private static function outline(array $points): array
    {
        $points = self::loosened($points);
        [$xs, $ys] = [array_column($points, 0), array_column($points, 1)];
        $path = implode('L', array_map(fn(array $p): string => "{$p[0]} {$p[1]}", $points));

        return [
            'at_mm' => [round(0.5 * (min($xs) + max($xs)), 2), round(0.5 * (min($ys) + max($ys)), 2)], 'path' => "M{$path}Z",
        ];
    }

    /**
     * As few of the places as keep the line: after Douglas and Peucker, Cartographica 10 (1973) 112.
     *
     * @param non-empty-list<array{float, float}> $points
     *
     * @return non-empty-list<array{float, float}>
     */
    private static function loosened(array $points): array
    {
        [[$x, $y], [$toX, $toY]] = [$points[0], $points[count($points) - 1]];
        [$worst, $most] = [0, self::LOOSE];
        $length = hypot($toX - $x, $toY - $y);
        foreach ($points as $n => [$px, $py]) {
            $off = $length > 0.0
                ? abs(($toX - $x) * ($py - $y) - ($toY - $y) * ($px - $x)) / $length
                : hypot($px - $x, $py - $y);
            if ($off > $most) {
                [$worst, $most] = [$n, $off];
            }
        }
        if ($worst === 0) {
            return [[round($x, 1), round($y, 1)], [round($toX, 1), round($toY, 1)]];
        }
        [$head, $tail] = [array_slice($points, 0, $worst + 1), array_slice($points, $worst)];
        assert($head !== [] && $tail !== []);

        return [...self::loosened($head), ...array_slice(self::loosened($tail), 1)];
    }
}
