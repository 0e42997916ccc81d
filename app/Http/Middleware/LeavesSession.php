<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Session\NullSessionHandler;
use Illuminate\Session\Store;
use SessionHandlerInterface;
use Symfony\Component\HttpFoundation\Response;

/**
 * For long answers that come beside others: what they found in the session is not written back, or it would undo what a press said
 * meanwhile ("was deleted", Undo).
 */
final class LeavesSession
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $session = $request->session();
        if ($session instanceof Store) {
            $request->attributes->set(self::class, $session->getHandler());
            $session->setHandler(new NullSessionHandler());
        }

        return $next($request);
    }

    /** The session is written before this; a process that goes on has its own again. */
    public function terminate(Request $request, Response $response): void
    {
        $handler = $request->attributes->get(self::class);
        $session = $request->hasSession() ? $request->session() : null;
        if ($handler instanceof SessionHandlerInterface && $session instanceof Store) {
            $session->setHandler($handler);
        }
    }
}
