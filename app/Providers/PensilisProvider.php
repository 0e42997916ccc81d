<?php

declare(strict_types=1);

namespace App\Providers;

use App\Interchange\KeptCalibrations;
use App\Models\User;
use Illuminate\Auth\Notifications\ResetPassword;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Http\Request;
use Illuminate\Support\ServiceProvider;
use Pensilis\Thermal\CalibrationMemory;
use Pensilis\Thermal\CalibrationStore;

final class PensilisProvider extends ServiceProvider
{
    public function register(): void
    {
        // The command line needs no writable place; the pages keep what was found between requests.
        $this->app->bind(CalibrationStore::class, $this->app->runningInConsole() ? CalibrationMemory::class : KeptCalibrations::class);
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        // Mailed links name the configured address, never what a Host header says.
        ResetPassword::createUrlUsing(fn(User $user, string $token): string => self::mailed(
            route('password.reset', ['token' => $token, 'email' => $user->email], false),
        ));
        RateLimiter::for('sign-in', fn(Request $request): array => [
            Limit::perMinute(20)->by('address:' . $request->ip()),
            Limit::perMinute(5)->by('account:' . mb_strtolower($request->string('email')->toString())),
        ]);
    }

    public static function mailed(string $path): string
    {
        $root = config('app.url');

        return rtrim(is_string($root) ? $root : '', '/') . $path;
    }
}
