<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What htmx is told when a request fails: a sentence in the place for refusals, not a page in the middle of a page. */
final class Refusal
{
    public const HEADERS = ['HX-Retarget' => '#refusal', 'HX-Reswap' => 'innerHTML', 'HX-Reselect' => '.why'];

    /** The status of a page whose token is of a session that is over. */
    private const OLD = 419;

    /** The session is over, or another: what was typed is kept by the page, which is led back to itself. */
    public static function ended(Request $request, string $why, int $status): Response
    {
        $path = parse_url($request->headers->get('HX-Current-URL') ?? '', PHP_URL_PATH);

        return response()->view('partials.ended', [
            'why' => $why, 'to' => is_string($path) && Address::isOwn($path) ? $path : '/pieces',
        ], $status, self::HEADERS);
    }

    public static function forHtmx(Response $response, Request $request): Response
    {
        if (!$request->headers->has('HX-Request') || $response->getStatusCode() < 400 || $response->headers->has('HX-Retarget')) {
            return $response;
        }
        if ($response->getStatusCode() === self::OLD) {
            return self::ended($request, 'old', self::OLD);
        }
        $key = "said.refused.{$response->getStatusCode()}";
        $says = __(trans()->has($key) ? $key : 'said.refused.else');

        return response()->view('partials.refusal', ['messages' => [$says]], $response->getStatusCode(), self::HEADERS);
    }
}
