<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What htmx is told when a request fails: a sentence in the place for refusals, not a page in the middle of a page. */
final class Refusal
{
    public const HEADERS = ['HX-Retarget' => '#refusal', 'HX-Reswap' => 'innerHTML'];

    private const SAYS = [
        403 => 'This is not open to your account.',
        404 => 'This is no longer here, or it belongs to another studio. Go back to the pieces.',
        419 => 'The page waited too long. Reload it; what is shown in the drawing is kept.',
        429 => 'Too often. Wait a minute, then try again.',
        503 => 'Pensilis is being looked after. Try again in a few minutes.',
    ];

    public static function forHtmx(Response $response, Request $request): Response
    {
        if (!$request->headers->has('HX-Request') || $response->getStatusCode() < 400 || $response->headers->has('HX-Retarget')) {
            return $response;
        }
        $says = self::SAYS[$response->getStatusCode()] ?? 'Something broke. Try again; if it happens twice, the log in storage/logs says where.';

        return response()->view('partials.refusal', ['messages' => [$says]], $response->getStatusCode(), self::HEADERS);
    }
}
