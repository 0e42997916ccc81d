<?php

declare(strict_types=1);

namespace App\Interchange\Form;

use Pensilis\PlanFile\Document;

/** The ground of a given pour, or one of its regions: what a page selects and colours. */
final readonly class CoatPart
{
    /** As a page names it: a pour, or a region of one. */
    public const NAMES = '/^(?:pour-(\d{1,3})|region-(\d{1,3})-(\d{1,3}))$/D';

    public function __construct(public int $pour, public ?int $zone = null) {}

    /** Null where that names none. */
    public static function named(string $name): ?self
    {
        return match (true) {
            preg_match(self::NAMES, $name, $found) !== 1 => null,
            isset($found[3])                             => new self((int) $found[2], (int) $found[3]),
            default                                      => new self((int) $found[1]),
        };
    }

    public function name(): string
    {
        return $this->zone === null ? "pour-{$this->pour}" : "region-{$this->pour}-{$this->zone}";
    }

    /** Where the plan file says it. */
    public function pointer(): string
    {
        return "/pours/{$this->pour}" . ($this->zone === null ? '' : "/zones/{$this->zone}");
    }

    /** @param array<string, mixed> $document */
    public function isIn(array $document): bool
    {
        return is_array(Document::value($document, $this->pointer()));
    }

    /**
     * The next region of the same coat that has no colour yet, after one that was given its first; else itself.
     *
     * @param array<string, mixed> $before
     * @param array<string, mixed> $after
     */
    public function next(array $before, array $after): self
    {
        $isPlain = fn(array $document, int $zone): bool => Document::list($document, "/pours/{$this->pour}/zones/{$zone}/mix") === [];
        if ($this->zone === null || !$isPlain($before, $this->zone) || $isPlain($after, $this->zone)) {
            return $this;
        }
        for ($zone = $this->zone + 1; (new self($this->pour, $zone))->isIn($after); $zone++) {
            if ($isPlain($after, $zone)) {
                return new self($this->pour, $zone);
            }
        }

        return $this;
    }

    /** The pour that a region belongs to. */
    public function ground(): self
    {
        return new self($this->pour);
    }
}
