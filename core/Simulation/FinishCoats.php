<?php

declare(strict_types=1);

namespace Pensilis\Simulation;

use Pensilis\Batching\Batch;
use Pensilis\Bench\PourActs;
use Pensilis\Fact\Fact;
use Pensilis\Plan\Finish;
use Pensilis\Scheduling\Handling;
use Pensilis\Scheduling\Session;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;

/**
 * What is done to the faces of a body that is out of its mold: thin coats that flood one face, or the back and then the face, each with a
 * mix of its own, scuffed for before and waited for after; or sanding through the grits. Hours of the plan.
 */
final readonly class FinishCoats
{
    /** A coat that levels by itself: five US fluid ounces on a square foot, 1.6 mm (common practice). */
    private const DEPTH = 0.0016;

    /** What runs over the edges and drips off, as a share of it (memory). */
    private const RUNS_OFF = 0.2;

    /** To sand a face through the grits and polish it: at the least, and more for a square metre, h (memory). */
    private const SANDING = 0.5;

    private const SANDING_MORE = 20.0;

    /**
     * @param list<Task> $tasks
     * @param float      $cured hour at which the last coat is fully cured; −∞ where there is none
     */
    private function __construct(public array $tasks, public float $cured) {}

    /** @param float $from hour from which it is out of its mold */
    public static function of(Simulation $simulation, float $from): self
    {
        return match ($simulation->plan->purpose->finish) {
            Finish::Mold   => new self([], -INF),
            Finish::Sanded => self::sanded($simulation, $from),
            Finish::Flood  => self::coated($simulation, $from, ['finish-flood']),
            Finish::Both   => self::coated($simulation, $from, ['finish-back', 'finish-face']),
        };
    }

    private static function sanded(Simulation $simulation, float $from): self
    {
        $hours = self::SANDING + self::SANDING_MORE * $simulation->plan->setup->pieces * self::area($simulation);
        $start = $simulation->plan->studio->hours->evenFit($from, $hours) ?? $from;

        return new self([new Task(TaskKind::Finish, $start, $start + $hours, null, new Fact('finish-sanded'))], -INF);
    }

    /** @param non-empty-list<string> $coats names of what is done, one after another */
    private static function coated(Simulation $simulation, float $from, array $coats): self
    {
        [$plan, $film, $tasks, $contact] = [$simulation->plan, $simulation->brushed, [], $from];
        $batch = self::batch($simulation);
        $hours = Session::SANDING + PourActs::plainHours($plan, $batch);
        foreach ($coats as $name) {
            $start = $plan->studio->hours->evenFit($from, $hours, Session::SANDING) ?? $from;
            $contact = $start + Session::SANDING;
            $tasks[] = new Task(TaskKind::Finish, $start, $start + $hours, null, new Fact($name, [
                'resin' => $film->resin->name, 'mix_g' => $batch->mixed(), ...$batch->read('a', 'b'),
            ]), new Handling(contact: $contact, placed: $start + $hours));
            // It is turned over once that side is hard.
            $from = $contact + $film->hard;
        }

        return new self($tasks, $contact + $film->cured);
    }

    /** What each coat is mixed as. */
    private static function batch(Simulation $simulation): Batch
    {
        $volume = self::DEPTH * self::area($simulation) * (1.0 + self::RUNS_OFF);

        return $simulation->plan->studio->batch($simulation->brushed->resin, $simulation->plan->setup->pieces * $volume);
    }

    /** m² of the face. */
    private static function area(Simulation $simulation): float
    {
        return $simulation->plan->vessel->shape->sectionAt($simulation->layout->level())->area();
    }
}
