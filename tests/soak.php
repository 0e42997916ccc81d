<?php

declare(strict_types=1);

/*
 * Answers mixed plans (of the demo, by chance, broken) again and again in one process: php tests/soak.php PLANS ROUNDS [FILE]
 *
 * Without a file their answers are printed, a line each; with one, every answer is compared with its line there, byte for byte. In each
 * round every plan is read and its layers are found, and of some in turn heat is followed.
 */

use App\Interchange\PlanFile\PlanFile;
use Database\Seeders\DemoPieces;
use Illuminate\Contracts\Console\Kernel;
use Pensilis\Answer\Planner;
use Pensilis\Finding\Finding;
use Pensilis\Layout\Draft;
use Pensilis\Layout\LaidPour;
use Pensilis\PlanFile\PlanRefused;
use Tests\BrokenPlans;
use Tests\RandomPlans;
use Tests\SharedCalibrations;

require dirname(__DIR__) . '/vendor/autoload.php';
$_ENV += ['APP_ENV' => 'testing', 'APP_KEY' => 'base64:' . base64_encode(random_bytes(32)), 'CACHE_STORE' => 'array'];
$_SERVER = $_ENV + $_SERVER;
(require dirname(__DIR__) . '/bootstrap/app.php')->make(Kernel::class)->bootstrap();
set_error_handler(fn(int $level, string $says, string $file, int $line): never => throw new ErrorException($says, 0, $level, $file, $line));

/** Heat is followed of so many plans in a round. */
const HOT = 4;

$findings = fn(array $all): array => array_map(fn(Finding $one): array => [$one->code->value, $one->pointer, $one->figures()], $all);
$layers = function (string $text) use ($findings): array {
    try {
        $plan = PlanFile::plan(PlanFile::decode($text));
    } catch (PlanRefused $refusal) {
        return ['refused' => $findings($refusal->problems)];
    }
    $draft = Draft::of($plan);

    return [
        'reasons' => $findings($draft->reasons),
        'pours'   => array_map(fn(LaidPour $pour): array => [$pour->bottom, $pour->top, $pour->mass()], $draft->layout->pours ?? []),
    ];
};
$planner = new Planner(new SharedCalibrations());
$heat = function (string $text) use ($findings, $planner): array {
    try {
        $plan = PlanFile::plan(PlanFile::decode($text));
    } catch (PlanRefused) {
        return [];
    }
    $answer = $plan->pours === [] ? $planner->plan($plan) : $planner->judge($plan);

    return [
        'findings' => $findings($answer->findings),
        'pours'    => array_map(fn(object $pour): array => get_object_vars($pour), $answer->simulation->pours ?? []),
    ];
};
// INF and what JSON has no word for are told as PHP tells them.
$told = fn(array $answer): string => hash('xxh128', serialize($answer));

[, $count, $rounds] = array_map(intval(...), $argv);
$plans = array_map(json_encode(...), array_values(DemoPieces::all('2026-11-30')));
for ($seed = 1; count($plans) < $count; $seed++) {
    $plans[] = (string) json_encode($seed % 2 === 0 ? RandomPlans::of($seed) : BrokenPlans::of($seed), JSON_PARTIAL_OUTPUT_ON_ERROR);
}
$known = isset($argv[3]) ? file($argv[3], FILE_IGNORE_NEW_LINES) : null;
if ($known === null) {
    foreach ($plans as $plan) {
        echo $told($layers($plan)), ' ', $told($heat($plan)), "\n";
    }
    exit(0);
}
[$asked, $wrong] = [0, 0];
for ($round = 0; $round < $rounds; $round++) {
    foreach ($plans as $n => $plan) {
        [$cold, $hot] = explode(' ', $known[$n]);
        $isHot = ($n + $round * HOT) % count($plans) < HOT;
        $same = $told($layers($plan)) === $cold && (!$isHot || $told($heat($plan)) === $hot);
        $asked += $isHot ? 2 : 1;
        $wrong += $same ? 0 : 1;
        echo $same ? '' : "round {$round}, plan {$n}: another answer\n";
    }
}
printf("%d plans, %d rounds: %d answers, %d of them wrong, %d MB\n", count($plans), $rounds, $asked, $wrong, memory_get_peak_usage() >> 20);
exit($wrong === 0 ? 0 : 1);
