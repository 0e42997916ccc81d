<?php

declare(strict_types=1);

namespace Pensilis\Plan;

/** A warning, a reason or a problem: a word for programs, a sentence for people, and the place it is about. */
final readonly class Notice
{
    /**
     * @param string   $pointer JSON pointer into the plan file
     * @param int|null $with    index of the other object, where two are at odds
     */
    public function __construct(
        public string $code,
        public string $message,
        public string $pointer,
        public ?Mend $mend = null,
        public ?int $with = null,
    ) {}

    /** @return array{code: string, message: string, pointer: string} */
    public function toArray(): array
    {
        return ['code' => $this->code, 'message' => $this->message, 'pointer' => $this->pointer];
    }
}
