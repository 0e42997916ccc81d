<?php

declare(strict_types=1);

use Tests\Plans;
use Tests\Served;
use Tests\Visitor;

/** One server for all tests that do it no harm. */
function served(): Served
{
    static $served = null;

    return $served ??= Served::start();
}

/** @param array<string, mixed> $document */
function pieceSent(Visitor $visitor, array $document): string
{
    $visitor->get('/pieces');
    $file = new CURLStringFile((string) json_encode($document), 'piece.pensilis.json', 'application/json');
    $sent = $visitor->post('/pieces/files', ['file' => $file]);
    expect($sent->status)->toBe(302, $sent->body);

    return (string) $sent->headers['location'];
}

/** @return array<string, mixed> */
function documentOf(Visitor $visitor, string $path): array
{
    return json_decode($visitor->get("{$path}/file")->body, true, 64, JSON_THROW_ON_ERROR);
}

/** A fingerprint of what a page showed. */
function sawOn(string $page): string
{
    preg_match('/data-of="([0-9a-f]{32})"/', $page, $found);

    return $found[1];
}

it('answers all of many who write at once', function (): void {
    $visitor = served()->visitor('writes@studio.example');
    $path = pieceSent($visitor, Plans::cone());
    $of = sawOn($visitor->get($path)->body);
    // Forty change the piece on pages that showed the same, and forty more fill the shelf.
    $asked = [];
    for ($n = 0; $n < 40; $n++) {
        $edit = json_encode(['of' => $of, 'f' => ['/title' => ['Larch cone block', 'Cone'], '/vessel/fill_mm' => ['', '55 mm']]]);
        $asked[] = ['PATCH', $path, ['edit' => $edit, 'headers' => ['HX-Request: true']]];
        $asked[] = ['POST', '/shelf/consumables', ['like' => 'cups']];
    }
    $answers = array_count_values(array_map(fn($one): int => $one->status, $visitor->together($asked)));
    expect(array_keys($answers))->each->toBeIn([200, 302])
        ->and(documentOf($visitor, $path)['title'])->toBe('Cone')
        ->and($visitor->get('/shelf/consumables/table.csv')->body)->toContain('name')
        ->and(substr_count($visitor->get('/shelf/consumables/table.csv')->body, "\r\n"))->toBe(41);
});

it('says what was deleted though its heat was still asked for', function (): void {
    $visitor = served()->visitor('deletes@studio.example');
    $path = pieceSent($visitor, Plans::cone());
    $visitor->get($path);
    expect($visitor->post($path, ['_method' => 'DELETE'])->status)->toBe(302)
        ->and($visitor->get("{$path}/heat")->status)->toBe(404)
        ->and($visitor->get('/pieces')->body)->toContain('was deleted')->toContain('Undo');
});

it('loses no object of many that are added at once', function (): void {
    $visitor = served()->visitor('adds@studio.example');
    $path = pieceSent($visitor, Plans::cone());
    $answers = $visitor->together(array_fill(0, 16, ['POST', "{$path}/objects", ['kind' => 'stone']]));
    expect(array_unique(array_map(fn($one): int => $one->status, $answers)))->toBe([302])
        ->and(array_unique(array_column(documentOf($visitor, $path)['inclusions'], 'id')))->toHaveCount(17);
});

it('reads tables that come at once, and accepts an invitation once', function (): void {
    $visitor = served()->visitor('tables@studio.example');
    $visitor->get('/shelf/consumables');
    $table = fn(int $n): CURLStringFile => new CURLStringFile("name,stock\r\n" . implode("\r\n", array_map(
        fn(int $i): string => "Cup {$n}-{$i},5",
        range(1, 60),
    )), 'table.csv', 'text/csv');
    $answers = $visitor->together(array_map(
        fn(int $n): array => ['POST', '/shelf/consumables/table', ['table' => $table($n)]],
        range(1, 9),
    ));
    expect(array_unique(array_map(fn($one): int => $one->status, $answers)))->toBe([302])
        ->and(substr_count($visitor->get('/shelf/consumables/table.csv')->body, "\r\n"))->toBe(541);

    $visitor->get('/studio');
    $visitor->post('/studio/invitations', ['email' => 'joins@studio.example']);
    preg_match('#/invitation/(\w+)#', served()->log(), $found);
    $guest = new Visitor('http://127.0.0.1:' . served()->port);
    $guest->get("/invitation/{$found[1]}");
    $new = ['password' => 'a very long password', 'password_confirmation' => 'a very long password'];
    $answers = $guest->together(array_fill(0, 5, ['POST', "/invitation/{$found[1]}", $new]));
    // Whoever has joined has another session, and the other presses are of the one before.
    expect(array_map(fn($one): int => $one->status, $answers))->toContain(302)->each->toBeIn([302, 419])
        ->and(substr_count($visitor->get('/studio')->body, 'Remove joins@studio.example'))->toBe(1)
        ->and(served()->log())->not->toContain('UniqueConstraint');
});

it('lets nobody wait for the heat of another', function (): void {
    $busy = served()->visitor('busy@studio.example');
    // Pours thin and many: some seconds of heat for each, and each is another question.
    $slow = function (int $n): array {
        $document = Plans::coneWithPours();
        $document['ambient'] = ['celsius' => 20 + $n / 100];
        $document['pours'] = array_map(fn(int $k): array => ['resin' => 'deep', 'depth_mm' => 5, 'start_h' => 26.0 * $k], range(0, 11));

        return $document;
    };
    $paths = array_map(fn(int $n): string => pieceSent($busy, $slow($n)), range(1, 6));
    $other = served()->visitor('other@studio.example');
    $other->get('/pieces');
    $multi = array_map(fn(string $path): array => ['GET', "{$path}/heat", []], [...$paths, ...$paths]);
    // Twelve questions of one account; the other looks at its pieces in between.
    $process = pcntl_fork();
    if ($process === 0) {
        $busy->together($multi);
        posix_kill(getmypid(), SIGKILL);
    }
    usleep(300_000);
    $seen = array_map(fn() => $other->get('/pieces'), range(1, 8));
    pcntl_waitpid($process, $status);
    $waits = array_map(fn($one): float => $one->seconds, $seen);
    sort($waits);
    expect(array_unique(array_map(fn($one): int => $one->status, $seen)))->toBe([200])
        // Idle it takes hundredths of a second; with workers held by others it was half a minute.
        ->and($waits[4])->toBeLessThan(2.0);
});

it('keeps every acknowledged change when a worker is killed, and goes on', function (): void {
    $served = Served::start();
    $visitor = $served->visitor('killed@studio.example');
    $path = pieceSent($visitor, Plans::cone());
    $of = sawOn($visitor->get($path)->body);
    [$kept, $shown] = [[], ['Larch cone block']];
    for ($n = 0; $n < 200 && count($kept) < 16; $n++) {
        if ($n % 8 === 4) {
            // A worker in the middle of whatever it does.
            $workers = $served->workers();
            if ($workers !== []) {
                posix_kill($workers[$n % count($workers)], SIGKILL);
            }
        }
        // What was never answered may be there or not: the field showed one of these.
        $edit = json_encode(['of' => $of, 'f' => ['/title' => [...$shown, "Title {$n}"]]]);
        $answer = $visitor->together([['PATCH', $path, ['edit' => $edit, 'headers' => ['HX-Request: true']]]])[0];
        expect($answer->status)->toBeIn([0, 200]);
        $shown[] = "Title {$n}";
        if ($answer->status === 0) {
            usleep(200_000);
            continue;
        }
        [$of, $shown] = [sawOn($answer->body), ["Title {$n}"]];
        $kept[] = "Title {$n}";
    }
    for ($title = ''; $title === ''; usleep(200_000)) {
        $title = json_decode($visitor->get("{$path}/file")->body, true)['title'] ?? '';
    }
    expect($kept)->toHaveCount(16)
        ->and($title)->toBe(end($kept));
    $served->stop();
});

it('ends workers after so many answers, and loses neither a request nor a worker by it', function (): void {
    $served = Served::start('export REQUESTS=6', 2);
    $visitor = $served->visitor('often@studio.example');
    [$first, $seen, $wrong] = [$served->workers(), [], []];
    for ($n = 0; $n < 25; $n++) {
        foreach ($visitor->together(array_fill(0, 4, ['GET', '/studio', []])) as $answer) {
            $wrong = [...$wrong, ...($answer->status === 200 && str_ends_with(trim($answer->body), '</html>') ? [] : [$answer->status])];
        }
        $now = $served->workers();
        $seen = array_unique([...$seen, ...$now]);
        // While some are relieved the next are there already.
        expect(count($now))->toBeGreaterThanOrEqual(3);
    }
    expect($wrong)->toBe([])
        // Two, and their parent.
        ->and($first)->toHaveCount(3)
        // A hundred answers by twelves and more: the next take a moment to warm up.
        ->and(count($seen))->toBeGreaterThanOrEqual(9)
        ->and(array_intersect($first, $served->workers()))->toBe([]);
    $served->stop();
    expect($served->workers())->toBe([]);
});

it('says that there is no room, changes nothing, and goes on when there is', function (): void {
    // A file may grow to less than half a megabyte and no more: the system then says of a write what it says of a full disk.
    $served = Served::start('ulimit -f 448');
    $visitor = $served->visitor('full@studio.example');
    $path = pieceSent($visitor, Plans::cone());
    $served->run('php -r ' . escapeshellarg(
        '$db = new PDO("sqlite:" . getenv("DB_DATABASE")); $db->exec("CREATE TABLE filler (kept BLOB)");'
            . ' $db->exec("INSERT INTO filler VALUES (zeroblob(200000))");',
    ));
    $sizes = [];
    $refused = null;
    for ($n = 0; $n < 60 && $refused === null; $n++) {
        $visitor->get($path);
        $answer = $visitor->post("{$path}/copies");
        $sizes[] = $answer->status;
        $refused = $answer->status === 302 ? null : $answer;
        foreach ($refused === null ? range(1, 12) : [] as $more) {
            $visitor->post('/materials/findings', [
                'kind' => 'stone', 'found_on' => '2026-03-02', 'note' => str_repeat('a long note ', 160), 'once' => '',
            ]);
        }
    }
    expect($refused?->status)->toBe(507)
        ->and($refused?->body)->toContain('No room left')
        ->and($visitor->get($path)->status)->toBe(200)
        ->and($served->run('php -r ' . escapeshellarg(
            '$db = new PDO("sqlite:" . getenv("DB_DATABASE")); echo $db->query("PRAGMA integrity_check")->fetchColumn();',
        )))->toBe('ok');
    $served->stop();
});

it('gives static files the headers of pages, and says nothing of itself', function (): void {
    $visitor = new Visitor('http://127.0.0.1:' . served()->port);
    foreach (['/favicon.svg', '/robots.txt', '/sign-in', '/nowhere'] as $path) {
        $headers = $visitor->get($path)->headers;
        expect($headers)->toHaveKey('content-security-policy')->toHaveKey('x-content-type-options')->not->toHaveKey('x-powered-by');
    }
    foreach (['/../.env', '/%2e%2e/.env', '/index.php/../../.env', '/build/../../composer.json', '/build/%2e%2e/%2e%2e/.env'] as $path) {
        expect($visitor->get($path)->body)->not->toContain('APP_KEY')->not->toContain('pensilis/pins');
    }
});

it('refuses what is too much or not whole with a page of its own', function (): void {
    $visitor = served()->visitor('much@studio.example');
    $path = pieceSent($visitor, Plans::cone());
    $visitor->get($path);
    $many = array_combine(array_map(fn(int $n): string => "/inclusions/{$n}/id", range(1, 25_000)), array_fill(0, 25_000, 'x'));
    $before = documentOf($visitor, $path);
    $cut = $visitor->together([['PATCH', $path, ['f' => $many]]])[0];
    expect($cut->status)->toBe(413)
        ->and($cut->body)->toContain('Too much at once')
        ->and(documentOf($visitor, $path))->toBe($before);
});

it('does nothing that a foreign page could ask for', function (): void {
    $visitor = served()->visitor('foreign@studio.example');
    $path = pieceSent($visitor, Plans::cone());
    $before = documentOf($visitor, $path);
    $asked = [];
    foreach ([
        ['DELETE', $path], ['PATCH', $path], ['POST', "{$path}/objects"], ['DELETE', "{$path}/objects"], ['POST', "{$path}/copies"],
        ['POST', "{$path}/steps"], ['POST', "{$path}/pours"], ['POST', "{$path}/vessel"], ['POST', "{$path}/colours"], ['POST', '/pieces'],
        ['POST', '/shelf/resins'], ['PATCH', '/studio'], ['POST', '/studio/invitations'], ['PUT', '/password'], ['DELETE', '/session'],
        ['POST', '/materials/findings'], ['POST', '/pieces/files'], ['POST', "{$path}/pours/0/mixings"], ['DELETE', '/mixings/1'],
        ['DELETE', '/sign-ins/1'], ['DELETE', '/studio/members/1'],
    ] as [$method, $address]) {
        foreach ([[], ['_token' => ''], ['_token' => str_repeat('a', 40)]] as $token) {
            $asked[] = [$method, $address, $token + ['title' => 'x', 'name' => 'x', '_token' => 'wrong']];
        }
    }
    expect(array_unique(array_map(fn($one): int => $one->status, $visitor->together($asked))))->toBe([419])
        ->and(documentOf($visitor, $path))->toBe($before)
        ->and($visitor->get('/pieces')->status)->toBe(200);
});
