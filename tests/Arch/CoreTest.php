<?php

declare(strict_types=1);

use Pensilis\Exception\PensilisException;
use Tests\Sources;

arch('the core uses only itself')->expect('Pensilis')->toOnlyUse(['Pensilis']);

arch('the core asks neither clock nor chance nor the machine')->expect('Pensilis')->not->toUse([
    'time', 'microtime', 'hrtime', 'date', 'gmdate', 'strtotime', 'mktime', 'date_default_timezone_get',
    'rand', 'mt_rand', 'random_int', 'random_bytes', 'shuffle', 'array_rand', 'uniqid', 'lcg_value',
    'file_get_contents', 'file_put_contents', 'fopen', 'readfile', 'unlink', 'getenv', 'putenv', 'env', 'config',
    'sleep', 'usleep', 'exec', 'shell_exec', 'proc_open', 'curl_init', 'echo', 'print', 'var_dump', 'dd', 'dump', 'error_log',
]);

// PHP's own classes are invisible to the law above: they are looked for in the text.
it('makes no clock, database or file object in the core', function (): void {
    foreach (Sources::below('core') as $file => $text) {
        expect(preg_match('/new\s+\\\\?(DateTime\s*\(|PDO|SplFileObject|Random\\\\)/', $text))->toBe(0, $file)
            ->and(preg_match('/new\s+DateTimeImmutable\s*\(\s*(\)|[\'"]now)/', $text))->toBe(0, $file)
            ->and(preg_match('/\$_(SERVER|GET|POST|ENV|SESSION|COOKIE)/', $text))->toBe(0, $file);
    }
});

arch('numerics know no word of the trade')->expect('Pensilis\Numerics')->toOnlyUse([
    'Pensilis\Numerics', 'Pensilis\Exception\NotBracketed',
]);

arch('types are strict everywhere')->expect(['Pensilis', 'App', 'Database'])->toUseStrictTypes();

arch('comparisons are strict everywhere')->expect(['Pensilis', 'App', 'Database'])->toUseStrictEquality();

arch('classes of the core are final')->expect('Pensilis')->classes()->toBeFinal();

arch('exceptions carry the marker')->expect('Pensilis\Exception')->classes()->toImplement(PensilisException::class);

// State of a solver may change; everything else that exists stays as it is.
arch('what exists stays as it is')->expect([
    'Pensilis\Geometry', 'Pensilis\Material', 'Pensilis\Resin', 'Pensilis\Layering', 'Pensilis\Batching',
    'Pensilis\Settling',
])
    ->classes()->toBeReadonly()
    ->ignoring(['Pensilis\Geometry\PathReader', 'Pensilis\Geometry\StlReader', 'Pensilis\Layering\Diagnosis']);

arch('controllers do not calculate')->expect('App\Http\Controllers')->not->toUse([
    'Pensilis\Thermal', 'Pensilis\Numerics', 'Pensilis\Geometry', 'Pensilis\Quantity\Figure',
]);

it('names no foreign place in anything that is served', function (): void {
    foreach ([...Sources::below('resources/views'), ...Sources::below('app')] as $file => $text) {
        expect(preg_match('#(src|href|action)="(https?:)?//#', $text))->toBe(0, $file)
            ->and(preg_match('/<(script|style)(?![^>]*\bsrc=)[^>]*>/', $text))->toBe(0, $file)
            ->and(preg_match('/\sstyle="/', $text))->toBe(0, $file);
    }
});
