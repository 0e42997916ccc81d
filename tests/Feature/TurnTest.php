<?php

declare(strict_types=1);

use App\Interchange\Answers\Answers;
use App\Turns\Turn;

it('gives as many turns as may go on at once, and takes them back', function (int $atOnce): void {
    $turns = array_map(fn(): ?Turn => Turn::take('casting', $atOnce), range(1, $atOnce));
    expect($turns)->each->toBeInstanceOf(Turn::class)
        ->and(Turn::take('casting', $atOnce))->toBeNull()
        // Another thing has turns of its own.
        ->and(Turn::take('sanding', 1))->toBeInstanceOf(Turn::class);
    $turns[0]?->giveBack();
    $again = Turn::take('casting', $atOnce);
    expect($again)->toBeInstanceOf(Turn::class)
        ->and(Turn::take('casting', $atOnce))->toBeNull();
    array_map(fn(?Turn $turn) => $turn?->giveBack(), [...$turns, $again]);
})->with([1, 2, 5]);

it('gives a turn back that was let go of, and twice is once', function (): void {
    $turn = Turn::take('pouring');
    $turn?->giveBack();
    $turn?->giveBack();
    $turn = Turn::take('pouring');
    expect($turn)->not->toBeNull();
    unset($turn);
    expect(Turn::take('pouring'))->not->toBeNull();
});

it('takes a turn back from a process that is killed', function (): void {
    $folder = config()->string('pensilis.turns');
    $turn = Turn::take('heat');
    $turn?->giveBack();
    $file = "{$folder}/" . hash('xxh64', 'heat') . '-0';
    // Another process holds it, and is killed without a word.
    $code = '$f = fopen($argv[1], "c"); flock($f, LOCK_EX); echo "held\n"; sleep(60);';
    $process = proc_open([PHP_BINARY, '-r', $code, '--', $file], [1 => ['pipe', 'w']], $pipes);
    fgets($pipes[1]);
    expect(Turn::take('heat'))->toBeNull();
    proc_terminate($process, SIGKILL);
    proc_close($process);
    expect(Turn::take('heat'))->toBeInstanceOf(Turn::class);
});

it('leaves the limit of a request as it was', function (): void {
    $user = $this->member();
    $piece = $this->pieceOf($user);
    set_time_limit(77);
    app(Answers::class)->find($piece, $user);
    $after = ini_get('max_execution_time');
    set_time_limit(0);
    expect($after)->toBe('77');
});
