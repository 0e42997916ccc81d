<?php

declare(strict_types=1);

use App\Models\Mixing;
use App\Models\Piece;
use App\Models\Tick;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Pensilis\Answer\PlanAnswer;
use Pensilis\Answer\Planner;
use Pensilis\Exception\PensilisException;
use Pensilis\Layout\LaidPour;
use Pensilis\PlanFile\PlanRefused;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;
use Pensilis\Thermal\CalibrationMemory;

/** Mixes and ticks belong to a pour by its id, which it keeps, and no more by its number, which it does not. */
return new class () extends Migration {
    /** What an act was called on a sheet, and what it is. */
    private const ACTS = [
        'act.tack-test'     => 'tack-test', 'act.mix' => 'mix', 'act.mix-fast' => 'mix', 'act.colours' => 'colour',
        'act.thicken'       => 'thicken',
        'act.thicken-white' => 'thicken', 'act.bed' => 'bed', 'act.leave' => 'leave', 'act.strew' => 'strew', 'act.drop' => 'drop',
        'act.cover'         => 'cover', 'pour' => 'fill',
    ];

    /** What is done before and after all pours, as a sheet had them. */
    private const BEFORE = [TaskKind::Dry, TaskKind::Seal, TaskKind::Prepare, TaskKind::Compartment];

    private const AFTER = [TaskKind::Drape, TaskKind::Demold, TaskKind::Finish, TaskKind::FullCure];

    public function up(): void
    {
        Schema::table('mixings', function (Blueprint $table): void {
            $table->string('pour_id', 80)->default('');
            $table->index(['piece_id', 'pour_id']);
        });
        foreach ($this->pieces() as $id) {
            $answer = self::answer($id);
            $ids = self::pours($answer);
            foreach (Mixing::query()->where('piece_id', $id)->get() as $one) {
                $one->update(['pour_id' => $ids[$one->pour] ?? 'pour ' . ($one->pour + 1)]);
            }
            $tasks = self::tasks($answer);
            $this->rename($id, fn(string $step): string => $tasks[$step] ?? preg_replace_callback(
                '/^pour (\d+) (\S+)(?: (.*))?$/s',
                fn(array $found): string => trim(implode(' ', [
                    $ids[(int) $found[1] - 1] ?? "pour {$found[1]}", self::ACTS[$found[2]] ?? $found[2],
                    isset(self::ACTS[$found[2]]) ? (($found[3] ?? '0') === '0' ? '' : (string) ((int) $found[3] + 1)) : $found[3] ?? '',
                ])),
                $step,
            ) ?? $step);
        }
    }

    public function down(): void
    {
        $acts = array_flip(array_diff_key(self::ACTS, ['act.mix-fast' => 1, 'act.thicken-white' => 1]));
        foreach ($this->pieces() as $id) {
            $answer = self::answer($id);
            $tasks = array_flip(self::tasks($answer));
            $this->rename($id, fn(string $step): string => $tasks[$step] ?? $step);
            foreach (self::pours($answer) as $k => $named) {
                $old = function (string $step) use ($named, $k, $acts): string {
                    if (!str_starts_with($step, "{$named} ")) {
                        return $step;
                    }
                    [$act, $rest] = [...explode(' ', substr($step, strlen($named) + 1), 2), ''];
                    $rest = isset($acts[$act]) && $acts[$act] !== 'pour' ? (string) (max(1, (int) $rest) - 1) : $rest;

                    return trim(implode(' ', ['pour ' . ($k + 1), $acts[$act] ?? $act, $rest]));
                };
                $this->rename($id, $old);
            }
        }
        Schema::table('mixings', function (Blueprint $table): void {
            $table->dropIndex(['piece_id', 'pour_id']);
            $table->dropColumn('pour_id');
        });
    }

    /** @return list<string> ids of pieces of which anything is noted */
    private function pieces(): array
    {
        $named = [...DB::table('mixings')->pluck('piece_id'), ...DB::table('ticks')->pluck('piece_id')];

        return array_values(array_unique(array_filter($named, is_string(...))));
    }

    /** Null where it makes no plan any more. */
    private static function answer(string $id): ?PlanAnswer
    {
        try {
            $plan = Piece::withTrashed()->with('studio')->find($id)?->plan();
            $planner = new Planner(new CalibrationMemory());

            return $plan === null ? null : ($plan->pours === [] ? $planner->plan($plan) : $planner->judge($plan));
        } catch (PlanRefused | PensilisException) {
            return null;
        }
    }

    /** @return list<string> ids of its pours */
    private static function pours(?PlanAnswer $answer): array
    {
        return array_map(fn(LaidPour $pour): string => $pour->id, $answer->layout->pours ?? []);
    }

    /** @return array<string, string> what a tick was called, and its task's id */
    private static function tasks(?PlanAnswer $answer): array
    {
        $of = fn(array $kinds): array => array_values(array_filter(
            $answer->tasks ?? [],
            fn(Task $task): bool => in_array($task->kind, $kinds, true),
        ));
        $named = [];
        foreach ($of(self::BEFORE) as $n => $task) {
            $named["before {$n} {$task->kind->value}"] = mb_substr($task->id, 0, 150);
        }
        foreach ($of(self::AFTER) as $n => $task) {
            $named["after {$n}"] = mb_substr($task->id, 0, 150);
        }

        return $named;
    }

    /** @param Closure(string): string $named */
    private function rename(string $piece, Closure $named): void
    {
        foreach (Tick::query()->where('piece_id', $piece)->get() as $tick) {
            $step = mb_substr($named($tick->step), 0, 160);
            if ($step !== $tick->step) {
                Tick::query()->where('piece_id', $piece)->where('step', $step)->delete();
                $tick->update(['step' => $step]);
            }
        }
    }
};
