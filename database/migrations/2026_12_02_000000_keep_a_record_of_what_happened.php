<?php

declare(strict_types=1);

use App\Models\Event;
use App\Models\Piece;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Pensilis\Answer\PlanAnswer;
use Pensilis\Answer\Planner;
use Pensilis\Exception\PensilisException;
use Pensilis\PlanFile\PlanRefused;
use Pensilis\Record\EventKind;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;
use Pensilis\Thermal\Fit\CalibrationMemory;

/**
 * What happened is only ever added to: one table that refuses change and removal, each row with the hash of the one before in its studio.
 * Mixes and ticks of sheets, which had tables of their own, are read off it.
 */
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
        Schema::create('events', function (Blueprint $table): void {
            $table->id('seq');
            $table->string('id', 40);
            $table->foreignId('studio_id')->constrained();
            $table->ulid('piece_id');
            $table->string('kind', 20);
            $table->string('pour', 80)->nullable();
            $table->string('cup', 60)->default('');
            $table->string('event', 40)->nullable();
            $table->timestamp('at');
            $table->timestamp('noted_at');
            $table->unsignedBigInteger('by')->nullable();
            $table->text('body');
            $table->text('taken')->nullable();
            $table->string('hash', 64);
            $table->unique(['piece_id', 'id']);
            $table->index(['studio_id', 'kind']);
            $table->index(['piece_id', 'event']);
            $table->index(['piece_id', 'kind', 'pour', 'cup']);
        });
        foreach (['update' => 'changed', 'delete' => 'removed'] as $what => $says) {
            DB::unprepared("CREATE TRIGGER events_no_{$what} BEFORE {$what} ON events BEGIN
                SELECT RAISE(ABORT, 'what happened is only added to, never {$says}'); END");
        }
        foreach (self::noted() as [, $note]) {
            $note();
        }
        Schema::drop('mixings');
        Schema::drop('ticks');
        // What was not taken back, unless that was taken back too.
        DB::unprepared("CREATE VIEW counted_events AS SELECT e.* FROM events e WHERE e.kind <> 'taken-back' AND NOT EXISTS (
            SELECT 1 FROM events t WHERE t.piece_id = e.piece_id AND t.event = e.id
            AND NOT EXISTS (SELECT 1 FROM events u WHERE u.piece_id = t.piece_id AND u.event = t.id))");
        $of = fn(string $kind, string $what): string => "(SELECT {$what} FROM counted_events k WHERE k.piece_id = e.piece_id
            AND k.kind = '{$kind}' AND k.pour = e.pour AND k.cup = e.cup";
        $kept = fn(string $for): string => 'COALESCE(' . $of('kept', "SUM(json_extract(k.body, '$.g'))")
            . " AND json_extract(k.body, '$.for') = '{$for}'), 0.0)";
        $judged = fn(string $what): string => $of('judged', "json_extract(k.body, '$.{$what}')") . ' ORDER BY k.seq DESC LIMIT 1)';
        DB::unprepared("CREATE VIEW mixes AS SELECT e.seq AS id, e.id AS event, e.studio_id, e.piece_id, e.pour AS pour_id, e.cup,
            json_extract(e.body, '$.resin') AS resin, json_extract(e.body, '$.g') AS mixed_g, {$kept(Event::LOSS)} AS kept_g,
            {$kept(Event::LEFT_OVER)} AS over_g, e.taken, {$judged('bubbles')} AS bubbles, {$judged('clarity')} AS clarity,
            e.at AS created_at FROM counted_events e WHERE e.kind = 'mixed'");
        DB::unprepared("CREATE VIEW done_steps AS SELECT e.seq AS id, e.id AS event, e.piece_id, json_extract(e.body, '$.step') AS step
            FROM counted_events e WHERE e.kind = 'prepared'");
    }

    public function down(): void
    {
        Schema::create('mixings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('piece_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('pour');
            $table->string('resin', 120);
            $table->double('mixed_g');
            $table->double('kept_g');
            $table->double('over_g')->default(0);
            $table->timestamps();
            $table->text('taken')->nullable();
            $table->string('bubbles', 10)->nullable();
            $table->string('clarity', 10)->nullable();
            $table->index(['studio_id', 'created_at']);
            $table->index(['studio_id', 'resin']);
        });
        Schema::create('ticks', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('piece_id')->constrained()->cascadeOnDelete();
            $table->string('step', 160);
            $table->timestamps();
            $table->unique(['piece_id', 'step']);
        });
        $answers = [];
        $answer = function (mixed $piece) use (&$answers): ?PlanAnswer {
            return $answers[is_string($piece) ? $piece : ''] ??= self::answer(is_string($piece) ? $piece : '');
        };
        foreach (DB::table('mixes')->oldest('id')->get() as $mix) {
            $row = array_diff_key((array) $mix, ['id' => 1, 'event' => 1, 'cup' => 1, 'pour_id' => 1]);
            $id = is_string($mix->pour_id) ? $mix->pour_id : '';
            $k = array_search($id, self::pours($answer($mix->piece_id)), true);
            $k = $k === false && preg_match('/^pour (\d+)$/', $id, $found) === 1 ? (int) $found[1] - 1 : (int) $k;
            DB::table('mixings')->insert(['pour' => $k] + $row);
        }
        foreach (DB::table('done_steps')->oldest('id')->get() as $done) {
            $step = is_string($done->step) ? $done->step : '';
            $known = array_flip(self::tasks($answer($done->piece_id)));
            DB::table('ticks')->insertOrIgnore([
                'piece_id' => $done->piece_id, 'step' => $known[$step] ?? self::numbered($step, self::pours($answer($done->piece_id))),
            ]);
        }
        DB::unprepared('DROP VIEW mixes');
        DB::unprepared('DROP VIEW done_steps');
        DB::unprepared('DROP VIEW counted_events');
        DB::unprepared('DROP TRIGGER events_no_update');
        DB::unprepared('DROP TRIGGER events_no_delete');
        Schema::drop('events');
    }

    /**
     * What was noted so far, in its order, by ids of pours where it was by their numbers.
     *
     * @return list<array{string, Closure(): mixed}> when, and how it is noted
     */
    private static function noted(): array
    {
        [$noted, $pieces] = [[], []];
        $of = function (mixed $id) use (&$pieces): array {
            $id = is_string($id) ? $id : '';
            $pieces[$id] ??= [Piece::withTrashed()->with('studio')->whereKey($id)->first(), self::answer($id)];

            return [$pieces[$id][0], self::pours($pieces[$id][1]), self::tasks($pieces[$id][1])];
        };
        $text = fn(mixed $value): string => is_string($value) ? $value : '';
        $number = fn(mixed $value): float => is_numeric($value) ? (float) $value : 0.0;
        foreach (DB::table('mixings')->oldest('id')->get() as $n => $one) {
            [$piece, $ids] = $of($one->piece_id);
            $k = (int) $number($one->pour);
            $mix = [
                'pour'    => $ids[$k] ?? 'pour ' . ($k + 1), 'cup' => 'm' . ($n + 1), 'resin' => $text($one->resin),
                'mixed_g' => $number($one->mixed_g), 'kept_g' => $number($one->kept_g), 'over_g' => $number($one->over_g),
                'bubbles' => $text($one->bubbles), 'clarity' => $text($one->clarity),
            ];
            $taken = [];
            foreach ($text($one->taken) === '' ? [] : (array) json_decode($text($one->taken), true) as $supply => $amount) {
                $taken[(int) $supply] = $number($amount);
            }
            $at = $text($one->created_at);
            $noted[] = [$at, fn(): mixed => $piece instanceof Piece ? Event::mix($piece, $mix, $taken, Carbon::parse($at)) : null];
        }
        foreach (DB::table('ticks')->oldest('id')->get() as $one) {
            [$piece, $ids, $tasks] = $of($one->piece_id);
            $step = ['step' => $tasks[$text($one->step)] ?? self::named($text($one->step), $ids)];
            $at = $text($one->created_at);
            $noted[] = [$at, fn(): mixed => $piece instanceof Piece
                ? Event::note($piece, EventKind::Prepared, $step, Carbon::parse($at)) : null];
        }
        usort($noted, fn(array $one, array $other): int => $one[0] <=> $other[0]);

        return $noted;
    }

    /**
     * A step of the sheet by the id of its pour, where it was by its number.
     *
     * @param list<string> $ids
     */
    private static function named(string $step, array $ids): string
    {
        if (preg_match('/^pour (\d+) (\S+)(?: (.*))?$/s', $step, $found) !== 1) {
            return $step;
        }
        $rest = $found[3] ?? '';
        $rest = isset(self::ACTS[$found[2]]) ? (in_array($rest, ['', '0'], true) ? '' : (string) ((int) $rest + 1)) : $rest;

        return trim(implode(' ', [$ids[(int) $found[1] - 1] ?? "pour {$found[1]}", self::ACTS[$found[2]] ?? $found[2], $rest]));
    }

    /**
     * And back.
     *
     * @param list<string> $ids
     */
    private static function numbered(string $step, array $ids): string
    {
        $acts = array_flip(array_diff_key(self::ACTS, ['act.mix-fast' => 1, 'act.thicken-white' => 1]));
        foreach ($ids as $k => $id) {
            if (str_starts_with($step, "{$id} ")) {
                [$act, $rest] = [...explode(' ', substr($step, strlen($id) + 1), 2), ''];
                $rest = isset($acts[$act]) && $acts[$act] !== 'pour' ? (string) (max(1, (int) $rest) - 1) : $rest;

                return trim(implode(' ', ['pour ' . ($k + 1), $acts[$act] ?? $act, $rest]));
            }
        }

        return $step;
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
        return $answer?->layout?->ids() ?? [];
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
};
