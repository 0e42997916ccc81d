<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\Words\Figures;
use App\Words\Words;
use Pensilis\Batching\Batch;

/**
 * What is filled for one mix, drawn: with a scale one cup, A up to its line and B on top up to the whole, which is what the scale shows
 * then; with marks or spoons a cup for A and one for B, each up to its own line. Heights are shares of a cup.
 */
final readonly class CupDrawing
{
    /** A cup that holds all is drawn so full. */
    private const FULL = 0.8;

    /** More marks than that are drawn fewer at a time. */
    private const MOST_MARKS = 10;

    public function __construct(private Batch $batch, private Figures $figures) {}

    /** @return list<array{name: string, says: string, lines: list<array{float, string}>, marks: list<float>}> from left to right */
    public function cups(): array
    {
        $each = $this->batch->each;
        if ($each === null || $each->a <= 0.0) {
            return [];
        }
        $reading = fn(float $amount): string => $this->figures->reading($this->batch->device, $amount);
        if ($this->batch->device->unit() === 'g') {
            $whole = $each->a + $each->b;

            return [[
                'name'  => Words::say('pour.drawn.mix'),
                'says'  => Words::say('pour.drawn.weighed', ['a' => $reading($each->a), 'whole' => $reading($whole)]),
                'lines' => [
                    [self::FULL * $each->a / $whole, Words::say('pour.drawn.a', ['amount' => $reading($each->a)])],
                    [self::FULL, Words::say('pour.drawn.then', ['amount' => $reading($whole)])],
                ],
                'marks' => [],
            ]];
        }
        $most = max($each->a, $each->b);

        return array_map(fn(string $part, float $amount): array => [
            'name'  => Words::say("pour.drawn.{$part}-cup"),
            'says'  => Words::say("pour.drawn.{$part}", ['amount' => $reading($amount)]),
            'lines' => [[self::FULL * $amount / $most, Words::say("pour.drawn.{$part}", ['amount' => $reading($amount)])]],
            'marks' => $this->marks($most),
        ], ['a', 'b'], [$each->a, $each->b]);
    }

    /** @return list<float> heights of printed marks, of so many each so manieth */
    private function marks(float $most): array
    {
        $count = (int) round($most / self::FULL / $this->batch->device->step());
        $every = (int) max(1, ceil($count / self::MOST_MARKS));
        $marks = [];
        for ($n = $every; $n <= $count; $n += $every) {
            $marks[] = self::FULL * $n * $this->batch->device->step() / $most;
        }

        return array_values(array_filter($marks, fn(float $height): bool => $height <= 1.0));
    }
}
