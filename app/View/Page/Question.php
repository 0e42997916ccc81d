<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Words\Words;
use Pensilis\Finding\Finding;
use Pensilis\Finding\Question as Asked;
use Pensilis\Finding\Weight;

/** One question of the verdict, its answer in a word, and what stands against it. */
final readonly class Question
{
    /**
     * @param list<Finding> $findings
     * @param bool          $known    whether it can be answered yet
     * @param string        $figure   what its answer rests on
     */
    public function __construct(
        public Asked $asked,
        public array $findings,
        private bool $known,
        private bool $computing,
        public string $figure,
    ) {}

    /** How a finding weighs on its question: "bad", "look", or "told" where it is only for information. */
    public static function weightOf(Finding $finding): string
    {
        return match ($finding->weight()) {
            Weight::Spoils => 'bad',
            Weight::Look   => 'look',
            Weight::Told   => 'told',
        };
    }

    /** "good", "look", "bad" or "open": each has a shape and a word of its own. */
    public function state(): string
    {
        return match (true) {
            $this->hold(Weight::Spoils) => 'bad',
            !$this->known               => 'open',
            $this->hold(Weight::Look)   => 'look',
            default                     => 'good',
        };
    }

    public function words(): string
    {
        return Words::say("piece.verdict.{$this->asked->value}.asked");
    }

    public function answer(): string
    {
        return match ($this->state()) {
            'open'  => Words::say($this->computing ? 'piece.verdict.computing' : 'piece.verdict.open'),
            default => Words::say("piece.verdict.{$this->state()}"),
        };
    }

    private function hold(Weight $weight): bool
    {
        return array_filter($this->findings, fn(Finding $one): bool => $one->weight() === $weight) !== [];
    }
}
