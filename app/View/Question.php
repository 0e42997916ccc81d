<?php

declare(strict_types=1);

namespace App\View;

use Pensilis\Plan\Notice;

/** One question of the verdict, its answer in a word, and what stands against it. */
final readonly class Question
{
    /** @param list<Notice> $notices */
    public function __construct(
        public string $asked,
        private string $good,
        public array $notices,
        private bool $known,
        public string $figure,
        private string $open,
    ) {}

    /** "good", "look", "bad" or "open": each has a shape and a word of its own. */
    public function state(): string
    {
        $bad = array_filter($this->notices, fn(Notice $notice): bool => !PieceView::isMild($notice));

        return match (true) {
            $bad !== []           => 'bad',
            !$this->known         => 'open',
            $this->notices !== [] => 'look',
            default               => 'good',
        };
    }

    public function word(): string
    {
        return match ($this->state()) {
            'bad'   => 'no',
            'look'  => 'with a remark',
            'open'  => $this->open,
            default => $this->good,
        };
    }
}
