<?php

declare(strict_types=1);

namespace Pensilis\Simulation;

use Pensilis\Resin\Viscosity;
use Pensilis\Settling\Placement;
use Pensilis\Thermal\SimulatedPour;

/**
 * The windows of a pour, named by what can be done in them: by how thick it is until it gels, then by its face. Hours from its start; null
 * where a moment does not come, or a window does not end.
 */
final readonly class DoneWhen
{
    /** A sheet bends just before and after it gels (common practice); a twentieth of the gel time either way (memory). */
    public const BENDS = 0.05;

    private function __construct(public Doing $doing, public ?float $opens, public ?float $closes) {}

    /** @return list<self> */
    public static function all(SimulatedPour $pour): array
    {
        $thickening = $pour->thickening;
        [$line, $air, $wets] = array_map(
            fn(float $viscosity): ?float => $thickening?->reaches($viscosity),
            [Viscosity::KEEPS_A_LINE, Viscosity::WORKABLE, Placement::WETS],
        );
        [$from, $to] = self::bends($pour);

        return [
            new self(Doing::Merge, 0.0, $line),
            new self(Doing::KeepLine, $line, $air),
            new self(Doing::MoveByAir, 0.0, $air),
            new self(Doing::Place, 0.0, $wets),
            new self(Doing::PressOn, $wets, $pour->recoatCloses),
            new self(Doing::ScatterOn, $wets, $pour->recoatCloses),
            new self(Doing::Bend, $from, $to),
            new self(Doing::LeaveAlone, $air, $pour->recoatOpens),
            new self(Doing::Recoat, ...$pour->recoat()),
            new self(Doing::Sand, $pour->demold, null),
        ];
    }

    /** @return array{float|null, float|null} from when to when a sheet of it bends */
    public static function bends(SimulatedPour $pour): array
    {
        return $pour->gelFirst === null
            ? [null, null]
            : [(1.0 - self::BENDS) * $pour->gelFirst, (1.0 + self::BENDS) * ($pour->gelLast ?? $pour->gelFirst)];
    }
}
