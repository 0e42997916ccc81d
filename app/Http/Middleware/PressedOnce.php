<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/**
 * A form that creates or counts something carries a key of its own: pressed twice, or sent again by a browser that never got its answer,
 * it is done once, and the second press is led to where the first one led. What was refused may be pressed again.
 */
final class PressedOnce
{
    public const FIELD = 'once';

    /** How long a second press waits for the first, in steps. */
    private const STEPS = 30;

    private const STEP_MICROSECONDS = 100_000;

    /** From then on a press that never ended may be pressed again, s: its process has died, as nothing is computed for so long. */
    private const DEAD = 180;

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $said = $request->input(self::FIELD);
        if (!is_string($said) || !Str::isUlid($said)) {
            return $next($request);
        }
        $user = $request->user();
        $key = ($user instanceof User ? $user->id : 0) . ":{$said}";
        DB::table('presses')->where('key', $key)->whereNull('location')->where('created_at', '<', now()->subSeconds(self::DEAD))->delete();
        if (DB::table('presses')->insertOrIgnore(['key' => $key, 'created_at' => now()]) === 0) {
            return $this->asBefore($key);
        }
        try {
            $response = $next($request);
        } catch (Throwable $failure) {
            DB::table('presses')->where('key', $key)->delete();
            throw $failure;
        }
        if ($this->isDone($request, $response)) {
            DB::table('presses')->where('key', $key)->update(['location' => $response->headers->get('Location') ?? '']);
        } else {
            DB::table('presses')->where('key', $key)->delete();
        }

        return $response;
    }

    private function isDone(Request $request, Response $response): bool
    {
        $flashed = $request->session()->get('_flash.new');

        return $response instanceof RedirectResponse
            && $response->exception === null
            && !(is_array($flashed) && in_array('errors', $flashed, true));
    }

    private function asBefore(string $key): Response
    {
        for ($step = 0; $step < self::STEPS; $step++) {
            $first = DB::table('presses')->where('key', $key)->value('location');
            if (is_string($first) && $first !== '') {
                return redirect()->to($first);
            }
            usleep(self::STEP_MICROSECONDS);
        }

        return back()->withErrors([self::FIELD => __('said.pressed-already')]);
    }
}
