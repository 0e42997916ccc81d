<?php

declare(strict_types=1);

/*
 * Twenty people on one server, each with a pause of two seconds between two things: looking at a page, editing a piece, asking for its
 * heat; and one of them who changes the room and asks for long heat without a pause. Median and 95th percentile in milliseconds by what was
 * asked, all that failed, and the memory of the processes at the beginning and at the end.
 */

use Tests\Plans;
use Tests\Served;
use Tests\Visited;

require dirname(__DIR__) . '/vendor/autoload.php';

const PAUSE = 2.0;

[$seconds, $people] = [(float) ($argv[1] ?? 60), (int) ($argv[2] ?? 20)];
$served = Served::start();

/** Resident memory of a process, MB; 0 where it is gone. */
$memory = function (int $process): float {
    preg_match('/VmRSS:\s+(\d+)/', (string) @file_get_contents("/proc/{$process}/status"), $found);

    return (int) ($found[1] ?? 0) / 1024.0;
};
$users = [];
for ($n = 0; $n < $people; $n++) {
    $visitor = $served->visitor("person{$n}@studio.example");
    $visitor->get('/pieces');
    // The last of them casts twelve thin pours in a room of its own: heat that takes long.
    $document = Plans::cone();
    if ($n === $people - 1) {
        $document = Plans::coneWithPours();
        $document['pours'] = array_map(fn(int $k): array => ['resin' => 'deep', 'depth_mm' => 5, 'start_h' => 26.0 * $k], range(0, 11));
    }
    $file = new CURLStringFile((string) json_encode($document), 'piece.pensilis.json', 'application/json');
    $path = (string) $visitor->post('/pieces/files', ['file' => $file])->headers['location'];
    preg_match('/data-of="(\w+)"/', $visitor->get($path)->body, $of);
    $users[$n] = [
        'visitor' => $visitor, 'path' => $path, 'of' => $of[1], 'shown' => $n === $people - 1 ? '21 °C' : $document['title'],
        'next'    => $n * PAUSE / $people, 'step' => $n,
    ];
}
$before = array_combine($served->workers(), array_map($memory, $served->workers()));
$multi = curl_multi_init();
[$open, $taken, $failed, $begun] = [[], [], [], microtime(true)];
while (($now = microtime(true) - $begun) < $seconds || $open !== []) {
    foreach ($users as $n => $user) {
        if ($user['next'] > $now || $now >= $seconds || isset($open[$n])) {
            continue;
        }
        $isLong = $n === $people - 1;
        $what = $isLong ? ['long edit', 'long heat'][$user['step'] % 2] : ['view', 'edit', 'heat', 'list', 'library'][$user['step'] % 5];
        $typed = $isLong ? round(21.0 + $user['step'] / 100, 2) . ' °C' : "Cone {$n} {$user['step']}";
        $field = $isLong ? '/ambient/celsius' : '/title';
        $asked = match ($what) {
            'view' => ['GET', $user['path'], []],
            'edit', 'long edit' => ['PATCH', $user['path'], [
                'edit'    => json_encode(['of' => $user['of'], 'f' => [$field => [$user['shown'], $typed]]]),
                'headers' => ['HX-Request: true'],
            ]],
            'list'    => ['GET', '/pieces', []],
            'library' => ['GET', '/materials', []],
            default   => ['GET', "{$user['path']}/heat", []],
        };
        $handle = $user['visitor']->asking($asked);
        curl_multi_add_handle($multi, $handle);
        $open[$n] = [$handle, $what, $typed];
        $users[$n]['step']++;
    }
    curl_multi_exec($multi, $running);
    curl_multi_select($multi, 0.02);
    while (($done = curl_multi_info_read($multi)) !== false) {
        foreach ($open as $n => [$handle, $what, $typed]) {
            if ($handle !== $done['handle']) {
                continue;
            }
            $answer = Visited::of((string) curl_multi_getcontent($handle), $handle);
            curl_multi_remove_handle($multi, $handle);
            unset($open[$n]);
            $taken[$what][] = 1e3 * $answer->seconds;
            if ($answer->status !== 200 && $answer->status !== 204) {
                $failed[] = "{$what}: {$answer->status}";
            }
            if (str_ends_with($what, 'edit') && preg_match('/data-of="(\w+)"/', $answer->body, $of) === 1) {
                [$users[$n]['of'], $users[$n]['shown']] = [$of[1], $typed];
            }
            $users[$n]['next'] = microtime(true) - $begun + (str_starts_with($what, 'long') ? 0.0 : PAUSE);
        }
    }
}
printf("%d people, %.0f s\n%-12s %6s %8s %8s %8s\n", $people, $seconds, '', 'times', 'median', '95 %', 'most, ms');
foreach ($taken as $what => $times) {
    sort($times);
    printf(
        "%-12s %6d %8.0f %8.0f %8.0f\n",
        $what,
        count($times),
        $times[intdiv(count($times), 2)],
        $times[(int) floor(0.95 * (count($times) - 1))],
        end($times),
    );
}
printf("failed: %s\n", $failed === [] ? 'none' : json_encode(array_count_values($failed)));
foreach ($before as $process => $megabytes) {
    printf("process %d: %.0f MB, then %.0f MB\n", $process, $megabytes, $memory($process));
}
$served->stop();
exit($failed === [] ? 0 : 1);
