<?php

declare(strict_types=1);

namespace Pensilis\Scheduling;

use Pensilis\Material\Inclusion;

/**
 * Drying and sealing before the pours: who must wait for what, and when each object is ready.
 *
 * Damp objects dry for two weeks (pressed or hung 2–4 weeks, silica gel 3–7 days: common practice); coats are
 * brushed two hours apart and the last one dries twelve (memory). Hours of the plan.
 */
final readonly class Preparation
{
    private const DRYING = 14.0 * 24.0;

    private const BRUSHING = 0.25;

    private const BETWEEN_COATS = 2.0;

    private const LAST_COAT = 12.0;

    /**
     * @param list<Task>           $tasks
     * @param array<string, float> $ready object id → hour
     */
    private function __construct(public array $tasks, private array $ready) {}

    /** @param list<Inclusion> $inclusions */
    public static function of(array $inclusions, WorkingHours $hours): self
    {
        [$tasks, $ready] = [[], []];
        foreach ([false, true] as $damp) {
            $group = array_values(array_filter($inclusions, fn(Inclusion $one): bool => $one->isDamp() === $damp));
            $from = $damp ? self::DRYING : 0.0;
            if ($damp && $group !== []) {
                $tasks[] = new Task(TaskKind::Dry, 'Dry ' . self::names($group), 0.0, self::DRYING);
            }
            foreach ($group as $inclusion) {
                $ready[$inclusion->id] = $from;
            }
            for ($coat = 1; ($coated = self::withCoats($group, $coat)) !== []; $coat++) {
                $start = $hours->firstFit($from, self::BRUSHING) ?? $from;
                $tasks[] = new Task(TaskKind::Seal, "Coat {$coat} on " . self::names($coated), $start, $start + self::BRUSHING);
                $from = $start + self::BRUSHING + self::BETWEEN_COATS;
                foreach ($coated as $inclusion) {
                    $ready[$inclusion->id] = $start + self::BRUSHING + self::LAST_COAT;
                }
            }
        }

        return new self($tasks, $ready);
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

    /** @param list<Inclusion> $inclusions */
    private static function names(array $inclusions): string
    {
        return implode(', ', array_map(fn(Inclusion $one): string => $one->id, $inclusions));
    }
}
