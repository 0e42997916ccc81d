<?php

declare(strict_types=1);

use App\Models\KeptCache;
use App\Models\KeptFile;
use App\Models\KeptSessions;
use App\Models\Mesh;
use App\Models\NoRoom;
use App\Models\Photograph;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Tests\Meshes;

/*
 * A full disk, without one: what is written aside goes to /dev/full, of which the system says that there is no space left on it.
 */

beforeEach(function (): void {
    Storage::fake('local');
    [$this->user, $this->piece] = $this->signedIn();
    $this->path = "/pieces/{$this->piece->id}";
    $this->fill = function (string $place): void {
        $path = Storage::disk('local')->path("{$place}.new");
        @mkdir(dirname($path), 0o755, true);
        symlink('/dev/full', $path);
    };
    $this->photograph = function (): UploadedFile {
        $image = imagecreatetruecolor(300, 200);
        ob_start();
        imagejpeg($image);

        return UploadedFile::fake()->createWithContent('layout.jpg', (string) ob_get_clean());
    };
});

afterEach(fn() => Str::createUlidsNormally());

it('keeps a file whole or not at all', function (): void {
    KeptFile::put('some/file.bin', 'what was there');
    ($this->fill)('some/file.bin');
    expect(fn() => KeptFile::put('some/file.bin', str_repeat('x', 100_000)))->toThrow(NoRoom::class)
        ->and(KeptFile::get('some/file.bin'))->toBe('what was there')
        ->and(Storage::disk('local')->allFiles())->toBe(['some/file.bin']);
    // With room again it goes as ever.
    KeptFile::put('some/file.bin', 'something else');
    expect(KeptFile::get('some/file.bin'))->toBe('something else');
});

it('keeps the photograph that is there when another finds no room, and says so', function (): void {
    $this->post("{$this->path}/photograph", ['photograph' => ($this->photograph)()])->assertSessionHasNoErrors();
    $first = Photograph::query()->sole();
    $next = Str::ulid();
    Str::createUlidsUsing(fn() => $next);
    ($this->fill)("photographs/{$this->user->studio_id}/{$next}.jpg");
    $this->post("{$this->path}/photograph", ['photograph' => ($this->photograph)()])->assertStatus(507)
        ->assertSee('No room left')->assertSee('Nothing was changed');
    expect(Photograph::query()->sole()->id)->toBe($first->id)
        ->and(Storage::disk('local')->allFiles())->toBe([$first->place]);
    $this->get("{$this->path}/photograph.jpg")->assertOk();
});

it('keeps no mesh whose file found no room', function (): void {
    $bytes = Meshes::binary(Meshes::block(0.06, 0.05, 0.04));
    ($this->fill)("meshes/{$this->user->studio_id}/" . hash('sha256', $bytes) . '.stl.gz');
    $before = $this->piece->document;
    $send = fn() => $this->post("{$this->path}/meshes", [
        'mesh' => UploadedFile::fake()->createWithContent('body.stl', $bytes), 'for' => '/vessel',
    ]);
    $send()->assertStatus(507);
    expect(Mesh::query()->count())->toBe(0)
        ->and($this->piece->refresh()->document)->toBe($before);
    // Once there is room, the same file can be sent, and the plan file holds it.
    $send()->assertSessionHasNoErrors();
    $this->get("{$this->path}/file")->assertOk()->assertSee('mesh_base64', false);
});

it('leaves whoever is signed in so, and says of a new session that it cannot be kept', function (): void {
    $folder = Storage::disk('local')->path('sessions');
    mkdir($folder);
    $sessions = new KeptSessions(new Filesystem(), $folder, 60);
    $isFull = fn(string $id): bool => symlink('/dev/full', "{$folder}/{$id}." . getmypid());
    expect($sessions->write('known', 'signed in'))->toBeTrue()
        ->and($isFull('known'))->toBeTrue()
        ->and($sessions->write('known', 'signed in, and more'))->toBeFalse()
        ->and($sessions->read('known'))->toBe('signed in')
        ->and($isFull('new'))->toBeTrue()
        ->and(fn() => $sessions->write('new', 'signed in'))->toThrow(ErrorException::class)
        ->and($sessions->read('new'))->toBe('')
        ->and(scandir($folder))->toBe(['.', '..', 'known']);
});

it('shows what has failed without asking the database, which may be what has', function (string $page): void {
    Auth::logout();
    session()->put(Auth::guard('web')->getName(), $this->user->id);
    DB::enableQueryLog();
    expect(view($page)->render())->toContain('<h1>')
        ->and(DB::getQueryLog())->toBe([]);
})->with(['errors.500', 'errors.507']);

it('tells of a disk that fills at the end of a transaction, and of others who hold the database', function (
    string $says,
    int $status,
    string $head,
): void {
    Route::get('/fails', fn(): never => throw new PDOException("SQLSTATE[HY000]: General error: {$says}"))->middleware('web');
    $this->get('/fails')->assertStatus($status)->assertSee($head)->assertSee('Nothing was changed');
    $this->withHeader('HX-Request', 'true')->get('/fails')->assertStatus($status);
})->with([
    'full'   => ['13 database or disk is full', 507, 'No room left'],
    'locked' => ['5 database is locked', 423, 'Others are writing'],
]);

it('reads what is there while the disk is full', function (): void {
    $files = Mockery::mock(Filesystem::class)->makePartial();
    $files->allows('put')->andThrow(new ErrorException('Write of 40 bytes failed with errno=28 No space left on device'));
    $store = new KeptCache($files, sys_get_temp_dir() . '/pensilis-full-' . getmypid());
    expect($store->put('answer', 42, 60))->toBeFalse()
        ->and($store->get('answer'))->toBeNull();
    // A member who was not seen for a while reads on, though that cannot be noted.
    $this->travel(1)->hours();
    DB::unprepared('create trigger full before update on sign_ins begin select raise(abort, \'database or disk is full\'); end');
    $this->get('/pieces')->assertOk();
    $this->get("/pieces/{$this->piece->id}")->assertOk();
});
