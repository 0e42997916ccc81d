<?php

declare(strict_types=1);

namespace Pensilis\PlanFile;

use Pensilis\Exception\ImpossibleValue;
use Pensilis\Exception\MissingKey;
use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Plan\Plan;
use Pensilis\Quantity\Temperature;
use Pensilis\Resin\Resin;
use Pensilis\Thermal\Fit\Observed;
use Pensilis\Thermal\Fit\Tack;

/** Reads what a studio has logged of a resin: gel times, tack tests and what probes read. */
final readonly class LogReader
{
    /** Points, and readings of a probe: more make a fit no better, and each is followed again and again. */
    public const MOST = 30;

    private const READINGS = 2000;

    /** @param non-empty-list<Observed> $points */
    private function __construct(public Resin $resin, public array $points) {}

    /**
     * @param array<array-key, mixed> $document
     *
     * @throws PlanRefused with all problems at once
     */
    public static function read(array $document, Plan $plan): self
    {
        $problems = new Problems();
        $root = Node::root($document);
        [$resin, $points] = [null, []];
        try {
            $resin = self::resin($root->text('resin'), $plan);
            foreach ($problems->few($root, 'points', self::MOST) as $node) {
                $points[] = $problems->attempt($node->pointer, fn(): Observed => self::point($node, $plan, $problems));
            }
        } catch (MissingKey $missing) {
            $problems->attempt($missing->pointer, fn(): never => throw $missing);
        }
        if ($resin === null) {
            $problems->add(Code::UnknownResin, '/resin', names: ['id' => $root->text('resin', '')]);
        }
        $problems->throwIfAny();
        $points = array_values(array_filter($points, fn(?Observed $one): bool => $one !== null));
        if ($resin === null || $points === []) {
            throw new PlanRefused([Finding::of(Code::MissingKey, '', names: ['key' => 'points'])]);
        }

        return new self($resin, $points);
    }

    private static function resin(string $id, Plan $plan): ?Resin
    {
        foreach ($plan->resins as $resin) {
            if ($resin->id === $id) {
                return $resin;
            }
        }

        return null;
    }

    /** @throws ImpossibleValue|MissingKey */
    private static function point(Node $node, Plan $plan, Problems $problems): Observed
    {
        $celsius = $node->maybe('celsius') ?? Temperature::kelvin($plan->ambient->at(0.0))->c();
        ImpossibleValue::unlessWithin('room_celsius', $celsius, -30.0, 60.0);
        $depth = $node->maybe('depth_mm') ?? 1e3 * ($plan->pours[0]->depth ?? $plan->vessel->fill);
        ImpossibleValue::unlessWithin('pour-depth_mm', $depth, 0.1, 2000.0);
        $diameter = $node->maybe('diameter_mm');
        if ($diameter !== null) {
            ImpossibleValue::unlessWithin('diameter_mm', $diameter, 1.0, 2000.0);
        }
        $across = $diameter === null ? null : 1e-3 * $diameter;
        $room = Temperature::celsius($celsius)->k();
        $kind = $node->choice('kind', ['gel', 'tack', 'probe']);
        if ($kind !== 'probe') {
            $at = 3600.0 * $node->number('at_h');
            ImpossibleValue::unlessWithin('logged-gel_h', $at / 3600.0, 0.01, 1000.0);

            $found = $kind === 'gel' ? null : Tack::from($node->choice('result', array_column(Tack::cases(), 'value')));

            return $found === null ? Observed::gel($at, $room, 1e-3 * $depth, $across)
                : Observed::tack($found, $at, $room, 1e-3 * $depth, $across);
        }
        $readings = [];
        foreach ($problems->few($node, 'series', self::READINGS) as $pair) {
            [$hour, $read] = [...$pair->numbers(), NAN, NAN];
            ImpossibleValue::unlessWithin('reading-hour_h', $hour, $readings === [] ? 0.0 : end($readings)[0] / 3600.0, 1000.0);
            ImpossibleValue::unlessWithin('reading_celsius', $read, -30.0, 400.0);
            $readings[] = [3600.0 * $hour, Temperature::celsius($read)->k()];
        }
        ImpossibleValue::unlessPositive('readings', (float) count($readings));

        return Observed::probe(
            $readings,
            1e-3 * $node->number('z_mm', 0.5 * $depth),
            1e-3 * $node->number('r_mm', 0.0),
            $room,
            1e-3 * $depth,
            $across,
        );
    }
}
