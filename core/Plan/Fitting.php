<?php

declare(strict_types=1);

namespace Pensilis\Plan;

/** A handle, hook or foot, and the room beneath it that must stay free of objects: all of its column where it is bolted through. Metres. */
final readonly class Fitting
{
    /** The kind that has two holes. */
    public const HANDLE = 'handle';

    /** Between the end of a hole and the nearest object (memory). */
    public const CLEAR = 0.002;

    /** What the lip of a stand is deeper than the piece is thick (memory). */
    private const LIP = 0.003;

    /** What a bolt is longer than its hole, for washer and nut, and the steps in which bolts are sold (memory). */
    private const NUT = 0.008;

    private const BOLTS = 0.005;

    public function __construct(
        public string $kind,
        public float $x,
        public float $y,
        public float $radius,
        public float $depth,
        public bool $fromTop,
        public Fixing $fixing = Fixing::Screw,
    ) {}

    /**
     * Heights between which nothing may lie.
     *
     * @param float $thickness of the resin
     * @param float $ground    thickness of what stays below it, which is drilled first from the back
     *
     * @return array{float, float}
     */
    public function zone(float $thickness, float $ground = 0.0): array
    {
        $reach = $this->depth + self::CLEAR;

        return match ($this->fixing) {
            Fixing::Through => [0.0, $thickness],
            Fixing::Glue, Fixing::Stick, Fixing::Rest => [0.0, 0.0],
            Fixing::Screw => $this->fromTop ? [$thickness - $reach, $thickness] : [0.0, max(0.0, $reach - $ground)],
        };
    }

    /** The lip of a stand that holds so much, m. */
    public static function lip(float $whole): float
    {
        return $whole + self::LIP;
    }

    /** Whether it is drilled through the face that will be seen. */
    public function isThrough(Viewed $viewed): bool
    {
        return $viewed === ($this->fromTop ? Viewed::Top : Viewed::Bottom);
    }

    /** The bolt that goes right through so much. */
    public static function bolt(float $whole): float
    {
        return self::BOLTS * ceil(($whole + self::NUT) / self::BOLTS - 1e-9);
    }
}
