<?php

declare(strict_types=1);

namespace Pensilis\Bench;

use Pensilis\Batching\Batch;
use Pensilis\Layout\ColourCup;
use Pensilis\Layout\LaidPour;
use Pensilis\Plan\Plan;

/** How many minutes hands need for each act at the bench, of a steady worker who does it for the tenth time (memory throughout). */
final class Pace
{
    /** For a nail in a corner that is not seen. */
    public const TEST = 1.0;

    /** To lift dust off a set coat with tape and wipe it. */
    public const WIPING = 2.0;

    /** To stir a jar, or wet a powder to a paste, before A meets B. */
    private const JAR = 0.5;

    /** To weigh or measure one part of a mix, and 100 g of it out of a bottle. */
    private const READING = 1.0;

    private const DISPENSING = 0.2;

    /** To pour a share off into a cup of its own; to dose one colour into a cup and stir it in. */
    private const PARTING = 0.25;

    private const DOSING = 1.25;

    /** To brush a thin bed into corners and floor of a vessel. */
    private const BED = 1.0;

    /** To begin on a vessel; each region beyond the first. */
    private const VESSEL = 0.5;

    private const REGION = 1.0;

    /** To spread on a square metre of a ground that stays, and to clean a metre of its edges. */
    private const SPREADING = 20.0;

    private const EDGES = 1.0;

    /** To go over the bubbles of a square metre, and to begin on a vessel. */
    private const PASSING = 10.0;

    private const PASSING_VESSEL = 0.5;

    /** Between the first pass and the next, as more of them rise. */
    public const RISING = 10.0;

    /** To fetch what is set and find its place, a kind after the other. */
    private const FETCHING = 0.5;

    /** For what is strewn or dropped on a wet coat. */
    public const STREWING = 3.0;

    public static function jars(LaidPour $pour): float
    {
        return self::JAR * count($pour->colourGrams());
    }

    /** To weigh and stir one of its mixes. */
    public static function mix(Batch $batch): float
    {
        $grams = $batch->gramsEach();

        return 2.0 * self::READING + self::DISPENSING * $grams / 100.0 + $batch->resin->sheet->stirs($grams) / 60.0;
    }

    /** The same for all of them: two pairs of hands mix two at a time. */
    public static function mixing(Batch $batch, int $hands): float
    {
        return self::mix($batch) * ceil($batch->goes() / max(1, min($hands, $batch->goes())));
    }

    /** To part a coat into its cups, and dose each of its colours. */
    public static function colouring(LaidPour $pour, int $hands): float
    {
        $minutes = array_sum(array_map(
            fn(ColourCup $cup): float => ($cup->isOwn() ? self::PARTING : 0.0) + self::DOSING * count($cup->recipe->parts),
            $pour->cups,
        ));

        return $minutes / max(1, min($hands, count($pour->cups)));
    }

    public static function bed(int $vessels): float
    {
        return self::BED * $vessels;
    }

    /** To pour, spread and, in a pattern, change from cup to cup. */
    public static function pouring(Plan $plan, LaidPour $pour): float
    {
        $vessels = $plan->setup->pieces;
        $regions = max(0, count($pour->portions->all) - 1);
        $spread = $plan->setup->making->isKept() ? self::SPREADING * self::area($plan) : 0.0;

        return Batch::POURED_IN * $pour->batch->fills() / 60.0 + $vessels * (self::VESSEL + self::REGION * $regions + $spread);
    }

    /** To go over the bubbles once. */
    public static function passing(Plan $plan): float
    {
        return $plan->setup->pieces * (self::PASSING_VESSEL + self::PASSING * self::area($plan));
    }

    /** To clean the edges of a ground that stays. */
    public static function edges(Plan $plan): float
    {
        return $plan->setup->pieces * self::EDGES * $plan->vessel->shape->sectionAt($plan->vessel->fill)->perimeter();
    }

    /**
     * To set objects.
     *
     * @param int $kinds that are fetched
     * @param int $all   in all vessels
     */
    public static function setting(Setting $how, int $kinds, int $all, int $hands): float
    {
        return (self::FETCHING * $kinds + $how->minutes() * $all) / max(1, min($hands, $all));
    }

    /** m² of the face that is poured. */
    private static function area(Plan $plan): float
    {
        return $plan->vessel->shape->sectionAt($plan->vessel->fill)->area();
    }
}
