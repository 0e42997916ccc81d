<?php

declare(strict_types=1);

namespace App\Interchange\Answers;

use App\Interchange\PlanFile\PourShaping;
use App\Models\Piece;
use Pensilis\Answer\PlanAnswer;
use Pensilis\Layout\LaidPour;
use Pensilis\Material\Hold;
use Pensilis\PlanFile\Document;

/** Pours that were found, as a plan file gives them, with how what floats is held in them. */
final class GivenPours
{
    /**
     * A document with the pours that were found for it as given ones.
     *
     * @param array<string, mixed> $document
     *
     * @return array<string, mixed>
     */
    public static function into(array $document, PlanAnswer $answer): array
    {
        $pours = [];
        foreach (self::of($answer) as $k => $pour) {
            $pours[] = $pour + self::coatOf($document, $answer, $k);
        }
        $document = Document::with(Document::without($document, '/layering/pinned'), '/pours', $pours);
        foreach ($answer->plan->inclusions as $i => $inclusion) {
            if ($inclusion->hold === Hold::Tack) {
                $document = Document::with($document, "/inclusions/{$i}/hold", Hold::Tack->value);
            }
        }

        return $document;
    }

    /** Makes the pours that were found for a piece its own, once any of them is noted: what is poured stays as it was poured. */
    public static function settle(Piece $piece, ?PlanAnswer $answer): void
    {
        if ($piece->plan()->pours === [] && $answer !== null && self::of($answer) !== []) {
            $piece->change(fn(array $document): array => self::into($document, $answer), $piece->fingerprint());
        }
    }

    /**
     * What a pour is coloured with that stays where it is.
     *
     * @param array<string, mixed> $document
     *
     * @return array<mixed>
     */
    private static function coatOf(array $document, PlanAnswer $answer, int $k): array
    {
        $pour = $answer->layout->pours[$k] ?? null;
        $number = $pour === null ? null : $answer->plan->pinAt($pour->bottom, $pour->top);

        return $number === null ? [] : PourShaping::coatOf(Document::list($document, "/layering/pinned/{$number}"));
    }

    /** @return list<array{id: string, resin: string, depth_mm: float, start_h: float}> none where there is no answer to take them from */
    public static function of(?PlanAnswer $answer): array
    {
        $simulation = $answer?->simulation;

        return $simulation === null ? [] : array_map(fn(LaidPour $pour, int $k): array => [
            'id' => $pour->id, 'resin' => $pour->resin->id, 'depth_mm' => round(1e3 * $pour->depth(), 3), 'start_h' => round(
                $simulation->pours[$k]->startHour,
                3,
            ),
        ], $simulation->layout->pours, array_keys($simulation->layout->pours));
    }
}
