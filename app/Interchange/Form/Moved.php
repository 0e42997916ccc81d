<?php

declare(strict_types=1);

namespace App\Interchange\Form;

use Pensilis\PlanFile\Pointer;

/**
 * Where a place of a document as somebody saw it is now. Objects, resins, colours, regions and compartments are found by their names;
 * lists whose entries have none keep their places as long as they have not grown or shrunk, and one more is added at their end.
 */
final readonly class Moved
{
    /** What names an entry of a list, by the key of the list. */
    private const NAMES = ['inclusions' => 'id', 'resins' => 'id', 'colours' => 'id', 'zones' => 'name', 'compartments' => 'name'];

    /**
     * @param array<string, mixed> $seen
     * @param array<string, mixed> $now
     */
    public function __construct(private array $seen, private array $now) {}

    /** The pointer of the same place; null where that is gone. */
    public function now(string $pointer): ?string
    {
        if ($this->seen === $this->now) {
            return $pointer;
        }
        [$seen, $now, $list, $moved] = [$this->seen, $this->now, '', ''];
        foreach (Pointer::keys($pointer) as $key) {
            $place = ctype_digit($key) && is_array($seen) && array_is_list($seen)
                ? self::placeOf((int) $key, $seen, is_array($now) ? $now : [], self::NAMES[$list] ?? null)
                : $key;
            if ($place === null) {
                return null;
            }
            $seen = is_array($seen) ? $seen[$key] ?? null : null;
            $now = is_array($now) ? $now[$place] ?? null : null;
            $list = ctype_digit($key) ? $list : $key;
            $moved .= Pointer::step((string) $place);
        }

        return $moved;
    }

    /**
     * @param array<array-key, mixed> $seen
     * @param array<array-key, mixed> $now
     */
    private static function placeOf(int $index, array $seen, array $now, ?string $name): ?int
    {
        $entry = $seen[$index] ?? null;
        if ($entry === null) {
            return $index === count($seen) ? count($now) : null;
        }
        if ($name === null || !is_array($entry) || !isset($entry[$name])) {
            return count($seen) === count($now) ? $index : null;
        }
        $names = array_map(fn(mixed $one): mixed => is_array($one) ? $one[$name] ?? null : null, $now);
        // Two regions may have the same name: then the place decides.
        $place = ($names[$index] ?? null) === $entry[$name] ? $index : array_search($entry[$name], $names, true);

        return is_int($place) ? $place : null;
    }
}
