<?php

declare(strict_types=1);

namespace App\Providers;

use App\Database\ImmediateConnection;
use App\Interchange\Answers\KeptCalibrations;
use App\Interchange\Answers\ModelVersion;
use App\Models\Finding;
use App\Models\Invitation;
use App\Models\KeptCache;
use App\Models\KeptMeshes;
use App\Models\KeptSessions;
use App\Models\Order;
use App\Models\Piece;
use App\Models\Recipe;
use App\Models\SignIn;
use App\Models\Supply;
use App\Models\User;
use App\Models\Vessel;
use App\Words\KeptTranslator;
use Closure;
use Illuminate\Auth\Events\Login;
use Illuminate\Auth\Events\Logout;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Cache\Repository;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Http\Request;
use Illuminate\Pagination\Paginator;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;
use Illuminate\Translation\Translator;
use PDO;
use Pensilis\Thermal\Fit\CalibrationMemory;
use Pensilis\Thermal\Fit\CalibrationStore;

final class PensilisProvider extends ServiceProvider
{
    public function register(): void
    {
        Connection::resolverFor(
            'sqlite',
            fn(PDO|Closure $pdo, string $database, string $prefix, array $config): ImmediateConnection => new ImmediateConnection(
                $pdo,
                $database,
                $prefix,
                $config,
            ),
        );
        $this->app->extend('translator', fn(Translator $one): KeptTranslator => tap(
            new KeptTranslator($one->getLoader(), $one->getLocale()),
            fn(KeptTranslator $kept) => $kept->setFallback($one->getFallback()),
        ));
        // The command line needs no writable place; the pages keep what was found between requests.
        $this->app->scoped(CalibrationStore::class, $this->app->runningInConsole() ? CalibrationMemory::class : KeptCalibrations::class);
        $this->app->scoped(ModelVersion::class, fn(): ModelVersion => new ModelVersion(base_path('core')));
        $this->app->scoped(KeptMeshes::class, fn(): KeptMeshes => new KeptMeshes(self::studio()));
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        Session::extend('file', fn(): KeptSessions => new KeptSessions(
            resolve(Filesystem::class),
            config()->string('session.files'),
            config()->integer('session.lifetime'),
        ));
        Cache::extend('file', fn(): Repository => Cache::repository(
            new KeptCache(resolve(Filesystem::class), config()->string('cache.stores.file.path')),
        ));
        Event::listen(fn(Login $event) => session()->put(
            SignIn::KEY,
            $event->user instanceof User ? SignIn::open($event->user, (string) request()->userAgent())->id : null,
        ));
        Event::listen(function (Logout $event): void {
            SignIn::query()->whereKey(session()->get(SignIn::KEY))->delete();
            session()->invalidate();
            session()->regenerateToken();
        });
        // Nothing on a page, and nowhere that a page leads to, follows the Host header.
        Vite::createAssetPathsUsing(fn(string $path): string => "/{$path}");
        Paginator::currentPathResolver(fn(): string => '/' . ltrim(request()->path(), '/'));
        // What cannot be an id is at no address.
        Route::patterns(array_fill_keys(['piece', 'trashed'], '[0-9A-Za-z]{26}') + array_fill_keys([
            'vessel', 'goneVessel', 'finding', 'recipe', 'supply', 'goneSupply', 'member', 'signIn', 'openInvitation', 'mixing', 'order',
            'goneOrder', 'event',
        ], '[0-9]{1,18}') + ['pour' => '[0-9]{1,4}', 'token' => '[0-9A-Za-z]{1,200}']);
        // Somebody else's piece is no piece at all: 404, for ids in addresses and forms alike.
        Route::bind('piece', fn(string $id): Piece => $this->own()->findOrFail($id));
        Route::bind('trashed', fn(string $id): Piece => $this->own()->onlyTrashed()->findOrFail($id));
        Route::bind('vessel', fn(string $id): Vessel => Vessel::query()->where('studio_id', self::studio())->findOrFail($id));
        Route::bind('goneVessel', fn(string $id): Vessel => Vessel::onlyTrashed()->where('studio_id', self::studio())->findOrFail($id));
        Route::bind('finding', fn(string $id): Finding => Finding::query()->where('studio_id', self::studio())->findOrFail($id));
        Route::bind('recipe', fn(string $id): Recipe => Recipe::query()->where('studio_id', self::studio())->findOrFail($id));
        Route::bind('supply', fn(string $id): Supply => Supply::query()->where('studio_id', self::studio())->findOrFail($id));
        Route::bind('goneSupply', fn(string $id): Supply => Supply::onlyTrashed()->where('studio_id', self::studio())->findOrFail($id));
        Route::bind('order', fn(string $id): Order => Order::query()->where('studio_id', self::studio())->findOrFail($id));
        Route::bind('goneOrder', fn(string $id): Order => Order::onlyTrashed()->where('studio_id', self::studio())->findOrFail($id));
        Route::bind('member', fn(string $id): User => User::query()->where('studio_id', self::studio())->findOrFail($id));
        Route::bind('signIn', fn(string $id): SignIn => SignIn::query()->where('user_id', Auth::id())->findOrFail($id));
        Route::bind('openInvitation', fn(string $id): Invitation => Invitation::query()->where('studio_id', self::studio())
            ->whereNull('accepted_at')->findOrFail($id));
        // By account or invitation and address together, so that nobody is kept out by what others post.
        RateLimiter::for('account', fn(Request $request): array => [
            Limit::perMinute(20)->by("address:{$request->ip()}"),
            Limit::perMinute(5)->by(implode('|', [
                is_string($email = $request->input('email')) ? mb_strtolower($email) : '',
                is_string($token = $request->route('token')) ? $token : '',
                $request->ip(),
            ])),
        ]);
    }

    /** @return Builder<Piece> */
    private function own(): Builder
    {
        return Piece::query()->where('studio_id', self::studio());
    }

    private static function studio(): int
    {
        $user = Auth::user();

        return $user instanceof User ? $user->studio_id : 0;
    }
}
