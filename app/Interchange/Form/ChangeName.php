<?php

declare(strict_types=1);

namespace App\Interchange\Form;

use App\Words\Words;
use Pensilis\PlanFile\Document;
use Pensilis\Quantity\UnitSystem;

/** What a change of a piece is called: after the object that came or went, or the field that says something else. */
final class ChangeName
{
    /**
     * @param array<string, mixed> $before
     * @param array<string, mixed> $after
     */
    public static function of(array $before, array $after): string
    {
        foreach (['/inclusions', '/colours'] as $list) {
            [$was, $is] = [self::ids($before, $list), self::ids($after, $list)];
            $other = [...array_diff($was, $is), ...array_diff($is, $was)];
            if (count($was) !== count($is)) {
                return Words::say('said.change.thing', ['name' => $other[0] ?? '']);
            }
        }
        if (count(Document::list($before, '/pours')) !== count(Document::list($after, '/pours'))) {
            return Words::say('said.change.pours');
        }

        return self::field($before, $after);
    }

    /**
     * @param array<string, mixed> $before
     * @param array<string, mixed> $after
     */
    private static function field(array $before, array $after): string
    {
        $changed = [];
        foreach ((new PlanFields($after))->all() as $field) {
            if ($field->text($before, UnitSystem::Metric) !== $field->text($after, UnitSystem::Metric)) {
                $changed[] = $field;
            }
        }
        if ($changed === []) {
            return Words::say('said.change.piece');
        }
        $id = preg_match('#^/inclusions/\d+#', $changed[0]->pointer, $found) === 1 ? Document::value($after, "{$found[0]}/id") : null;
        $name = is_string($id) ? Words::say('said.change.of', ['field' => $changed[0]->label(), 'name' => $id]) : $changed[0]->label();

        return count($changed) === 1 ? $name : Words::say('said.change.more', ['change' => $name], count($changed) - 1);
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return list<string>
     */
    private static function ids(array $document, string $list): array
    {
        $ids = array_column(array_filter(Document::list($document, $list), is_array(...)), 'id');

        return array_values(array_filter($ids, is_string(...)));
    }
}
