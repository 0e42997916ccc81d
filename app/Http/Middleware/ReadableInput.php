<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\InputBag;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

/**
 * The one reader of all that is typed or asked: texts of UTF-8 without control characters, lists only where lists are expected, and nothing
 * that PHP has cut. What no keyboard makes is left out; what cannot be read is refused as a whole.
 */
final class ReadableInput
{
    /** Names under which lists of texts are expected. */
    private const LISTS = ['f', 'also', 'objects', 'each', 'done', 'were', 'open'];

    /** Of a form that is typed; files come otherwise. */
    private const MOST_BYTES = 8_000_000;

    /** Control characters but tab and line feed; byte order marks and what is no character; what turns the direction of a line. */
    private const UNTYPED = '/[\x00-\x08\x0B-\x1F\x7F]|[\x{FEFF}\x{FFFE}\x{FFFF}]|[\x{202A}-\x{202E}\x{2066}-\x{2069}]/u';

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $this->mustBeWhole($request);
        foreach ([$request->query, $request->request] as $bag) {
            $bag->replace($this->readable($bag));
        }

        return $next($request);
    }

    /** @throws HttpException where it is more than anybody types, or PHP has left out what is beyond its limit */
    private function mustBeWhole(Request $request): void
    {
        $most = (int) ini_get('max_input_vars');
        $isForm = str_starts_with($request->headers->get('Content-Type') ?? '', 'application/x-www-form-urlencoded');
        foreach ([$request->getQueryString() ?? '', $isForm ? $request->getContent() : ''] as $text) {
            if (strlen($text) > self::MOST_BYTES || ($most > 0 && substr_count($text, '&') >= $most)) {
                throw new HttpException(Response::HTTP_REQUEST_ENTITY_TOO_LARGE);
            }
        }
    }

    /**
     * @param InputBag<bool|float|int|string> $bag
     *
     * @return array<string, mixed>
     */
    private function readable(InputBag $bag): array
    {
        $readable = [];
        foreach ($bag->all() as $name => $said) {
            $name = (string) $name;
            if (!is_array($said)) {
                $readable[$name] = is_string($said) ? $this->text($said) : $said;
            } elseif (in_array($name, self::LISTS, true)) {
                $readable[$name] = $this->texts($said);
            } else {
                throw new HttpException(Response::HTTP_BAD_REQUEST);
            }
        }

        return $readable;
    }

    /**
     * @param array<array-key, mixed> $said
     *
     * @return array<string, string|null>
     */
    private function texts(array $said): array
    {
        $texts = [];
        foreach ($said as $key => $text) {
            if (is_array($text)) {
                throw new HttpException(Response::HTTP_BAD_REQUEST);
            }
            $texts[$this->text((string) $key)] = is_string($text) ? $this->text($text) : null;
        }

        return $texts;
    }

    private function text(string $said): string
    {
        if (!mb_check_encoding($said, 'UTF-8')) {
            throw new HttpException(Response::HTTP_BAD_REQUEST);
        }

        return (string) preg_replace(self::UNTYPED, '', str_replace(["\r\n", "\r"], "\n", $said));
    }
}
