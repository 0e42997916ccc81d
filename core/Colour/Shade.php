<?php

declare(strict_types=1);

namespace Pensilis\Colour;

use Pensilis\Exception\ImpossibleValue;

/**
 * A colour as linear shares of red, green and blue light, 0 to 1 each: what comes back from a surface, or through a film.
 *
 * Written as sRGB (IEC 61966-2-1); compared in CIELAB under D65 (CIE 15).
 */
final readonly class Shade
{
    /** Of D65, as the sum of the primaries of sRGB (IEC 61966-2-1). */
    private const WHITE = [0.9505, 1.0, 1.089];

    private const TO_XYZ = [[0.4124, 0.3576, 0.1805], [0.2126, 0.7152, 0.0722], [0.0193, 0.1192, 0.9505]];

    private function __construct(public float $red, public float $green, public float $blue) {}

    public static function linear(float $red, float $green, float $blue): self
    {
        foreach (['red' => $red, 'green' => $green, 'blue' => $blue] as $what => $share) {
            ImpossibleValue::unlessWithin("{$what}-share", $share, 0.0, 1.0 + 1e-9);
        }

        return new self(min(1.0, $red), min(1.0, $green), min(1.0, $blue));
    }

    public static function grey(float $share): self
    {
        return self::linear($share, $share, $share);
    }

    /** @param string $hex "#rrggbb", as the plan file has it */
    public static function hex(string $hex): self
    {
        $number = (int) hexdec(ltrim($hex, '#'));
        $light = fn(int $byte): float => $byte <= 10 ? $byte / 255.0 / 12.92 : (($byte / 255.0 + 0.055) / 1.055) ** 2.4;

        return new self($light($number >> 16 & 255), $light($number >> 8 & 255), $light($number & 255));
    }

    public function toHex(): string
    {
        $byte = fn(float $share): int => (int) round(
            255.0 * ($share <= 0.0031308 ? 12.92 * $share : 1.055 * $share ** (1.0 / 2.4) - 0.055),
        );

        return sprintf('#%02x%02x%02x', ...array_map($byte, $this->channels()));
    }

    /** @return array{float, float, float} */
    public function channels(): array
    {
        return [$this->red, $this->green, $this->blue];
    }

    /** How bright it is, 0 to 1. */
    public function luminance(): float
    {
        return self::TO_XYZ[1][0] * $this->red + self::TO_XYZ[1][1] * $this->green + self::TO_XYZ[1][2] * $this->blue;
    }

    /** @return array{float, float, float} L*, a*, b* */
    public function lab(): array
    {
        $f = [];
        foreach (self::TO_XYZ as $n => [$r, $g, $b]) {
            $share = ($r * $this->red + $g * $this->green + $b * $this->blue) / self::WHITE[$n];
            $f[] = $share > (6.0 / 29.0) ** 3 ? $share ** (1.0 / 3.0) : $share / (3.0 * (6.0 / 29.0) ** 2) + 4.0 / 29.0;
        }

        return [116.0 * $f[1] - 16.0, 500.0 * ($f[0] - $f[1]), 200.0 * ($f[1] - $f[2])];
    }

    /** How lively it is: distance from the grey of the same lightness, C*ab. */
    public function chroma(): float
    {
        [, $a, $b] = $this->lab();

        return hypot($a, $b);
    }

    /** How different two look, ΔE*ab of 1976: about 2.3 is just noticed side by side (Mahy et al. 1994). */
    public function differenceFrom(self $other): float
    {
        [$one, $two] = [$this->lab(), $other->lab()];

        return sqrt(($one[0] - $two[0]) ** 2 + ($one[1] - $two[1]) ** 2 + ($one[2] - $two[2]) ** 2);
    }

    /**
     * How different two look to an eye, ΔE of 2000 (CIE 142-2001, in the form of Sharma, Wu & Dalal 2005): about 1 is just seen side by
     * side, and a step is as large to the eye in any part of the solid of shades.
     */
    public function seenFrom(self $other): float
    {
        return self::difference($this->lab(), $other->lab());
    }

    /**
     * @param array{float, float, float} $one L*, a*, b*
     * @param array{float, float, float} $two
     */
    public static function difference(array $one, array $two): float
    {
        $mean = 0.5 * (hypot($one[1], $one[2]) + hypot($two[1], $two[2]));
        $grey = 1.0 + 0.5 * (1.0 - sqrt($mean ** 7 / ($mean ** 7 + 25.0 ** 7)));
        [$c1, $c2] = [hypot($grey * $one[1], $one[2]), hypot($grey * $two[1], $two[2])];
        $hue = fn(float $a, float $b): float => fmod(rad2deg(atan2($b, $grey * $a)) + 360.0, 360.0);
        [$h1, $h2] = [$hue($one[1], $one[2]), $hue($two[1], $two[2])];
        $turn = $c1 * $c2 === 0.0 ? 0.0 : fmod($h2 - $h1 + 540.0, 360.0) - 180.0;
        [$l, $c] = [0.5 * ($one[0] + $two[0]), 0.5 * ($c1 + $c2)];
        $h = $c1 * $c2 === 0.0 ? $h1 + $h2 : $h1 + 0.5 * $turn;
        $t = 1.0 - 0.17 * cos(deg2rad($h - 30.0)) + 0.24 * cos(deg2rad(2.0 * $h))
            + 0.32 * cos(deg2rad(3.0 * $h + 6.0)) - 0.20 * cos(deg2rad(4.0 * $h - 63.0));
        $sl = 1.0 + 0.015 * ($l - 50.0) ** 2 / sqrt(20.0 + ($l - 50.0) ** 2);
        [$sc, $sh] = [1.0 + 0.045 * $c, 1.0 + 0.015 * $c * $t];
        $away = (fmod($h + 360.0, 360.0) - 275.0) / 25.0;
        $rotated = -sin(deg2rad(60.0 * exp(-$away ** 2))) * 2.0 * sqrt($c ** 7 / ($c ** 7 + 25.0 ** 7));
        $dl = ($two[0] - $one[0]) / $sl;
        $dc = ($c2 - $c1) / $sc;
        $dh = 2.0 * sqrt($c1 * $c2) * sin(deg2rad(0.5 * $turn)) / $sh;

        return sqrt(max(0.0, $dl ** 2 + $dc ** 2 + $dh ** 2 + $rotated * $dc * $dh));
    }
}
