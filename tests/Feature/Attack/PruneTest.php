<?php

declare(strict_types=1);

use App\Models\SignIn;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Finder\Finder;

beforeEach(function (): void {
    $this->folder = sys_get_temp_dir() . '/pensilis-prune-' . getmypid();
    @mkdir("{$this->folder}/framework/cache/data", 0o700, true);
    app()->useStoragePath($this->folder);
    config(['cache.default' => 'file', 'cache.stores.file' => ['driver' => 'file', 'path' => "{$this->folder}/framework/cache/data"]]);
    Cache::purge('file');
    $this->kept = fn(): int => Finder::create()->files()->in("{$this->folder}/framework/cache/data")->count();
});

afterEach(fn() => shell_exec('rm -rf ' . escapeshellarg($this->folder)));

it('throws away what is over, and keeps what is not', function (): void {
    Cache::store('file')->put('over', str_repeat('x', 1000), 60);
    Cache::store('file')->put('kept', str_repeat('y', 1000), 7200);
    Cache::store('file')->forever('for ever', 'z');
    $this->travel(1)->hours();
    $this->artisan('pensilis:prune')->expectsOutputToContain('Thrown away: 1 kept answers')->assertExitCode(0);
    expect(($this->kept)())->toBe(2)
        ->and(Cache::store('file')->get('kept'))->toBe(str_repeat('y', 1000))
        ->and(Cache::store('file')->get('for ever'))->toBe('z');
});

it('throws the oldest away until the rest fits', function (): void {
    foreach (range(1, 5) as $n) {
        Cache::store('file')->put("answer {$n}", str_repeat((string) $n, 400_000), 7200);
        foreach (Finder::create()->files()->in("{$this->folder}/framework/cache/data")->contains(str_repeat((string) $n, 99)) as $file) {
            touch($file->getPathname(), time() - 1000 + $n);
        }
    }
    $this->artisan('pensilis:prune', ['--most' => '1'])->assertExitCode(0);
    expect(Cache::store('file')->get('answer 5'))->not->toBeNull()
        ->and(Cache::store('file')->get('answer 4'))->not->toBeNull()
        ->and(Cache::store('file')->get('answer 3'))->toBeNull()
        ->and(Cache::store('file')->get('answer 1'))->toBeNull();
});

it('forgets keys of forms and browsers long closed', function (): void {
    $user = $this->member();
    SignIn::open($user, 'old')->forceFill(['seen_at' => now()->subDays(40)])->save();
    SignIn::open($user, 'new');
    DB::table('presses')->insert([
        ['key' => 'old', 'created_at' => now()->subDays(3)], ['key' => 'new', 'created_at' => now()],
    ]);
    $this->artisan('pensilis:prune')->assertExitCode(0);
    expect(SignIn::query()->pluck('agent')->all())->toBe(['new'])
        ->and(DB::table('presses')->pluck('key')->all())->toBe(['new']);
});

it('says what a limit must be', function (): void {
    $this->artisan('pensilis:prune', ['--most' => 'few'])->expectsOutputToContain('a number of megabytes')->assertExitCode(2);
});
