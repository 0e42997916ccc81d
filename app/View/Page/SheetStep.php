<?php

declare(strict_types=1);

namespace App\View\Page;

/** One line of the sheet that is ticked off: its id, that stays with what is done, and what it says around what is set in bold. */
final readonly class SheetStep
{
    public function __construct(public string $key, public string $lead, public string $bold = '', public string $rest = '') {}

    /** The same line, with what comes right before it. */
    public function after(string $before): self
    {
        return new self($this->key, trim("{$before} {$this->lead}"), $this->bold, $this->rest);
    }

    /** The same line, going on. */
    public function with(string $more): self
    {
        return $this->bold === '' ? new self($this->key, "{$this->lead} {$more}")
            : new self($this->key, $this->lead, $this->bold, "{$this->rest} {$more}");
    }
}
