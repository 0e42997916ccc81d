<?php

declare(strict_types=1);

namespace App\Interchange\PlanFile;

use Pensilis\Plan\Align;
use Pensilis\Plan\Application;
use Pensilis\Plan\LetterLines;
use Pensilis\PlanFile\Document;

/** Lines of lettering of a pour: laid anew together, each in the place of what stood there; lettering that is named for a set stays. */
final class Lettering
{
    /** Steps on a surface, as many as a plan file takes. */
    public const MOST = 12;

    /** Of the face that lettering fills where nobody says (memory). */
    public const SHARE = 0.8;

    /**
     * @param array<string, mixed> $document
     *
     * @return list<string> its lines as they stand
     */
    public static function lines(array $document, int $pour): array
    {
        $lines = [];
        foreach (Document::list($document, "/pours/{$pour}/applied") as $n => $one) {
            $says = Document::value($document, "/pours/{$pour}/applied/{$n}/says");
            array_push($lines, ...(self::isLine($one) && is_string($says) ? [$says] : []));
        }

        return $lines;
    }

    /**
     * @param array<string, mixed>       $document
     * @param list<non-empty-string>     $lines
     * @param array{float, float, Align} $room     width and height, mm, and where lines begin
     *
     * @return array<string, mixed>|null null where there are too many
     */
    public static function laid(array $document, int $pour, array $lines, array $room): ?array
    {
        $all = array_values(Document::list($document, "/pours/{$pour}/applied"));
        $others = array_values(array_filter($all, fn(mixed $one): bool => !self::isLine($one)));
        if (Document::value($document, "/pours/{$pour}") === null || $lines === []) {
            return $document;
        }
        if (count($others) + count($lines) > self::MOST) {
            return null;
        }
        [$width, $height, $align] = $room;
        $fitted = LetterLines::fitted($lines, $width / 1e3, $height / 1e3, $align);
        foreach ($fitted->places() as [$says, $x, $y, $wide]) {
            $others[] = [
                'kind'  => Application::Lettering->value, 'says' => mb_substr($says, 0, 120),
                'at_mm' => [round(1e3 * $x, 1), round(1e3 * $y, 1)], 'size_mm' => [round(1e3 * $wide, 1), round(1e3 * $fitted->height, 1)],
            ];
        }

        return Document::with($document, "/pours/{$pour}/applied", $others);
    }

    private static function isLine(mixed $one): bool
    {
        return is_array($one) && ($one['kind'] ?? null) === Application::Lettering->value && ($one['names'] ?? []) === [];
    }
}
