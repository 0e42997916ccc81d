<?php

declare(strict_types=1);

namespace App\Interchange\Answers;

use App\Words\Words;
use Pensilis\Answer\Moved;
use Pensilis\Answer\PlanAnswer;
use Pensilis\Batching\Batch;
use Pensilis\Batching\OneMix;
use Pensilis\Fact\Fact;
use Pensilis\Finding\Finding;
use Pensilis\Judgement\BatchJudge;
use Pensilis\Judgement\Judges;
use Pensilis\Layout\Appearance;
use Pensilis\Layout\ColourCup;
use Pensilis\Layout\Draft;
use Pensilis\Layout\LaidPour;
use Pensilis\Layout\Layout;
use Pensilis\Layout\Portion;
use Pensilis\Layout\SideAppearance;
use Pensilis\Plan\Plan;
use Pensilis\Plan\Viewed;
use Pensilis\Scheduling\Joint;
use Pensilis\Scheduling\StudioClock;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;
use Pensilis\Simulation\Cups;
use Pensilis\Simulation\DoneWhen;
use Pensilis\Simulation\Simulation;
use Pensilis\Thermal\Fit\CalibrationStore;
use Pensilis\Thermal\Fit\LeftCup;

/** Writes answers with the keys and units that the command line promises (docs/decisions.md). */
final class AnswerWriter
{
    /** @return array<string, mixed> what will happen with given pours */
    public static function simulation(PlanAnswer $answer, CalibrationStore $store): array
    {
        return $answer->simulation === null
            ? []
            : [...self::followed($answer->simulation, $store), 'warnings' => self::findings($answer->findings)];
    }

    /** @return array<string, mixed> */
    private static function followed(Simulation $simulation, CalibrationStore $store): array
    {
        $pours = [];
        foreach ($simulation->layout->pours as $k => $pour) {
            $heat = $simulation->pours[$k];
            $resin = $store->calibrated($pour->resin);
            $largest = 1e-3 * $pour->batch->gramsEach();
            $cup = $largest <= 0.0 ? null
                : LeftCup::of($resin, $largest, $simulation->plan->ambient, 3600.0 * $heat->startHour);
            $pours[] = [
                'resin'    => $pour->resin->id, 'start_h' => $heat->startHour,
                'depth_mm' => 1e3 * $pour->depth(), 'bottom_mm' => 1e3 * $pour->bottom, 'top_mm' => 1e3 * $pour->top,
                ...self::amounts($pour->batch, $simulation->plan->setup->pieces),
                'peak_celsius'    => $heat->peakCelsius, 'peak_at_h' => $heat->peakAt,
                'gel_first_h'     => $heat->gelFirst, 'gel_last_h' => $heat->gelLast,
                'working_until_h' => $heat->workingUntil,
                'recoat_opens_h'  => $heat->recoat()[0], 'recoat_closes_h' => $heat->recoat()[1],
                'demold_h'        => $heat->demold, 'full_cure_h' => $heat->fullCure,
                'windows'         => array_map(fn(DoneWhen $one): array => [
                    'name' => $one->doing->value, 'opens_h' => $one->opens, 'closes_h' => $one->closes,
                ], DoneWhen::all($heat)),
                'cup_peak_celsius' => $cup?->peakCelsius, 'cup_runs_away_h' => $cup?->runsAway,
            ];
        }

        return [
            'pours'                => $pours,
            'inclusions'           => self::inclusions($simulation),
            'energy_balance_error' => $simulation->energyError,
        ];
    }

    /** @return array<string, mixed> */
    public static function plan(PlanAnswer $answer, CalibrationStore $store): array
    {
        $followed = $answer->simulation === null
            ? ['pours' => [], 'inclusions' => [], 'energy_balance_error' => null]
            : self::followed($answer->simulation, $store);
        $clock = $answer->plan->studio->clock;

        return [
            'feasible' => $answer->isFeasible(),
            'reasons'  => self::findings($answer->reasons),
            ...$followed,
            'warnings'        => self::findings($answer->findings),
            'cost'            => $answer->cost(),
            'pours_bound'     => Draft::bound($answer->plan),
            'deepest_pour_mm' => $answer->deepest === null ? null : 1e3 * $answer->deepest,
            'joints'          => array_map(fn(Joint $joint): string => $joint->value, $answer->joints),
            'tasks'           => array_map(fn(Task $task): array => self::task($task, $clock), $answer->tasks),
        ];
    }

    /** @return array<string, mixed> */
    public static function task(Task $task, StudioClock $clock): array
    {
        return [
            'id'      => $task->id,
            'kind'    => $task->kind->value, 'title' => Words::metric()->fact($task->what), 'pour' => $task->pour,
            'start_h' => $task->start, 'end_h' => $task->end,
            'start'   => $clock->iso($task->start), 'end' => $clock->iso($task->end),
            'objects' => $task->handling->objects, 'minutes' => round($task->minutes(), 1),
        ] + ($task->handling->contact === null ? [] : [
            'contact_h' => $task->handling->contact, 'placed_h' => $task->handling->placed,
        ]);
    }

    /** @return array<string, mixed> */
    public static function moved(Moved $moved, StudioClock $clock): array
    {
        [$task, $words] = [$moved->task, Words::metric()];

        return [
            'what' => $task->kind === TaskKind::Pour
                ? $words->inside(new Fact('moved.pour', ['pour' => (int) $task->pour + 1])) : $words->fact($task->what),
            'task'   => $task->id, 'pour' => $task->pour,
            'from_h' => $moved->from, 'to_h' => $task->start,
            'from'   => $clock->iso($moved->from), 'to' => $clock->iso($task->start), 'why' => $words->fact($moved->why),
        ];
    }

    /** @return array<string, mixed> the same as what is mixed, and for which pours */
    public static function sharedMix(OneMix $mix): array
    {
        return [
            'at_h' => $mix->at, 'resin' => $mix->resin(), 'grams' => array_sum($mix->grams()),
            'for'  => array_map(
                fn(array $share): array => ['piece' => $share[0], 'pour' => $share[1], 'grams' => $share[2]->grams()],
                $mix->shares,
            ),
        ];
    }

    /** @return array<string, mixed> */
    public static function oneMix(OneMix $mix): array
    {
        [$a, $b] = $mix->grams();

        return [
            'at_h'  => $mix->at, 'resin' => $mix->resin(), 'a_g' => $a, 'b_g' => $b,
            'pours' => array_map(
                fn(array $share): array => ['piece' => $share[0], 'pour' => $share[1], 'mix_g' => $share[2]->grams()],
                $mix->shares,
            ),
        ];
    }

    /** @return array<string, mixed> with what each cup takes, where one would outlive its pot life */
    public static function batch(Plan $plan, Layout $layout, CalibrationStore $store): array
    {
        $pours = [];
        foreach ($layout->pours as $k => $pour) {
            $batch = Cups::of($plan, $pour, $store->calibrated($pour->resin), $plan->pours[$k]->startHour ?? 0.0)->batch;
            [[$a, $b], [$aMl, $bMl]] = [$batch->readings(), $batch->measures()];
            $pours[] = [
                'resin'        => $pour->resin->id, 'depth_mm' => 1e3 * $pour->depth(), ...self::amounts($batch, $plan->setup->pieces),
                'measure_a_ml' => $batch->goes() * $aMl, 'measure_b_ml' => $batch->goes() * $bMl,
                'mixes'        => $batch->mixes, 'mixed_with' => $batch->isShared ? $k - 1 : null,
                'each'         => ['a' => $a, 'b' => $b, 'unit' => $batch->device->unit()],
                'splits'       => self::splits($batch),
                ...($pour->coat->isColoured() ? ['portions' => self::portions($pour), 'cups' => self::cups($pour)] : []),
                'held_back_g'     => $batch->held, 'over_g' => $batch->over(),
                'top_up_g'        => $batch->topUp,
                'goes'            => $pour->batch->mixes === 0 ? null : $pour->batch->mixes,
                'ratio_error_pct' => $batch->ratioErrorPercent(),
                'warnings'        => self::findings((new BatchJudge($batch, $k))->findings()),
            ];
        }

        return ['pours' => $pours, 'warnings' => self::findings(Judges::ofLayout($plan, $layout))];
    }

    /** @return list<array<string, mixed>> a cup for each region of one vessel */
    private static function portions(LaidPour $pour): array
    {
        return array_map(fn(Portion $one): array => [
            'name'      => Words::metric()->inside($one->name), 'area_pct' => 100.0 * $one->area,
            'share_pct' => 100.0 * $one->share, 'volume_ml' => 1e6 * $one->volume,
            'mix_g'     => 1e3 * $pour->resin->density * $one->plain($pour->resin->density),
            'colours'   => array_map(
                fn(array $part): array => ['colour' => $part[0]->id, $part[0]->kind->key() => $part[1]],
                $one->recipe->parts,
            ),
        ], $pour->portions->all);
    }

    /** @return list<array<string, mixed>> what is stirred in which cup, in all vessels */
    private static function cups(LaidPour $pour): array
    {
        return array_map(fn(ColourCup $cup): array => [
            'for'   => array_map(fn(Portion $one): string => Words::metric()->inside($one->name), $cup->portions),
            'mix_g' => $cup->grams(), 'pours_g' => $cup->pours, 'keeps_g' => $cup->keeps, 'top_up_g' => $cup->topUp,
        ], $pour->cups);
    }

    /** @return list<array{a_g: float, b_g: float}> */
    private static function splits(Batch $batch): array
    {
        $mixes = $batch->goes();

        return array_fill(0, $mixes, ['a_g' => $batch->a() / $mixes, 'b_g' => $batch->b() / $mixes]);
    }

    /** @return array<string, float> what goes into one vessel; readings are of the mix that serves all */
    private static function amounts(Batch $batch, int $pieces): array
    {
        [$weighA, $weighB] = $batch->readGrams();

        return [
            'volume_ml' => $batch->volume / $pieces, 'mass_g' => $batch->mass / $pieces,
            'a_g'       => $batch->a() / $pieces, 'b_g' => $batch->b() / $pieces,
            'loss_g'    => $batch->loss, 'weigh_a_g' => $weighA, 'weigh_b_g' => $weighB,
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function inclusions(Simulation $simulation): array
    {
        [$plan, $layout] = [$simulation->plan, $simulation->layout];
        $face = Appearance::chosen($plan, $layout);
        $side = $plan->setup->viewed === Viewed::Sides ? SideAppearance::of($plan, $layout) : null;
        $said = [];
        foreach ($simulation->plan->inclusions as $inclusion) {
            $placement = $simulation->placementOf($inclusion);
            $placement = $placement?->isPossible() === true ? $placement : null;
            $said[] = [
                'id'                  => $inclusion->id,
                'bottom_mm'           => 1e3 * $simulation->layout->bottomOf($inclusion),
                'hold'                => $inclusion->hold->value,
                'places_mm'           => array_map(fn(array $place): array => [1e3 * $place[0], 1e3 * $place[1]], $inclusion->places()),
                'bulk_density_g_cm3'  => $inclusion->bulkDensity() / 1e3,
                'releasable_air_ml'   => 1e6 * $inclusion->releasableAir(),
                'must_seal'           => $inclusion->mustSeal(),
                'verdict'             => $inclusion->verdict()->value,
                'max_celsius_reached' => $simulation->greatestAt($inclusion),
                'apparent_depth_mm'   => 1e3 * $face->apparentDepth($inclusion),
                'shows_pct'           => 100.0 * ($side ?? $face)->showsOf($inclusion),
                'placement_opens_h'   => $placement?->opens, 'placement_closes_h' => $placement?->closes,
                'drift_mm'            => $placement === null ? null : 1e3 * $placement->drift,
            ];
        }

        return $said;
    }

    /**
     * @param list<Finding> $findings
     *
     * @return list<array<string, mixed>>
     */
    public static function findings(array $findings): array
    {
        $words = Words::metric();

        return array_map(fn(Finding $one): array => [
            'code'    => $one->code->word(), 'message' => $words->finding($one),
            'pointer' => $one->pointer, 'quantities' => (object) $one->figures(),
        ], $findings);
    }
}
