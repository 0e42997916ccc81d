<?php

declare(strict_types=1);

namespace App\Interchange\PlanFile;

use Pensilis\Exception\PensilisException;
use Pensilis\Scheduling\StudioClock;

/** Puts the clock times of a plan file into the time zone of its reader: the same moments, or the same local times where it had no zone. */
final class Zoned
{
    /** Where a plan file says local times. */
    public const MOMENTS = ['/studio/start', '/purpose/due'];

    private const ZONE = '/studio/zone';

    /**
     * @param array<string, mixed> $document
     * @param string               $zone     as the IANA names it; where there is none the document stays as it is
     *
     * @return array<string, mixed>
     */
    public static function in(array $document, string $zone): array
    {
        $was = Document::value($document, self::ZONE);
        $was = is_string($was) ? $was : '';
        if ($zone === '' || $was === $zone) {
            return $document;
        }
        foreach ($was === '' ? [] : self::MOMENTS as $pointer) {
            $said = Document::value($document, $pointer);
            $document = is_string($said) ? Document::with($document, $pointer, self::moved($said, $was, $zone)) : $document;
        }

        return Document::with($document, self::ZONE, $zone);
    }

    /** What cannot be read stays as it is: whoever reads the plan is told. */
    private static function moved(string $said, string $from, string $to): string
    {
        try {
            return StudioClock::startingAt($said, $from)->local($to);
        } catch (PensilisException) {
            return $said;
        }
    }
}
