<?php

declare(strict_types=1);

/*
 * Asks two servers the same, one after the other: one as bin/serve begins it and one that interprets. Their answers are held against
 * each other byte for byte: php tests/soak-served.php REQUESTS. Only what is drawn by chance for each (tokens, ids) and the clock's seconds
 * are taken out before.
 */

use Database\Seeders\DemoPieces;
use Illuminate\Contracts\Console\Kernel;
use Tests\Served;
use Tests\Visited;

require dirname(__DIR__) . '/vendor/autoload.php';
(require dirname(__DIR__) . '/bootstrap/app.php')->make(Kernel::class)->bootstrap();

$requests = (int) ($argv[1] ?? 5000);
$servers = [Served::start(), Served::start('export JIT=off')];
$visitors = array_map(fn(Served $served): object => $served->visitor('soak@example.org'), $servers);

// What is each one's own: ports, tokens, ids, the keys of forms, and the moments at which something was done.
$told = fn(Visited $page): string => $page->status . ' ' . preg_replace(
    [
        '/127\.0\.0\.1:\d+/', '/\b[0-9A-Za-z]{40}\b/', '/\b[0-9a-hjkmnp-tv-z]{26}\b/i', '/\b\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\b/',
        '/(signed in|last seen) [^,<]+, \d\d:\d\d/',
    ],
    ['host', 'token', 'id', 'moment', '$1 then'],
    $page->body,
);
[$asked, $wrong] = [0, 0];
/** @param array<string, mixed> $said */
$both = function (string $method, string $path, array $said = [], array $ids = ['', '']) use ($visitors, $told, &$asked, &$wrong): array {
    // A minute may turn between two answers: what differs once is asked again.
    for ($try = 1; $try <= ($method === 'GET' ? 3 : 1); $try++) {
        $pages = [];
        foreach ($visitors as $n => $visitor) {
            $to = str_replace('{id}', $ids[$n], $path);
            $pages[] = $method === 'GET' ? $visitor->get($to) : $visitor->post($to, $said);
        }
        [$one, $other] = array_map($told, $pages);
        if ($one === $other) {
            break;
        }
    }
    $asked++;
    if ($one !== $other) {
        $wrong++;
        $at = max(0, strspn($one ^ $other, "\0") - 60);
        echo "{$method} {$path}: ", json_encode([substr($one, $at, 160), substr($other, $at, 160)], JSON_UNESCAPED_SLASHES), "\n";
    }

    return $pages;
};
$pieces = [];
foreach (DemoPieces::all('2026-11-30') as $document) {
    $file = tempnam(sys_get_temp_dir(), 'soak');
    file_put_contents($file, json_encode($document));
    $came = $both('POST', '/pieces/files', ['file' => new CURLFile($file, 'application/json', 'plan.json')]);
    $pieces[] = array_map(fn(Visited $page): string => basename($page->headers['location'] ?? ''), $came);
    unlink($file);
}
$pages = ['', '/heat', '/pours/0', '/pours/0/cure', '/sheet', '/template', '/file', '/ways'];
$others = ['/today', '/pieces', '/shelf', '/shelf/resins', '/materials', '/orders', '/studio'];
for ($n = 0; $asked < $requests; $n++) {
    $ids = $pieces[$n % count($pieces)];
    $both('GET', '/pieces/{id}' . $pages[intdiv($n, count($pieces)) % count($pages)], [], $ids);
    if ($n % 5 === 0) {
        $both('GET', $others[intdiv($n, 5) % count($others)]);
    }
    // Always the same one: pieces are listed by when they were changed, and two changes may lie in one second here and in two there.
    if ($n % 7 === 0) {
        $both('POST', '/pieces/{id}', ['_method' => 'PATCH', 'f' => ['/title' => "Piece {$n}"]], $pieces[0]);
    }
}
array_map(fn(Served $served): mixed => $served->stop(), $servers);
printf("%d requests, %d of them answered otherwise\n", $asked, $wrong);
exit($wrong === 0 ? 0 : 1);
