<?php

declare(strict_types=1);

namespace Pensilis\Scheduling;

use Pensilis\Fact\Fact;
use Pensilis\Material\Inclusion;

/**
 * Drying and sealing before the pours: who must wait for what, and when each object is ready.
 *
 * Damp objects dry as their substance asks; coats follow each other and dry as the sealer needs. Hours of the plan.
 */
final readonly class Preparation
{
    private const BRUSHING = 0.25;

    /**
     * @param list<Task>           $tasks
     * @param array<string, float> $ready object id → hour
     */
    private function __construct(public array $tasks, private array $ready) {}

    /** @param list<Inclusion> $inclusions */
    public static function of(array $inclusions, WorkingHours $hours): self
    {
        [$tasks, $ready] = [[], []];
        foreach (self::byDrying($inclusions) as $dry => $group) {
            $from = (float) $dry;
            if ($from > 0.0) {
                $how = $group[0]->substance->drying;
                $tasks[] = new Task(TaskKind::Dry, 0.0, $from, null, $how === null ? new Fact('dry', ['objects' => self::names($group)])
                    : new Fact('dry-so', ['objects' => self::names($group), 'how' => $how]));
            }
            foreach ($group as $inclusion) {
                $ready[$inclusion->id] = $from;
            }
            for ($coat = 1; ($coated = self::withCoats($group, $coat)) !== []; $coat++) {
                $sealer = $coated[0]->sealer;
                $start = $hours->firstFit($from, self::BRUSHING) ?? $from;
                $tasks[] = new Task(TaskKind::Seal, $start, $start + self::BRUSHING, null, new Fact('seal', [
                    'coat' => $coat, 'sealer' => $sealer, 'objects' => self::names($coated),
                ]));
                $from = $start + self::BRUSHING + $sealer->between();
                foreach ($coated as $inclusion) {
                    $ready[$inclusion->id] = $start + self::BRUSHING + $sealer->last();
                }
            }
        }

        return new self($tasks, $ready);
    }

    /**
     * @param list<Inclusion> $inclusions
     *
     * @return array<int, non-empty-list<Inclusion>> by the hours that they dry, none first
     */
    private static function byDrying(array $inclusions): array
    {
        $groups = [];
        foreach ($inclusions as $inclusion) {
            $hours = $inclusion->isDamp() ? $inclusion->substance->dryingHours() : 0.0;
            $groups[(int) round($hours)][] = $inclusion;
        }
        ksort($groups);

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

    /**
     * @param list<Inclusion> $inclusions
     *
     * @return list<string>
     */
    private static function names(array $inclusions): array
    {
        return array_map(fn(Inclusion $one): string => $one->name(), $inclusions);
    }
}
