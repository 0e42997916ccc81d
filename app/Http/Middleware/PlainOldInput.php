<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What was typed and refused is shown again as text: a list that somebody sent in its place is refused too, and forgotten. */
final class PlainOldInput
{
    private const KEY = '_old_input';

    /** Names under which lists of texts are expected. */
    private const LISTS = ['f'];

    public function handle(Request $request, Closure $next): Response
    {
        $old = $request->session()->get(self::KEY);
        if (is_array($old)) {
            $plain = array_filter(
                $old,
                fn(mixed $value, string|int $name): bool => !is_array($value) || in_array($name, self::LISTS, true),
                ARRAY_FILTER_USE_BOTH,
            );
            $request->session()->put(self::KEY, $plain);
        }
        $response = $next($request);
        assert($response instanceof Response);

        return $response;
    }
}
