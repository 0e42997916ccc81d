<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Words\Words;

/** One stage of the work at a piece, in a word how it stands. */
final readonly class Stage
{
    /** The panels of the stages, in the order of the work. */
    public const ORDER = ['use', 'vessel', 'objects', 'colour', 'pours', 'clock', 'ready'];

    /** @param string $state "good", "look", "bad" or "open", as of a question */
    public function __construct(public string $panel, public string $state, public string $stands) {}

    /** Whether something is to be done or looked at. */
    public function isMarked(): bool
    {
        return in_array($this->state, ['bad', 'look'], true);
    }

    public function name(): string
    {
        return Words::say("piece.stages.{$this->panel}.name");
    }

    /** The panel of the stage after a stage; nothing after the last, or after what is none. */
    public static function after(string $panel): ?string
    {
        $at = array_search($panel, self::ORDER, true);

        return $at === false ? null : self::ORDER[$at + 1] ?? null;
    }
}
