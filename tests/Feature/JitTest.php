<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Process;
use Tests\RandomPlans;

/** Whether two answers say the same, numbers to 1e-9 of their size. */
function same(mixed $one, mixed $other): bool
{
    if (is_array($one) && is_array($other)) {
        return array_keys($one) === array_keys($other)
            && array_reduce(array_keys($one), fn(bool $so, int|string $key): bool => $so && same($one[$key], $other[$key]), true);
    }
    if (is_float($one) || is_float($other)) {
        return is_numeric($one) && is_numeric($other) && abs($one - $other) <= 1e-9 * max(1.0, abs($one), abs($other));
    }

    return $one === $other;
}

/** @return list<mixed> what a stretch of random plans answers */
function answersOf(string $php, int $first, int $last): array
{
    $run = Process::path(base_path())->timeout(300)->run([$php, 'tests/answer-random-plans.php', (string) $first, (string) $last]);
    expect($run->errorOutput())->toBe('')->and($run->successful())->toBeTrue($run->output());

    return array_map(fn(string $line): mixed => json_decode($line, true, flags: JSON_THROW_ON_ERROR), explode("\n", trim($run->output())));
}

// The tracing JIT of PHP 8.2 lost variables in a method that called itself and a closure. This process runs without it.
it('answers the same compiled while it runs as without', function (int $first): void {
    $compiled = answersOf(base_path('bin/fast-php'), $first, $first + 29);
    $plain = answersOf(PHP_BINARY, $first, $first + 29);
    expect($compiled)->toHaveCount(30)
        ->and(array_filter($compiled, fn(array $answer): bool => ($answer['pours'] ?? []) !== []))->not->toBe([]);
    foreach ($compiled as $n => $answer) {
        expect(same($answer, $plain[$n]))->toBeTrue("seed {$answer['seed']}");
    }
})->with([1, 61]);

// What was lost was lost in a process that had just begun: each plan has one of its own.
it('answers a command the same compiled while it runs as without', function (int $first): void {
    $folder = sys_get_temp_dir() . '/pensilis-chance-' . getmypid();
    File::ensureDirectoryExists($folder);
    foreach (range($first, $first + 11) as $seed) {
        File::put("{$folder}/{$seed}.json", (string) json_encode(RandomPlans::of($seed)));
    }
    foreach (array_chunk(range($first, $first + 11), 2) as $seeds) {
        $runs = Process::concurrently(function ($pool) use ($seeds, $folder): void {
            foreach ($seeds as $seed) {
                $pool->as((string) $seed)->path(base_path())->timeout(120)->command([
                    base_path('bin/fast-php'), 'artisan', 'pensilis:simulate', "{$folder}/{$seed}.json",
                ]);
            }
        });
        foreach ($seeds as $seed) {
            Artisan::call('pensilis:simulate', ['file' => "{$folder}/{$seed}.json"]);
            [$here, $there] = [json_decode(Artisan::output(), true), json_decode($runs[(string) $seed]->output(), true)];
            expect($here)->toBeArray()
                ->and($there)->toBeArray($runs[(string) $seed]->output() . $runs[(string) $seed]->errorOutput())
                ->and(same($here, $there))->toBeTrue("seed {$seed}");
        }
    }
    File::deleteDirectory($folder);
})->with([1, 31]);
