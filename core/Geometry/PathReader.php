<?php

declare(strict_types=1);

namespace Pensilis\Geometry;

use Pensilis\Exception\UnreadablePath;

/**
 * Reads SVG path data of closed outlines, each from its move to the next: M L H V C S Q T A Z, absolute and relative (SVG 1.1, section
 * 8.3). A line that is not closed is closed; one of no length is left out.
 *
 * Hostile input is expected: the number of segments, the size of numbers and the grammar are bounded.
 */
final class PathReader
{
    private const MOST_SEGMENTS = 2000;

    private const ARGUMENTS = ['M' => 2, 'L' => 2, 'H' => 1, 'V' => 1, 'C' => 6, 'S' => 4, 'Q' => 4, 'T' => 2, 'A' => 7, 'Z' => 0];

    private const NUMBER = '[+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?';

    /** @var array{float, float} */
    private array $here = [0.0, 0.0];

    /** @var array{float, float} */
    private array $start = [0.0, 0.0];

    /** @var array{float, float}|null where the next smooth curve's control point is mirrored from */
    private ?array $control = null;

    private string $before = '';

    /** @var list<Curve> of the outline that is being read */
    private array $curves = [];

    /** @var list<non-empty-list<Curve>> */
    private array $chains = [];

    private int $count = 0;

    /**
     * @return non-empty-list<non-empty-list<Curve>> closed chains, in the units of the path
     *
     * @throws UnreadablePath
     */
    public static function chains(string $path): array
    {
        $reader = new self();
        $reader->read($path);
        $reader->end();

        return $reader->chains === [] ? throw UnreadablePath::empty() : $reader->chains;
    }

    private function read(string $path): void
    {
        $offset = 0;
        $command = '';
        while (preg_match('/\G[\s,]*([a-zA-Z])/A', $path, $match, 0, $offset) === 1 || $this->isMore($path, $offset)) {
            if ($match !== []) {
                $command = $match[1];
                $offset += strlen($match[0]);
            }
            $upper = strtoupper($command);
            if (!isset(self::ARGUMENTS[$upper]) || ($this->before === '') !== ($upper === 'M' && $this->before === '')) {
                throw UnreadablePath::unknownCommand($offset, $command);
            }
            [$numbers, $offset] = $this->numbers($path, $offset, $upper);
            $this->draw($command, $upper, $numbers);
            // More pairs after a move are lines.
            $command = $upper === 'M' ? ($command === 'M' ? 'L' : 'l') : $command;
            $this->before = $upper;
            if ($this->count > self::MOST_SEGMENTS) {
                throw UnreadablePath::tooMany(self::MOST_SEGMENTS);
            }
            $match = [];
        }
        if (trim(substr($path, $offset)) !== '') {
            throw UnreadablePath::noPathData($offset);
        }
    }

    private function isMore(string $path, int $offset): bool
    {
        return $this->before !== ''
            && $this->before !== 'Z'
            && preg_match('/\G[\s,]*' . self::NUMBER . '/A', $path, $match, 0, $offset) === 1;
    }

    /** @return array{list<float>, int} */
    private function numbers(string $path, int $offset, string $command): array
    {
        $numbers = [];
        for ($n = 0; $n < self::ARGUMENTS[$command]; $n++) {
            // Flags of an arc may stand together: "00" are two of them.
            $pattern = $command === 'A' && ($n === 3 || $n === 4) ? '[01]' : self::NUMBER;
            if (preg_match("/\\G[\\s,]*({$pattern})/A", $path, $match, 0, $offset) !== 1) {
                throw UnreadablePath::tooFewNumbers($offset, $command);
            }
            $offset += strlen($match[0]);
            $numbers[] = (float) $match[1];
            if (abs((float) $match[1]) > Reach::MILLIMETRES) {
                throw UnreadablePath::tooFar($offset, $match[1], 1e-3 * Reach::MILLIMETRES);
            }
        }

        return [$numbers, $offset];
    }

    /** @param list<float> $n */
    private function draw(string $command, string $upper, array $n): void
    {
        [$x, $y] = $command === $upper ? [0.0, 0.0] : $this->here;
        $at = fn(int $i): array => [$n[$i] + $x, $n[$i + 1] + $y];
        $mirrored = fn(string $kinds): array => $this->control !== null && str_contains($kinds, $this->before)
            ? [2.0 * $this->here[0] - $this->control[0], 2.0 * $this->here[1] - $this->control[1]] : $this->here;
        match ($upper) {
            'M'     => $this->move($at(0)),
            'L'     => $this->line($at(0)),
            'H'     => $this->line([$n[0] + $x, $this->here[1]]),
            'V'     => $this->line([$this->here[0], $n[0] + $y]),
            'C'     => $this->cubic($at(0), $at(2), $at(4)),
            'S'     => $this->cubic($mirrored('CS'), $at(0), $at(2)),
            'Q'     => $this->quadratic($at(0), $at(2)),
            'T'     => $this->quadratic($mirrored('QT'), $at(0)),
            'A'     => $this->arc($n, $at(5)),
            default => $this->close(),
        };
    }

    /** @param array{float, float} $to */
    private function move(array $to): void
    {
        $this->end();
        $this->here = $this->start = $to;
    }

    /** Closes the outline that is being read. */
    private function end(): void
    {
        $this->close();
        if ($this->curves !== []) {
            $this->chains[] = $this->curves;
            $this->curves = [];
        }
    }

    /** @param array{float, float} $to */
    private function line(array $to): void
    {
        if ($to !== $this->here) {
            $this->add(Cubic::line($this->here, $to), $to);
        }
    }

    /**
     * @param array{float, float} $b
     * @param array{float, float} $c
     * @param array{float, float} $to
     */
    private function cubic(array $b, array $c, array $to): void
    {
        $this->add(Cubic::bezier($this->here, $b, $c, $to), $to, $c);
    }

    /**
     * @param array{float, float} $b
     * @param array{float, float} $to
     */
    private function quadratic(array $b, array $to): void
    {
        $this->add(Cubic::quadratic($this->here, $b, $to), $to, $b);
    }

    /**
     * @param list<float>         $n
     * @param array{float, float} $to
     */
    private function arc(array $n, array $to): void
    {
        if ($to === $this->here) {
            return;
        }
        if ($n[0] === 0.0 || $n[1] === 0.0) {
            $this->line($to);

            return;
        }
        $this->add(Arc::between($this->here, $to, abs($n[0]), abs($n[1]), deg2rad($n[2]), $n[3] === 1.0, $n[4] === 1.0), $to);
    }

    private function close(): void
    {
        $this->line($this->start);
    }

    /**
     * @param array{float, float}      $to
     * @param array{float, float}|null $control
     */
    private function add(Curve $curve, array $to, ?array $control = null): void
    {
        $this->curves[] = $curve;
        $this->count++;
        [$this->here, $this->control] = [$to, $control];
    }
}
