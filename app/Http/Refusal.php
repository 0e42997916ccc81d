<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What htmx is told when a request fails: a sentence in the place for refusals, not a page in the middle of a page. */
final class Refusal
{
    public const HEADERS = ['HX-Retarget' => '#refusal', 'HX-Reswap' => 'innerHTML'];

    public static function forHtmx(Response $response, Request $request): Response
    {
        if (!$request->headers->has('HX-Request') || $response->getStatusCode() < 400 || $response->headers->has('HX-Retarget')) {
            return $response;
        }
        $key = "said.refused.{$response->getStatusCode()}";
        $says = __(trans()->has($key) ? $key : 'said.refused.else');

        return response()->view('partials.refusal', ['messages' => [$says]], $response->getStatusCode(), self::HEADERS);
    }
}
