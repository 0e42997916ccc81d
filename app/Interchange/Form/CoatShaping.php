<?php

declare(strict_types=1);

namespace App\Interchange\Form;

use Pensilis\Colour\ColourKind;
use Pensilis\Plan\Application;
use Pensilis\PlanFile\Document;

/** Gives mixes, regions and steps what their kinds need, and takes out those whose kind was taken back. */
final class CoatShaping
{
    /** What a colour of a kind is not told by. */
    private const FOREIGN = [
        'ink'    => ['hides_mm', 'bulk_g_ml'], 'pigment' => ['through_mm', 'drop_ml', 'bulk_g_ml'],
        'filler' => ['through_mm', 'drop_ml'],
    ];

    /** What an applied thing begins with, mm, and a line of it. */
    private const SIZE = [40, 10];

    private const LINE = [100, 2, 0.5];

    /**
     * @param array<string, mixed> $document
     *
     * @return array<string, mixed>
     */
    public static function tidy(array $document): array
    {
        $kinds = [];
        foreach (self::list($document, '/colours') as $i => $colour) {
            $kind = ColourKind::tryFrom(self::text($colour['kind'] ?? null)) ?? ColourKind::Pigment;
            $kinds[self::text($colour['id'] ?? null)] = $kind;
            foreach (self::FOREIGN[$kind->value] as $foreign) {
                $document = Document::without($document, "/colours/{$i}/{$foreign}");
            }
        }
        foreach (self::list($document, '/vessel/compartments') as $i => $one) {
            $document = Document::with($document, "/vessel/compartments/{$i}", self::mixed($one, $kinds));
        }
        $ink = array_search(ColourKind::Ink, $kinds, true);
        $drops = $ink === false ? [] : ['colour' => $ink, 'drops_per_cm2' => 1];
        foreach (['/pours', '/layering/pinned'] as $all) {
            foreach (self::list($document, $all) as $k => $pour) {
                $document = Document::with($document, "{$all}/{$k}", self::coat($pour, $kinds, $drops));
            }
        }

        return $document;
    }

    /**
     * @param array<string, mixed>      $pour
     * @param array<string, ColourKind> $kinds
     * @param array<string, mixed>      $drops of what falls on it
     *
     * @return array<string, mixed>
     */
    private static function coat(array $pour, array $kinds, array $drops): array
    {
        $pour = self::mixed($pour, $kinds);
        $zones = array_filter(self::list($pour, '/zones'), fn(array $zone): bool => isset($zone['shape']));
        $pour['zones'] = array_map(fn(array $zone): array => self::mixed(self::sized($zone), $kinds), array_values($zones));
        $pour['applied'] = array_map(
            fn(array $one): array => self::lined($one)
                // What is strewn covers all of the face, where nothing else is said.
                + (self::isStrewn($one['kind']) ? [] : ['size_mm' => self::SIZE])
                + ['at_mm' => [0, 0]] + ($one['kind'] === Application::Drops->value ? $drops : []),
            array_values(array_filter(self::list($pour, '/applied'), fn(array $one): bool => isset($one['kind']))),
        );
        if ($pour['zones'] === []) {
            unset($pour['pattern'], $pour['covers']);
        }

        return array_filter($pour, fn(mixed $value): bool => $value !== []);
    }

    private static function isStrewn(mixed $kind): bool
    {
        return is_string($kind) && Application::tryFrom($kind)?->isStrewn() === true;
    }

    /**
     * @param array<string, mixed>      $part  of a document that has a mix
     * @param array<string, ColourKind> $kinds
     *
     * @return array<string, mixed>
     */
    private static function mixed(array $part, array $kinds): array
    {
        $mix = [];
        foreach (self::list($part, '/mix') as $one) {
            $kind = $kinds[self::text($one['colour'] ?? null)] ?? null;
            if ($kind !== null) {
                $filled = $kind === ColourKind::Filler && ($one['dose'] ?? null) === ColourKind::VOIDS_FILLED;
                $dose = $filled
                    ? ['dose' => ColourKind::VOIDS_FILLED]
                    : [$kind->key() => $one[$kind->key()] ?? array_values($kind->ladder())[1]];
                $mix[] = ['colour' => $one['colour'], ...$dose];
            }
        }
        $part['mix'] = $mix;

        return $mix === [] ? array_diff_key($part, ['mix' => null]) : $part;
    }

    /**
     * A line of which one length was typed has all three; one that was emptied is none.
     *
     * @param array<string, mixed> $one of what is applied
     *
     * @return array<string, mixed>
     */
    private static function lined(array $one): array
    {
        $line = is_array($one['line_mm'] ?? null) ? $one['line_mm'] : [];

        return $line === [] ? array_diff_key($one, ['line_mm' => 1]) : ['line_mm' => [
            $line[0] ?? self::LINE[0], $line[1] ?? self::LINE[1], $line[2] ?? self::LINE[2],
        ]] + $one;
    }

    /**
     * @param array<string, mixed> $zone
     *
     * @return array<string, mixed>
     */
    private static function sized(array $zone): array
    {
        $sizes = CoatFields::SIZES[self::text($zone['shape'] ?? null)] ?? [];
        $foreign = array_diff_key(array_merge(...array_values(CoatFields::SIZES)), $sizes);
        $zone = array_diff_key($zone, $foreign) + $sizes;
        foreach ($sizes as $key => $usual) {
            // One of two places that was emptied is nought again.
            $zone[$key] = $key === 'at_mm' && is_array($zone[$key]) ? [$zone[$key][0] ?? 0, $zone[$key][1] ?? 0] : $zone[$key];
        }

        return $zone;
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return array<int, array<string, mixed>>
     */
    private static function list(array $document, string $pointer): array
    {
        /** @var array<int, array<string, mixed>> */
        return array_filter(Document::list($document, $pointer), is_array(...));
    }

    private static function text(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }
}
