<?php

declare(strict_types=1);

namespace App\Interchange\PlanFile;

use Opis\JsonSchema\Errors\ValidationError;
use Pensilis\Fact\Fact;
use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\PlanFile\Pointer;

/** Says in words, with place and remedy, what a schema validator found. */
final class SchemaProblems
{
    /** Keywords that only gather what others found. */
    private const GATHERING = ['properties', 'items', 'allOf', 'if', 'then', 'else', 'anyOf', '$ref', 'additionalProperties', ''];

    private const KINDS = ['number', 'integer', 'string', 'array', 'object', 'boolean', 'null'];

    /** @return list<Finding> */
    public static function of(ValidationError $error): array
    {
        $leaves = array_values($error->subErrors());
        if ($error->keyword() === 'anyOf') {
            return [self::finding($error)];
        }
        if ($leaves !== [] && in_array($error->keyword(), self::GATHERING, true)) {
            $found = [];
            foreach ($leaves as $leaf) {
                array_push($found, ...($leaf instanceof ValidationError ? self::of($leaf) : []));
            }

            return $found;
        }
        if ($error->keyword() === 'additionalProperties' || $error->keyword() === 'required') {
            return self::keys($error);
        }

        return [self::finding($error)];
    }

    /** @return list<Finding> one for each key that is unknown or missing */
    private static function keys(ValidationError $error): array
    {
        $unknown = $error->keyword() === 'additionalProperties';
        $keys = $error->args()[$unknown ? 'properties' : 'missing'] ?? [];
        $found = [];
        $known = self::schema($error)['properties'] ?? [];
        foreach (is_array($keys) ? $keys : [] as $key) {
            $key = is_scalar($key) ? (string) $key : '?';
            // The validator also calls those keys unknown whose values it has just found wrong.
            if ($unknown && is_array($known) && array_key_exists($key, $known)) {
                continue;
            }
            $found[] = $unknown
                ? Finding::of(Code::UnknownKey, self::pointer($error) . Pointer::step($key))
                : Finding::of(Code::MissingKey, self::pointer($error), names: ['key' => $key]);
        }

        return $found;
    }

    private static function finding(ValidationError $error): Finding
    {
        $args = $error->args();
        $schema = self::schema($error);
        $said = fn(mixed $value): string => is_scalar($value) ? (string) $value : '';
        [$code, $names] = match ($error->keyword()) {
            'type' => [
                Code::Type, ['wanted' => self::kinds($args['expected'] ?? ''), 'given' => self::kinds($args['type'] ?? '')],
            ],
            'enum' => [
                Code::Choice,
                ['choices' => array_map($said, array_values(is_array($schema['enum'] ?? null) ? $schema['enum'] : []))],
            ],
            'const'            => [Code::ChoiceExactly, ['wanted' => (string) json_encode($args['const'] ?? null)]],
            'minimum'          => [Code::RangeFrom, ['limit' => $said($schema['minimum'] ?? '')]],
            'exclusiveMinimum' => [Code::RangeAbove, ['limit' => $said($schema['exclusiveMinimum'] ?? '')]],
            'maximum'          => [Code::RangeTo, ['limit' => $said($schema['maximum'] ?? '')]],
            'exclusiveMaximum' => [Code::RangeBelow, ['limit' => $said($schema['exclusiveMaximum'] ?? '')]],
            'minItems'         => [Code::CountAtLeast, ['limit' => $said($schema['minItems'] ?? '')]],
            'maxItems'         => [Code::CountAtMost, ['limit' => $said($schema['maxItems'] ?? '')]],
            'minLength'        => [Code::TextWanted, []],
            'maxLength'        => [Code::TextTooLong, ['limit' => $said($schema['maxLength'] ?? '')]],
            'anyOf'            => [Code::ChoiceOfKinds, []],
            default            => [Code::Schema, []],
        };

        return Finding::of($code, self::pointer($error), names: $names);
    }

    private static function pointer(ValidationError $error): string
    {
        return implode(
            '',
            array_map(fn(mixed $step): string => Pointer::step(is_scalar($step) ? (string) $step : ''), $error->data()->fullPath()),
        );
    }

    /** What JSON calls a kind of value. */
    private static function kinds(mixed $names): Fact
    {
        $name = is_array($names) ? reset($names) : $names;

        return new Fact('json.' . (in_array($name, self::KINDS, true) ? $name : 'other'));
    }

    /** @return array<array-key, mixed> the part of the schema that was not met */
    private static function schema(ValidationError $error): array
    {
        $schema = json_decode((string) json_encode($error->schema()->info()->data()), true);

        return is_array($schema) ? $schema : [];
    }
}
