<?php

declare(strict_types=1);

namespace Pensilis\Exception;

use InvalidArgumentException;
use Pensilis\Fact\Fact;

/** A data sheet says two things that cannot both be true; the key names the one to look at. */
final class ContradictorySheet extends InvalidArgumentException implements PensilisException
{
    private function __construct(public readonly string $key, private readonly Fact $fact)
    {
        parent::__construct($fact->name);
    }

    public function fact(): Fact
    {
        return $this->fact;
    }

    public static function recoatBeforeGel(float $opensHours, float $gelHours): self
    {
        return new self('recoat_open_h', new Fact('sheet.recoat-before-gel', ['opens_h' => $opensHours, 'gel_h' => $gelHours]));
    }

    public static function closesBeforeOpening(float $closesHours, float $opensHours): self
    {
        return new self('recoat_close_h', new Fact('sheet.closes-before-opening', ['closes_h' => $closesHours, 'opens_h' => $opensHours]));
    }

    public static function leastAboveGreatest(float $leastMm, float $greatestMm): self
    {
        return new self('min_pour_mm', new Fact('sheet.least-above-greatest', ['least_mm' => $leastMm, 'greatest_mm' => $greatestMm]));
    }
}
