<?php

declare(strict_types=1);

namespace App\Interchange\PlanFile;

use Pensilis\PlanFile\Document;

/**
 * Colours that a piece can begin with: plain kinds, not products. All shades and strengths are memory; a label, or better a drop
 * in 10 ml held against the light, goes before them.
 */
final class Palette
{
    public const COLOURS = [
        ['id' => 'moor blue', 'name' => 'Moor blue ink', 'kind' => 'ink', 'shade' => '#2458a8'],
        ['id' => 'gentian', 'name' => 'Gentian violet ink', 'kind' => 'ink', 'shade' => '#5a3c9c'],
        ['id' => 'spruce', 'name' => 'Spruce green ink', 'kind' => 'ink', 'shade' => '#2c7a58'],
        ['id' => 'bracken', 'name' => 'Bracken orange ink', 'kind' => 'ink', 'shade' => '#c8661e'],
        ['id' => 'rowan', 'name' => 'Rowan red ink', 'kind' => 'ink', 'shade' => '#b8283a'],
        ['id' => 'peat', 'name' => 'Peat brown ink', 'kind' => 'ink', 'shade' => '#6a4426'],
        ['id' => 'soot', 'name' => 'Soot black ink', 'kind' => 'ink', 'shade' => '#1c1c20'],
        [
            'id'           => 'white', 'name' => 'Snow white paste', 'kind' => 'pigment', 'shade' => '#f4f3ee', 'hides_mm' => 1.5,
            'density_g_ml' => 3.0,
        ],
        ['id' => 'slate', 'name' => 'Slate powder', 'kind' => 'pigment', 'shade' => '#565c62', 'hides_mm' => 2.0, 'density_g_ml' => 2.75],
        ['id' => 'ochre', 'name' => 'Ochre powder', 'kind' => 'pigment', 'shade' => '#b07a2e', 'hides_mm' => 2.5, 'density_g_ml' => 3.4],
        ['id' => 'pearl', 'name' => 'Pearl powder', 'kind' => 'pigment', 'shade' => '#d8d6cc', 'hides_mm' => 8.0, 'density_g_ml' => 2.9],
        ['id' => 'copper', 'name' => 'Copper powder', 'kind' => 'pigment', 'shade' => '#a8623a', 'hides_mm' => 5.0, 'density_g_ml' => 4.0],
        ['id' => 'sand', 'name' => 'Quartz sand', 'kind' => 'filler', 'shade' => '#cbb88e', 'hides_mm' => 300.0, 'density_g_ml' => 2.65],
        ['id' => 'flakes', 'name' => 'Metal flakes', 'kind' => 'filler', 'shade' => '#c0a860', 'hides_mm' => 60.0, 'density_g_ml' => 2.7],
    ];

    /** Colours of a piece at the most. */
    public const MOST = 60;

    /**
     * The document with one colour more; the same id twice gets a number.
     *
     * @param array<string, mixed> $document
     * @param array<string, mixed> $colour
     *
     * @return array<string, mixed>
     */
    public static function with(array $document, array $colour): array
    {
        return Document::withOneMore($document, 'colours', $colour, 'colour');
    }

    /**
     * The pours in which a colour is used: those that the document gives, or pins.
     *
     * @param array<string, mixed> $document
     *
     * @return list<int>
     */
    public static function usesOf(array $document, string $id, string $pours = '/pours'): array
    {
        $uses = [];
        foreach (array_values(Document::list($document, $pours)) as $k => $pour) {
            foreach (is_array($pour) ? [$pour, ...Document::list($pour, '/zones')] : [] as $part) {
                if (is_array($part) && in_array($id, array_column(Document::list($part, '/mix'), 'colour'), true)) {
                    $uses[] = $k;
                }
            }
            if (is_array($pour) && in_array($id, array_column(Document::list($pour, '/applied'), 'colour'), true)) {
                $uses[] = $k;
            }
        }

        return array_values(array_unique($uses));
    }
}
