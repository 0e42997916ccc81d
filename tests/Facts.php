<?php

declare(strict_types=1);

namespace Tests;

use BackedEnum;
use Pensilis\Fact\Fact;
use Pensilis\Finding\Finding;

/** What was found as a line without any words: "code name=value …", figures to three digits. */
final class Facts
{
    public static function line(Finding $finding): string
    {
        return $finding->code->value . self::values([...$finding->figures(), ...$finding->names]);
    }

    /**
     * @param list<Finding> $findings
     *
     * @return list<string> words that programs rely on, each once
     */
    public static function words(array $findings): array
    {
        return array_values(array_unique(array_map(fn(Finding $one): string => $one->code->word(), $findings)));
    }

    /**
     * @param list<Finding> $findings
     *
     * @return list<string> what stands against a plan: words and places; not what is only told
     */
    public static function places(array $findings): array
    {
        return array_map(fn(Finding $one): string => "{$one->code->word()} {$one->pointer}", $findings);
    }

    /** @param array<string, mixed> $values */
    private static function values(array $values): string
    {
        $said = '';
        foreach ($values as $name => $value) {
            $said .= " {$name}=" . match (true) {
                $value instanceof Fact       => $value->name . self::values($value->values),
                $value instanceof BackedEnum => $value->value,
                is_array($value)             => implode(', ', $value),
                is_float($value)             => (string) round($value, 3),
                default                      => (string) $value,
            };
        }

        return $said;
    }
}
