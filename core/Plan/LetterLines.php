<?php

declare(strict_types=1);

namespace Pensilis\Plan;

/**
 * Lines of lettering under each other, all of one height: the longest fills the width that there is, unless they would then be higher
 * together than there is room for. Metres, about the middle of them all.
 */
final readonly class LetterLines
{
    /** Width of a letter with its gap on the average, and from one line to the next, by the height of the letters (memory). */
    private const LETTER = 0.6;

    private const PITCH = 1.5;

    /**
     * @param list<string> $lines
     * @param float        $height of the letters
     */
    private function __construct(private array $lines, public float $height, private float $width, private Align $align) {}

    /**
     * @param non-empty-list<non-empty-string> $lines
     * @param float                            $width  that there is
     * @param float                            $height that there is, from the top of the first to the foot of the last
     */
    public static function fitted(array $lines, float $width, float $height, Align $align): self
    {
        $longest = max(array_map(mb_strlen(...), $lines));
        $letters = min($width / (self::LETTER * $longest), $height / (1.0 + self::PITCH * (count($lines) - 1)));

        return new self($lines, $letters, $width, $align);
    }

    /** @return list<array{string, float, float, float}> each line with its middle, right of and behind that of all, and its width */
    public function places(): array
    {
        [$places, $top] = [[], 0.5 * self::PITCH * $this->height * (count($this->lines) - 1)];
        foreach ($this->lines as $n => $line) {
            $wide = self::LETTER * $this->height * mb_strlen($line);
            $places[] = [$line, $this->align->side() * 0.5 * ($this->width - $wide), $top - $n * self::PITCH * $this->height, $wide];
        }

        return $places;
    }
}
