<?php

declare(strict_types=1);

/*
 * Answers random plans from one seed to another and prints a line of JSON for each: php tests/answer-random-plans.php FIRST LAST
 */

use Pensilis\Answer\Planner;
use Pensilis\Finding\Finding;
use Pensilis\Layout\Draft;
use Pensilis\PlanFile\PlanReader;
use Pensilis\PlanFile\PlanRefused;
use Tests\RandomPlans;
use Tests\SharedCalibrations;

require dirname(__DIR__) . '/vendor/autoload.php';
error_reporting(E_ALL);
set_error_handler(fn(int $level, string $says): never => throw new ErrorException($says));

[, $first, $last] = $argv;
$planner = new Planner(new SharedCalibrations());
for ($seed = (int) $first; $seed <= (int) $last; $seed++) {
    try {
        $plan = PlanReader::read(RandomPlans::of($seed));
    } catch (PlanRefused $refusal) {
        echo json_encode([
            'seed' => $seed, 'refused' => array_map(fn(Finding $one): string => $one->code->value, $refusal->problems),
        ]), "\n";
        continue;
    }
    $answer = $planner->judge($plan);
    echo json_encode([
        'seed'   => $seed,
        'says'   => array_map(fn(Finding $one): array => [$one->code->value, $one->pointer, $one->figures()], $answer->findings),
        'pours'  => array_map(fn(object $pour): array => get_object_vars($pour), $answer->simulation->pours ?? []),
        'masses' => array_map(fn(object $pour): float => $pour->mass(), Draft::of($plan)->layout->pours ?? []),
    ], JSON_THROW_ON_ERROR | JSON_PARTIAL_OUTPUT_ON_ERROR), "\n";
}
