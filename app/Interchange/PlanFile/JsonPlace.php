<?php

declare(strict_types=1);

namespace App\Interchange\PlanFile;

/** Finds the line and column at which a text stops being JSON; PHP's own decoder does not say. */
final class JsonPlace
{
    private const TOKEN = '/\G[ \t\r\n]*(?<token>[\[\]{}:,]|"(?:[^"\\\\\x00-\x1f]|\\\\(?:["\\\\\/bfnrt]|u[0-9a-fA-F]{4}))*+"'
        . '|-?(?:0|[1-9]\d*)(?:\.\d+)?(?:[eE][+-]?\d+)?(?![\w.])|(?:true|false|null)(?!\w))/A';

    /** What may come next, by what came before; "v" begins a value. */
    private const NEXT = ['[' => 'v]', '{' => 's}', ':' => 'v', 'start' => 'v'];

    /** @return array{int, int} line and column, counted from 1 */
    public static function ofError(string $json): array
    {
        $offset = 0;
        $open = [];
        $allowed = self::NEXT['start'];
        while (preg_match(self::TOKEN, $json, $match, PREG_OFFSET_CAPTURE, $offset) === 1) {
            [$token, $at] = $match['token'];
            $kind = match (true) {
                str_contains('[]{}:,', $token) => $token,
                $token[0] === '"'              => 's',
                default                        => 'v',
            };
            $fits = str_contains($allowed, $kind) || (str_contains($allowed, 'v') && str_contains('[{s', $kind));
            if (!$fits) {
                return self::place($json, $at);
            }
            $isKey = $kind === 's' && !str_contains($allowed, 'v');
            if ($kind === '[' || $kind === '{') {
                $open[] = $kind;
            } elseif ($kind === ']' || $kind === '}') {
                array_pop($open);
            }
            $inside = $open === [] ? '' : $open[count($open) - 1];
            $allowed = match (true) {
                isset(self::NEXT[$kind]) => self::NEXT[$kind],
                $isKey                   => ':',
                $kind === ','            => $inside === '{' ? 's' : 'v',
                $inside === ''           => '',
                default                  => $inside === '{' ? ',}' : ',]',
            };
            $offset = $at + strlen($token);
        }

        return self::place($json, $offset + strspn($json, " \t\r\n", $offset));
    }

    /** @return array{int, int} */
    private static function place(string $json, int $offset): array
    {
        $before = substr($json, 0, $offset);

        return [substr_count($before, "\n") + 1, $offset - (int) strrpos("\n" . $before, "\n") + 1];
    }
}
