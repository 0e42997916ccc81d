<?php

declare(strict_types=1);

namespace App\Interchange\PlanFile;

use Pensilis\Exception\PensilisException;
use Pensilis\PlanFile\Document;
use Pensilis\Scheduling\StudioClock;

/** Puts the clock times of a plan file into the time zone of its reader: the same moments, or the same local times where it had no zone. */
final class Zoned
{
    /** Where a plan file says local times. */
    public const MOMENTS = ['/studio/start', '/purpose/due'];

    private const EVENTS = '/record/events';

    /** Local times of an event. */
    private const NOTED = ['at', 'noted_at', 'from', 'to'];

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

        if ($was !== '' && Document::list($document, self::EVENTS) !== []) {
            $document = Document::with($document, self::EVENTS, array_map(
                fn(mixed $event): mixed => is_array($event) ? self::noted($event, $was, $zone) : $event,
                Document::list($document, self::EVENTS),
            ));
        }

        return Document::with($document, self::ZONE, $zone);
    }

    /**
     * @param array<array-key, mixed> $event
     *
     * @return array<array-key, mixed>
     */
    private static function noted(array $event, string $from, string $to): array
    {
        foreach (self::NOTED as $key) {
            if (is_string($event[$key] ?? null)) {
                $event[$key] = self::moved($event[$key], $from, $to);
            }
        }

        return $event;
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
