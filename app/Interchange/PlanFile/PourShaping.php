<?php

declare(strict_types=1);

namespace App\Interchange\PlanFile;

/** Given pours divided, joined and taken out; what is above keeps its depth, and every pour its colours. */
final class PourShaping
{
    /** How a pour is changed: in the order in which a page offers it. */
    public const WAYS = ['split', 'join', 'remove'];

    /** Hours between two halves where nothing else says, as a coat that is soon tacky takes (memory). */
    private const GAP = 4.0;

    /**
     * @param array<string, mixed> $document
     * @param value-of<self::WAYS> $way
     *
     * @return array<string, mixed> the same where there is no such pour, or none to join it with
     */
    public static function shaped(array $document, int $pour, string $way): array
    {
        $pours = array_values(array_filter(Document::list($document, '/pours'), is_array(...)));
        if (!isset($pours[$pour]) || ($way === 'join' && !isset($pours[$pour + 1])) || ($way === 'remove' && count($pours) === 1)) {
            return $document;
        }
        $now = match ($way) {
            'split' => [self::half($pours[$pour]), self::later($document, self::half($pours[$pour]), $pours[$pour + 1] ?? null)],
            'join'  => [self::joined($pours[$pour], $pours[$pour + 1])],
            default => [],
        };
        array_splice($pours, $pour, $way === 'join' ? 2 : 1, $now);

        return Document::with($document, '/pours', $pours);
    }

    /**
     * @param array<array-key, mixed> $pour
     *
     * @return array<array-key, mixed>
     */
    private static function half(array $pour): array
    {
        return ['depth_mm' => round(0.5 * (Document::number($pour, '/depth_mm') ?? 0.0), 2)] + $pour;
    }

    /**
     * @param array<array-key, mixed> $below
     * @param array<array-key, mixed> $above
     *
     * @return array<array-key, mixed>
     */
    private static function joined(array $below, array $above): array
    {
        return ['depth_mm' => (Document::number($below, '/depth_mm') ?? 0.0) + (Document::number($above, '/depth_mm') ?? 0.0)] + $below;
    }

    /**
     * The upper half, poured midway to the next one; of the last as soon as its resin takes another coat. What is laid on a set surface
     * stays with the lower half.
     *
     * @param array<string, mixed>         $document
     * @param array<array-key, mixed>      $pour
     * @param array<array-key, mixed>|null $next
     *
     * @return array<array-key, mixed>
     */
    private static function later(array $document, array $pour, ?array $next): array
    {
        $start = Document::number($pour, '/start_h') ?? 0.0;
        $gap = $next === null ? Document::number($document, '/resins/0/sheet/recoat_open_h') ?? self::GAP
            : 0.5 * ((Document::number($next, '/start_h') ?? 0.0) - $start);

        return ['start_h' => round($start + $gap, 2)] + array_diff_key($pour, ['applied' => null]);
    }
}
