<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Models\Piece;
use App\Words\Figures;
use App\Words\Words;
use Pensilis\Answer\PlanAnswer;
use Pensilis\Finding\Finding;
use Pensilis\Finding\Weight;
use Pensilis\Quantity\UnitSystem;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;

/** How far a piece is, in a word, and what comes next: from what is kept of it, without computing anything. */
final readonly class Standing
{
    /** @param string $state "good", "look", "bad" or "open", as of a question */
    private function __construct(public string $state, public string $says, public string $next) {}

    /** @param int $mixed pours of which a mix was written down */
    public static function of(Piece $piece, ?PlanAnswer $answer, int $mixed, UnitSystem $system): self
    {
        if (!$piece->makesPlan()) {
            return self::said('bad', 'unread');
        }
        $plan = $piece->plan();
        if ($plan->inclusions === [] && $plan->pours === [] && $mixed === 0) {
            return self::said('open', 'begun');
        }
        if ($answer === null) {
            return self::said('open', 'open');
        }
        $figures = new Figures($system, $plan->studio->clock);
        $simulated = $answer->simulation->pours ?? [];
        if ($mixed > 0) {
            $at = $figures->moment($simulated[$mixed]->startHour ?? self::demolded($answer));

            return self::said('good', $mixed < count($simulated) ? 'pouring' : 'poured', [
                'mixed' => $mixed, 'count' => count($simulated), 'number' => $mixed + 1, 'at' => $at,
            ]);
        }
        foreach ([[Weight::Spoils, 'bad'], [Weight::Look, 'look']] as [$weight, $state]) {
            $found = array_values(array_filter($answer->said(), fn(Finding $one): bool => $one->weight() === $weight));
            if ($found !== []) {
                $asked = $found[0]->question();

                return self::said($state, $state, [
                    'asked' => $asked === null ? Words::say('piece.verdict.head') : Words::say("piece.verdict.{$asked->value}.asked"),
                ]);
            }
        }

        return $answer->isFeasible() && $simulated !== []
            ? self::said('good', $figures->isPast($simulated[0]->startHour) ? 'late' : 'good', [
                'at' => $figures->moment($simulated[0]->startHour),
            ])
            : self::said('bad', 'bad', ['asked' => Words::say('piece.verdict.head')]);
    }

    private static function demolded(PlanAnswer $answer): ?float
    {
        foreach ($answer->tasks as $task) {
            if ($task instanceof Task && $task->kind === TaskKind::Demold) {
                return $task->start;
            }
        }

        return null;
    }

    /** @param array<string, int|string> $values */
    private static function said(string $state, string $name, array $values = []): self
    {
        return new self($state, Words::say("pieces.stands.{$name}.says", $values), Words::say("pieces.stands.{$name}.next", $values));
    }
}
