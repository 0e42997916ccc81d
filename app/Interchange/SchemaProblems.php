<?php

declare(strict_types=1);

namespace App\Interchange;

use Opis\JsonSchema\Errors\ValidationError;
use Pensilis\Plan\Notice;

/** Says in words, with place and remedy, what a schema validator found. */
final class SchemaProblems
{
    /** Keywords that only gather what others found. */
    private const GATHERING = ['properties', 'items', 'allOf', 'if', 'then', 'else', 'anyOf', '$ref', 'additionalProperties', ''];

    /** @return list<Notice> */
    public static function of(ValidationError $error): array
    {
        $leaves = array_values($error->subErrors());
        if ($error->keyword() === 'anyOf') {
            return [self::notice($error)];
        }
        if ($leaves !== [] && in_array($error->keyword(), self::GATHERING, true)) {
            $notices = [];
            foreach ($leaves as $leaf) {
                array_push($notices, ...($leaf instanceof ValidationError ? self::of($leaf) : []));
            }

            return $notices;
        }
        if ($error->keyword() === 'additionalProperties' || $error->keyword() === 'required') {
            return self::keys($error);
        }

        return [self::notice($error)];
    }

    /** @return list<Notice> one for each key that is unknown or missing */
    private static function keys(ValidationError $error): array
    {
        $unknown = $error->keyword() === 'additionalProperties';
        $keys = $error->args()[$unknown ? 'properties' : 'missing'] ?? [];
        $notices = [];
        $known = self::schema($error)['properties'] ?? [];
        foreach (is_array($keys) ? $keys : [] as $key) {
            $key = is_scalar($key) ? (string) $key : '?';
            // The validator also calls those keys unknown whose values it has just found wrong.
            if ($unknown && is_array($known) && array_key_exists($key, $known)) {
                continue;
            }
            $notices[] = $unknown
                ? new Notice('unknown-key', 'This key is not known here; check its spelling, or take it out.', self::pointer($error) . '/' . self::escape($key))
                : new Notice('missing', "The key “{$key}” is missing here; add it.", self::pointer($error));
        }

        return $notices;
    }

    private static function notice(ValidationError $error): Notice
    {
        $args = $error->args();
        $said = fn(string $key): string => isset($args[$key]) && is_scalar($args[$key]) ? (string) $args[$key] : '';
        $schema = self::schema($error);
        $limit = fn(string $key): string => isset($schema[$key]) && is_scalar($schema[$key]) ? (string) $schema[$key] : '';
        [$code, $message] = match ($error->keyword()) {
            'type'             => ['type', 'This must be ' . self::kinds($args['expected'] ?? '') . ', not ' . self::kinds($said('type')) . '.'],
            'enum'             => ['choice', 'This must be one of: ' . self::choices($schema) . '.'],
            'const'            => ['choice', 'This must be ' . json_encode($args['const'] ?? null) . '.'],
            'minimum'          => ['range', "This must be {$limit('minimum')} or more."],
            'exclusiveMinimum' => ['range', "This must be above {$limit('exclusiveMinimum')}."],
            'maximum'          => ['range', "This must be {$limit('maximum')} or less."],
            'exclusiveMaximum' => ['range', "This must be below {$limit('exclusiveMaximum')}."],
            'minItems'         => ['count', "At least {$limit('minItems')} of these are needed."],
            'maxItems'         => ['count', "At most {$limit('maxItems')} of these are read."],
            'minLength'        => ['text', 'Something must be written here.'],
            'maxLength'        => ['text', "At most {$limit('maxLength')} characters are read here."],
            'anyOf'            => ['choice', 'This is none of the kinds known here: a known name, or an object with its figures.'],
            default            => ['schema', 'This does not fit the plan file format; see docs/plan-file.md.'],
        };

        return new Notice($code, $message, self::pointer($error));
    }

    private static function pointer(ValidationError $error): string
    {
        $path = array_map(fn(mixed $step): string => self::escape(is_scalar($step) ? (string) $step : ''), $error->data()->fullPath());

        return $path === [] ? '' : '/' . implode('/', $path);
    }

    private static function escape(string $key): string
    {
        return strtr($key, ['~' => '~0', '/' => '~1']);
    }

    private static function kinds(mixed $names): string
    {
        $words = ['number' => 'a number', 'integer' => 'a whole number', 'string' => 'a text', 'array' => 'a list',
            'object'       => 'an object', 'boolean' => 'true or false', 'null' => 'null'];
        $plain = array_map(fn(mixed $name): string => $words[is_string($name) ? $name : ''] ?? 'something else', is_array($names) ? $names : [$names]);

        return implode(' or ', $plain);
    }

    /** @param array<array-key, mixed> $schema */
    private static function choices(array $schema): string
    {
        $choices = is_array($schema['enum'] ?? null) ? $schema['enum'] : [];

        return implode(', ', array_map(fn(mixed $choice): string => is_scalar($choice) ? (string) $choice : '?', $choices));
    }

    /** @return array<array-key, mixed> the part of the schema that was not met */
    private static function schema(ValidationError $error): array
    {
        $schema = json_decode((string) json_encode($error->schema()->info()->data()), true);

        return is_array($schema) ? $schema : [];
    }
}
