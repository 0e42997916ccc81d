<?php

declare(strict_types=1);

namespace Pensilis\Record;

/** Something that happened to a piece, at an hour of its plan. What only people read, names and notes, stays in the file. */
final readonly class Event
{
    /**
     * @param string                    $pointer of it in its file
     * @param string                    $id      none where its file gives it none
     * @param float                     $at      h
     * @param int|null                  $pour    number, from 0
     * @param string                    $cup     none where there is only one
     * @param array<string, float>      $figures by their names with units
     * @param array<string, string>     $says    by name
     * @param list<array{float, float}> $span    from when until when, h
     * @param bool                      $isNoted whether it was found to make sense when it was noted: the plan may be another since
     */
    public function __construct(
        public string $pointer,
        public string $id,
        public EventKind $kind,
        public float $at,
        public ?int $pour = null,
        public string $cup = '',
        public array $figures = [],
        public array $says = [],
        public array $span = [],
        public bool $isNoted = false,
    ) {}
}
