<?php

declare(strict_types=1);

namespace Pensilis\Scheduling;

use Pensilis\Fact\Fact;
use Pensilis\Material\Inclusion;
use Pensilis\Material\Keeping;
use Pensilis\Material\Sealer;

/**
 * Drying and sealing before the pours: who must wait for what, and when each object is ready.
 *
 * Damp objects dry as their substance asks; coats follow each other and dry as the sealer needs, brushed resin as it does in a film.
 * Hours of the plan.
 */
final readonly class Preparation
{
    /**
     * @param list<Task>           $tasks
     * @param array<string, float> $ready  object id → hour
     * @param float                $ground the hour from which the ground may be poured on
     */
    private function __construct(public array $tasks, private array $ready, public float $ground) {}

    /**
     * @param list<Inclusion> $inclusions
     * @param list<float>     $coats      hours that each coat of the ground dries, none where it takes no coat
     * @param CoatDrying|null $brushed    of a coat of brushed resin, where more is known than is usual
     * @param int             $pieces     that are made alike
     */
    public static function of(
        array $inclusions,
        WorkingHours $hours,
        array $coats = [],
        ?CoatDrying $brushed = null,
        int $pieces = 1,
    ): self {
        [$tasks, $ready, $ground] = [[], [], 0.0];
        foreach ($coats as $n => $dries) {
            $start = $hours->evenFit($ground, Session::BRUSHING) ?? $ground;
            $tasks[] = new Task(TaskKind::Prepare, $start, $start + Session::BRUSHING, null, new Fact('coat-ground', ['coat' => $n + 1]));
            $ground = $start + Session::BRUSHING + $dries;
        }
        $dyed = array_values(array_filter($inclusions, fn(Inclusion $one): bool => $one->substance->keeping === Keeping::Dye));
        $start = $hours->evenFit(0.0, Session::BRUSHING) ?? 0.0;
        if ($dyed !== []) {
            $dye = new Fact('dye', ['objects' => Inclusion::names($dyed)]);
            $tasks[] = new Task(TaskKind::Prepare, $start, $start + Session::BRUSHING, null, $dye, Handling::of($dyed));
        }
        foreach (self::byDrying($inclusions, $start + Session::BRUSHING + Keeping::DRIES) as [$begin, $from, $group]) {
            if ($from > $begin) {
                $how = $group[0]->substance->drying;
                $says = $how === null ? new Fact('dry', ['objects' => Inclusion::names($group)])
                    : new Fact('dry-so', ['objects' => Inclusion::names($group), 'how' => $how]);
                $tasks[] = new Task(TaskKind::Dry, $begin, $from, null, $says, Handling::of($group));
            }
            foreach ($group as $inclusion) {
                $ready[$inclusion->id] = $from;
            }
            for ($coat = 1; ($coated = self::withCoats($group, $coat)) !== []; $coat++) {
                $sealer = $coated[0]->sealer;
                $says = new Fact('seal', ['coat' => $coat, 'sealer' => $sealer, 'objects' => Inclusion::names($coated)]);
                $many = $pieces * array_sum(array_map(fn(Inclusion $one): int => $one->count(), $coated));
                foreach (Session::brushing($many) as $lasts) {
                    $start = $hours->evenFit($from, $lasts) ?? $from;
                    $from = $start + $lasts;
                    $tasks[] = new Task(TaskKind::Seal, $start, $from, null, $says, Handling::of($coated));
                }
                $known = $sealer === Sealer::Resin ? $brushed : null;
                foreach ($coated as $inclusion) {
                    $ready[$inclusion->id] = $from + ($known->last ?? $sealer->last());
                }
                $from += $known->between ?? $sealer->between();
            }
        }

        return new self($tasks, $ready, $ground);
    }

    /**
     * @param list<Inclusion> $inclusions
     * @param float           $dyed       hour at which dye is dry, before which what is dyed does not begin to dry
     *
     * @return list<array{float, float, non-empty-list<Inclusion>}> those that dry together, from when until when; the first first
     */
    private static function byDrying(array $inclusions, float $dyed): array
    {
        $groups = [];
        foreach ($inclusions as $inclusion) {
            $begin = $inclusion->substance->keeping === Keeping::Dye ? $dyed : 0.0;
            $until = $begin + round($inclusion->isDamp() ? $inclusion->substance->dryingHours() : 0.0);
            $groups["{$begin} {$until}"] = [$begin, $until, [...($groups["{$begin} {$until}"][2] ?? []), $inclusion]];
        }
        usort($groups, fn(array $one, array $other): int => [$one[0], $one[1]] <=> [$other[0], $other[1]]);

        return $groups;
    }

    /**
     * The hour from which all of them may go in.
     *
     * @param list<Inclusion> $inclusions
     */
    public function readyFor(array $inclusions): float
    {
        return max([0.0, ...array_map(fn(Inclusion $one): float => $this->ready[$one->id] ?? 0.0, $inclusions)]);
    }

    /**
     * @param list<Inclusion> $inclusions
     *
     * @return list<Inclusion>
     */
    private static function withCoats(array $inclusions, int $coats): array
    {
        return array_values(array_filter($inclusions, fn(Inclusion $one): bool => $one->coats >= $coats));
    }
}
