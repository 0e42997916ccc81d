<?php

declare(strict_types=1);

namespace Pensilis\Answer;

use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Finding\Mend;
use Pensilis\Layout\Draft;
use Pensilis\Layout\LaidPour;
use Pensilis\Layout\Layout;
use Pensilis\Material\Hold;
use Pensilis\Material\Inclusion;
use Pensilis\Plan\Plan;
use Pensilis\Quantity\Length;
use Pensilis\Quantity\Temperature;
use Pensilis\Thermal\Run\Budget;
use Pensilis\Thermal\SimulatedPour;

/**
 * The smallest changes with which a piece can be cast that cannot be as it is: an object lower or higher, more tolerance, tack, a thread, a
 * hotter pour allowed, pins let go. Each was planned to the end before it is told, what the reasons themselves offer too; what does not
 * help, or would take too long to try, is not offered.
 */
final readonly class WaysOut
{
    /** Told at the most. */
    private const MOST = 4;

    /** Pours of all that is planned to the end, but for the first. */
    private const MOST_POURS = 32;

    /** Heights and tolerances are changed in these steps, m, and by so many at the most. */
    private const STEP = 5e-4;

    private const STEPS = 60;

    /** Objects that are looked at, those first that reasons name. */
    private const OBJECTS = 4;

    /**
     * The same answer with reasons that mend only by what was proven, and what else would do.
     *
     * @param callable(Plan): bool $canCast
     * @param Budget               $budget  of all that is looked for
     */
    public static function of(PlanAnswer $refused, Plan $piece, callable $canCast, Budget $budget): PlanAnswer
    {
        [$known, $followed, $proven] = [[], 0, []];
        $holds = function (Plan $changed) use ($canCast, $budget, &$known, &$followed): bool {
            $budget->lay(count($changed->resins));
            $layout = Draft::fewest($changed);
            $pours = count($layout->pours ?? []);
            $key = $layout === null ? '' : self::casting($changed, $layout);
            if ($layout === null || ($followed > 0 && !isset($known[$key]) && $followed + $pours > self::MOST_POURS)) {
                return false;
            }
            $followed += isset($known[$key]) ? 0 : $pours;

            return $known[$key] ??= $canCast($changed);
        };
        $reasons = [];
        foreach ($refused->reasons as $reason) {
            $changed = $reason->mend === null ? null : self::mended($piece, $reason->mend);
            $works = $changed !== null && $holds($changed);
            $reasons[] = $works || $reason->mend === null ? $reason : $reason->unmended();
            $proven = $works ? [...$proven, self::key($reason->mend)] : $proven;
        }
        $told = [];
        foreach (self::candidates($refused, $piece, $budget) as [$finding, $changed]) {
            $key = self::key($finding->mend);
            if (count($told) < self::MOST && !in_array($key, $proven, true) && $holds($changed)) {
                [$told[], $proven[]] = [$finding, $key];
            }
        }

        return $refused->because($reasons, $told);
    }

    /** What is cast and how warm it may get: what differs in nothing else holds alike. */
    private static function casting(Plan $plan, Layout $layout): string
    {
        return json_encode([
            array_map(fn(LaidPour $pour): array => [$pour->resin->id, $pour->depth()], $layout->pours),
            array_map(fn(Inclusion $one): array => [$one->hold, $layout->bottomOf($one)], $plan->inclusions),
            $plan->studio->greatestCelsius,
        ], JSON_THROW_ON_ERROR);
    }

    private static function key(?Mend $mend): string
    {
        return $mend === null ? '' : $mend->pointer . ' ' . json_encode($mend->value);
    }

    /** A plan with an object as a mend would have it; null where it mends something else. */
    private static function mended(Plan $piece, Mend $mend): ?Plan
    {
        if (preg_match('#^/inclusions/(\d+)/(target_bottom_mm|hold)$#', $mend->pointer, $found) !== 1) {
            return null;
        }
        [, $i, $key] = $found;
        $object = $piece->inclusions[(int) $i];

        return $piece->changing((int) $i, $key === 'hold'
            ? $object->held(Hold::from((string) $mend->value)) : $object->targeting(1e-3 * (float) $mend->value));
    }

    /** @return list<array{Finding, Plan}> */
    private static function candidates(PlanAnswer $refused, Plan $piece, Budget $budget): array
    {
        $found = $piece->pins === [] ? []
            : [[Finding::of(Code::WouldDoUnpinned, $pins = '/layering/pinned', mend: new Mend($pins, null)), $piece->unpinned()]];
        array_push($found, ...self::hotter($refused, $piece));
        // What heat refuses no other height helps.
        if ($refused->simulation !== null) {
            return $found;
        }
        foreach (self::objects($refused, $piece) as $i => $object) {
            array_push($found, ...self::moved($piece, $i, $object, $budget), ...self::held($piece, $i, $object, $budget));
        }

        return $found;
    }

    /** @return array<int, Inclusion> by their numbers, those first that reasons name */
    private static function objects(PlanAnswer $refused, Plan $piece): array
    {
        $named = array_merge(...array_map(fn(Finding $reason): array => $reason->objects(), $refused->reasons));
        $order = array_unique([...$named, ...array_keys($piece->inclusions)]);

        $objects = [];
        foreach (array_slice($order, 0, self::OBJECTS) as $i) {
            $objects[$i] = $piece->inclusions[$i];
        }

        return $objects;
    }

    /**
     * The nearest height with which layers can be found, and the least tolerance: both are as far, as heights that a greater tolerance
     * allows are those that lie within the old one of a target that is moved.
     *
     * @return list<array{Finding, Plan}>
     */
    private static function moved(Plan $piece, int $i, Inclusion $object, Budget $budget): array
    {
        $loose = fn(int $steps): Plan => $piece->changing($i, $object->tolerating($object->tolerance + $steps * self::STEP));
        [$few, $many] = [0, self::STEPS];
        if (!self::hasLayers($loose($many), $budget)) {
            return [];
        }
        while ($many - $few > 1) {
            $middle = intdiv($few + $many, 2);
            [$few, $many] = self::hasLayers($loose($middle), $budget) ? [$few, $middle] : [$middle, $many];
        }
        if ($budget->isSpent()) {
            return [];
        }
        [$by, $found] = [$many * self::STEP, []];
        foreach ([[Code::WouldDoLower, -$by], [Code::WouldDoHigher, $by]] as [$code, $shift]) {
            $target = $object->targetBottom + $shift;
            $changed = $piece->changing($i, $object->targeting($target));
            if ($target >= 0.0 && self::hasLayers($changed, $budget)) {
                $better = ['by' => Length::metres($by), 'better' => Length::metres($target)];
                $found[] = self::way($code, $i, $object, 'target_bottom_mm', 1e3 * $target, $better, $changed);
            }
        }
        $tolerance = $object->tolerance + $by;
        $better = ['better' => Length::metres($tolerance)];
        $found[] = self::way(Code::WouldDoTolerant, $i, $object, 'tolerance_mm', 1e3 * $tolerance, $better, $loose($many));

        return $found;
    }

    /** Whether there are layers for a plan; none where nothing is left to look for them. */
    private static function hasLayers(Plan $plan, Budget $budget): bool
    {
        if ($budget->isSpent()) {
            return false;
        }
        $budget->lay(count($plan->resins));

        return Draft::holds($plan);
    }

    /** @return list<array{Finding, Plan}> pressed into tack; proud of a coat that has thickened; or on a thread */
    private static function held(Plan $piece, int $i, Inclusion $object, Budget $budget): array
    {
        $found = [];
        $proud = $object->cover < 0.0 ? [[Hold::Thick, Code::WouldDoThick]] : [];
        foreach ([[Hold::Tack, Code::WouldDoInTack], ...$proud, [Hold::Hang, Code::WouldDoHung]] as [$hold, $code]) {
            $changed = $piece->changing($i, $object->held($hold));
            if ($object->hold !== $hold && self::hasLayers($changed, $budget)) {
                $found[] = self::way($code, $i, $object, 'hold', $hold->value, [], $changed);
            }
        }

        return $found;
    }

    /**
     * A greater heat allowed, where it is only the artist who does not allow it.
     *
     * @return list<array{Finding, Plan}>
     */
    private static function hotter(PlanAnswer $refused, Plan $piece): array
    {
        $simulation = $refused->simulation;
        if ($simulation === null || $piece->studio->greatestCelsius === null) {
            return [];
        }
        $peak = ceil(max([-INF, ...array_map(fn(SimulatedPour $pour): float => $pour->peakCelsius, $simulation->pours)]));
        $allowed = Finding::of(
            Code::HotterWouldDo,
            '/studio/max_peak_celsius',
            ['peak' => Temperature::celsius($peak)],
            mend: new Mend('/studio/max_peak_celsius', $peak),
        );

        return [[$allowed, $piece->allowing($peak)]];
    }

    /**
     * @param array<string, Length> $quantities
     *
     * @return array{Finding, Plan}
     */
    private static function way(
        Code $code,
        int $i,
        Inclusion $object,
        string $key,
        float|string $value,
        array $quantities,
        Plan $changed,
    ): array {
        $mend = new Mend("/inclusions/{$i}/{$key}", is_float($value) ? round($value, 3) : $value);

        return [Finding::of($code, "/inclusions/{$i}", $quantities, ['object' => $object->id], $mend), $changed];
    }
}
