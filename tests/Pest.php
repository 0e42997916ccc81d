<?php

declare(strict_types=1);

use Illuminate\Foundation\Testing\RefreshDatabase;
use Symfony\Component\Process\Process;
use Tests\TestCase;

pest()->extend(TestCase::class)->use(RefreshDatabase::class)->in('Feature');

/**
 * Runs a command as a person would, in a process of its own.
 *
 * @param array<string, mixed>|string $plan
 *
 * @return array{int, mixed, string} exit code, decoded output, errors
 */
function command(string $name, array|string $plan, string ...$options): array
{
    $process = new Process([PHP_BINARY, 'artisan', "pensilis:{$name}", '-', ...$options], base_path(), [
        'APP_KEY' => false, 'APP_ENV' => false, 'DB_DATABASE' => false, 'CACHE_STORE' => false, 'SESSION_DRIVER' => false,
    ], is_string($plan) ? $plan : (string) json_encode($plan), 120.0);
    $process->run();

    return [(int) $process->getExitCode(), json_decode($process->getOutput(), true), $process->getErrorOutput()];
}
