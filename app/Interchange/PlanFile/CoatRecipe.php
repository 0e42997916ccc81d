<?php

declare(strict_types=1);

namespace App\Interchange\PlanFile;

use Pensilis\PlanFile\Document;

/** The colours, regions and pattern of one coat, with the colours that they are mixed of: what is carried to other coats and pieces. */
final class CoatRecipe
{
    private const KEYS = ['mix' => 1, 'zones' => 1, 'pattern' => 1, 'covers' => 1];

    /**
     * @param array<string, mixed> $document
     *
     * @return array<string, mixed>|null `coat` and `colours`; null where there is no such pour
     */
    public static function of(array $document, int $pour): ?array
    {
        $coat = Document::value($document, "/pours/{$pour}");
        if (!is_array($coat)) {
            return null;
        }
        $colours = array_filter(
            Document::list($document, '/colours'),
            fn(mixed $colour): bool => is_array($colour)
                && is_string($colour['id'] ?? null)
                && Palette::usesOf(['pours' => [$coat]], $colour['id']) !== [],
        );

        return ['coat' => array_intersect_key($coat, self::KEYS), 'colours' => array_values($colours)];
    }

    /**
     * The document with a recipe in one of its pours; colours that it has not yet come with it, others of the same id stay as they are.
     *
     * @param array<string, mixed> $document
     * @param array<string, mixed> $recipe
     *
     * @return array<string, mixed>
     */
    public static function put(array $document, int $pour, array $recipe): array
    {
        $taken = array_column(Document::list($document, '/colours'), 'id');
        foreach (Document::list($recipe, '/colours') as $colour) {
            /** @var array<string, mixed> $colour */
            $document = in_array($colour['id'] ?? null, $taken, true) ? $document : Palette::with($document, $colour);
        }
        $was = Document::value($document, "/pours/{$pour}");
        $coat = Document::list($recipe, '/coat');

        return is_array($was) ? Document::with($document, "/pours/{$pour}", $coat + array_diff_key($was, self::KEYS)) : $document;
    }
}
