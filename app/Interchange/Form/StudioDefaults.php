<?php

declare(strict_types=1);

namespace App\Interchange\Form;

use App\Interchange\PlanFile\Starters;
use Pensilis\PlanFile\Document;

/**
 * What new pieces of a studio begin with: its room and hours, what it measures with, how it seals. A studio keeps them as those parts of
 * a plan file, and the key of a resin.
 */
final class StudioDefaults
{
    private const PARTS = ['ambient' => 1, 'studio' => 1, 'sealing' => 1, 'bubbles' => 1, 'recoat' => 1, 'tape' => 1, 'layering' => 1];

    /** A plan file has a start; what a studio keeps has none. */
    private const START = '2026-01-05T08:00';

    /**
     * @param array<string, mixed> $defaults
     *
     * @return array<string, mixed> a plan file that begins with them
     */
    public static function whole(array $defaults): array
    {
        return self::begun(Starters::piece('Defaults', 'deep', self::START), $defaults);
    }

    /**
     * A new piece with them, which starts when it does.
     *
     * @param array<string, mixed> $document
     * @param array<string, mixed> $defaults
     *
     * @return array<string, mixed>
     */
    public static function begun(array $document, array $defaults): array
    {
        $parts = array_intersect_key($defaults, self::PARTS);
        if (isset($parts['studio'])) {
            $parts['studio'] = ['start' => Document::value($document, '/studio/start')] + Document::list($parts, '/studio');
        }

        return $parts + $document;
    }

    /**
     * @param array<string, mixed> $whole
     *
     * @return array<string, mixed>
     */
    public static function kept(array $whole): array
    {
        return array_intersect_key(Document::without($whole, '/studio/start'), self::PARTS);
    }

    /**
     * @param array<string, mixed> $whole
     *
     * @return list<Field>
     */
    public static function fields(array $whole): array
    {
        return array_merge(...array_values(self::groups($whole)));
    }

    /**
     * @param array<string, mixed> $whole
     *
     * @return array<string, list<Field>> as a page shows them
     */
    public static function groups(array $whole): array
    {
        $fields = new PlanFields($whole);

        return [
            'room' => [
                ...$fields->studio()->room(false), ...$fields->schools(), ...$fields->layering(),
            ],
            'hours'     => array_values(array_filter($fields->studio()->hours(), fn(Field $one): bool => !$one->isMoment())),
            'measuring' => $fields->studio()->measuring(),
        ];
    }

    /**
     * As its choices ask for.
     *
     * @param array<string, mixed> $changed
     * @param array<string, mixed> $before
     *
     * @return array<string, mixed>
     */
    public static function reshaped(array $changed, array $before): array
    {
        $isOther = fn(string $pointer): bool => Document::value($changed, $pointer) !== Document::value($before, $pointer);
        [$room, $measures] = [$isOther('/ambient/kind'), $isOther('/studio/measure_by')];
        $changed = $room ? Reshaping::room($changed) : $changed;

        return $measures ? Reshaping::measuring($changed) : $changed;
    }
}
