<?php

declare(strict_types=1);

namespace Pensilis\Plan;

/**
 * What an artist wants of a plan, and how much: each weight from 0 to 10. All is counted in days that it is worth to wait for it (memory):
 * a pour, a day until the last one, 10 K of the hottest, a millimetre that objects lie off, four for a joint that is sanded, ten grams
 * that are lost. Unless said, the fewest pours come first, then days and sanded joints.
 */
final readonly class Weights
{
    public const NAMES = ['pours', 'sooner', 'cooler', 'truer', 'unsanded', 'leftover'];

    /** Days for a sanded joint (memory). */
    private const SANDED = 4.0;

    private const KELVIN = 10.0;

    private const GRAMS = 10.0;

    /** Of what nobody wants, so that of equal plans the sooner is taken. */
    private const SLIGHT = 0.01;

    public function __construct(
        private float $pours = 0.0,
        private float $sooner = 1.0,
        private float $cooler = 0.0,
        private float $truer = 0.0,
        private float $unsanded = 1.0,
        private float $leftover = 0.0,
        public bool $fewestFirst = true,
    ) {}

    /** @param callable(string): float $said by the name of a weight */
    public static function said(callable $said): self
    {
        return new self(
            $said('pours'),
            max(self::SLIGHT, $said('sooner')),
            $said('cooler'),
            $said('truer'),
            $said('unsanded'),
            $said('leftover'),
            false,
        );
    }

    /** How many days a joint is worth that needs no sanding, beside the days themselves. */
    public function sanding(): float
    {
        return self::SANDED * $this->unsanded / $this->sooner;
    }

    /**
     * @param float $days    until the last pour
     * @param float $celsius of the hottest
     * @param float $off     m, of all objects from where they are wanted
     * @param float $lost    g
     */
    public function cost(int $pours, float $days, float $celsius, float $off, int $sanded, float $lost): float
    {
        return $this->pours * $pours + $this->sooner * $days + $this->cooler * $celsius / self::KELVIN + $this->truer * 1e3 * $off
            + self::SANDED * $this->unsanded * $sanded + $this->leftover * $lost / self::GRAMS;
    }
}
