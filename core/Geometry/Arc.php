<?php

declare(strict_types=1);

namespace Pensilis\Geometry;

/**
 * A part of an ellipse.
 *
 * From the end points of an SVG path to centre and angles: SVG 1.1, appendix F.6.5; radii that are too small to
 * span the ends are enlarged (F.6.6).
 */
final readonly class Arc implements Curve
{
    private const CHORD_ANGLE = M_PI / 36.0;

    private function __construct(
        private float $centreX,
        private float $centreY,
        private float $radiusX,
        private float $radiusY,
        private float $turn,
        private float $from,
        private float $sweep,
    ) {}

    /**
     * @param array{float, float} $a     start
     * @param array{float, float} $b     end, another point
     * @param float               $turn  of the first radius from the x axis, radians
     * @param bool                $large the longer way round
     * @param bool                $ahead angles increase
     */
    public static function between(array $a, array $b, float $radiusX, float $radiusY, float $turn, bool $large, bool $ahead): self
    {
        [$cos, $sin] = [cos($turn), sin($turn)];
        [$dx, $dy] = [0.5 * ($a[0] - $b[0]), 0.5 * ($a[1] - $b[1])];
        [$x, $y] = [$cos * $dx + $sin * $dy, $cos * $dy - $sin * $dx];
        $needed = ($x / $radiusX) ** 2 + ($y / $radiusY) ** 2;
        $grow = max(1.0, sqrt($needed));
        [$radiusX, $radiusY] = [$radiusX * $grow, $radiusY * $grow];
        $square = ($radiusX * $y) ** 2 + ($radiusY * $x) ** 2;
        $root = sqrt(max(0.0, (($radiusX * $radiusY) ** 2 - $square) / $square)) * ($large === $ahead ? -1.0 : 1.0);
        [$cx, $cy] = [$root * $radiusX * $y / $radiusY, -$root * $radiusY * $x / $radiusX];
        $from = atan2(($y - $cy) / $radiusY, ($x - $cx) / $radiusX);
        $to = atan2((-$y - $cy) / $radiusY, (-$x - $cx) / $radiusX);
        $sweep = fmod($to - $from + ($ahead ? 2.0 : -2.0) * M_PI, 2.0 * M_PI);

        return new self(
            $cos * $cx - $sin * $cy + 0.5 * ($a[0] + $b[0]),
            $sin * $cx + $cos * $cy + 0.5 * ($a[1] + $b[1]),
            $radiusX,
            $radiusY,
            $turn,
            $from,
            $sweep,
        );
    }

    public function point(float $t): array
    {
        $angle = $this->from + $t * $this->sweep;

        return $this->turned($this->radiusX * cos($angle), $this->radiusY * sin($angle), $this->centreX, $this->centreY);
    }

    public function tangent(float $t): array
    {
        $angle = $this->from + $t * $this->sweep;

        return $this->turned(-$this->sweep * $this->radiusX * sin($angle), $this->sweep * $this->radiusY * cos($angle), 0.0, 0.0);
    }

    public function chords(): int
    {
        return max(2, (int) ceil(abs($this->sweep) / self::CHORD_ANGLE));
    }

    /** @return array{float, float} */
    private function turned(float $x, float $y, float $toX, float $toY): array
    {
        return [cos($this->turn) * $x - sin($this->turn) * $y + $toX, sin($this->turn) * $x + cos($this->turn) * $y + $toY];
    }
}
