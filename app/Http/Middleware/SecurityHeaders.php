<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Address;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Lets a page load only what ships with the application, and nobody frame it or keep it after its reader has signed out; leads nowhere but
 * to places of its own, whatever host was asked for.
 */
final class SecurityHeaders
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        foreach (config()->array('headers') as $name => $value) {
            $response->headers->set((string) $name, is_string($value) ? $value : null);
        }
        $to = $response->headers->get('Location');
        if ($to !== null) {
            $here = self::here($to, $request);
            // Its page too names no host, as that may be anybody's.
            $response->setContent(str_replace(e($to), e($here), (string) $response->getContent()));
            $response->headers->set('Location', $here);
        }
        // A page of a member is not shown again by the Back key once they have signed out.
        if (str_contains((string) $response->headers->get('Content-Type'), 'html')) {
            $response->headers->set('Cache-Control', 'no-store, private');
        }

        return $response;
    }

    /** A path of this application; the pieces where it would have led elsewhere. */
    private static function here(string $to, Request $request): string
    {
        $root = $request->getSchemeAndHttpHost();
        $path = str_starts_with($to, "{$root}/") || $to === $root ? substr($to, strlen($root)) : $to;

        return match (true) {
            $path === ''          => '/',
            Address::isOwn($path) => $path,
            default               => '/pieces',
        };
    }
}
