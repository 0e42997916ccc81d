<?php

declare(strict_types=1);

namespace Pensilis\Batching;

use Pensilis\Resin\MixRatio;

/**
 * A and B of one mix as a device shows them, in its own unit: whole steps of each, never less than is needed, the ratio within what the
 * resin forgives.
 *
 * Of all such pairs the one with the least of (what is left over, as a share of what is needed) + (how far the ratio is off, as a share):
 * a percent of mix thrown away weighs as much as a percent of hardener (memory). For each amount of A that is
 *     (i g_A + j g_B)/need − 1 + |j/(i ρ) − 1|,  ρ the hardener in steps for one step of resin,
 * which falls and rises once in j: it is least next to the right ratio, or where both together reach the need. The search is exact: it
 * ends where what is left over, or how far the ratio is off, is by itself more than the best.
 */
final readonly class Measured
{
    /** Smaller than any step, as a share. */
    private const SAME = 1e-9;

    private function __construct(private Device $device, private MixRatio $ratio, public float $need, public float $a, public float $b) {}

    /** @param float $grams that the cup must hold at least; null where the device takes no such mix */
    public static function of(Device $device, MixRatio $ratio, float $grams): ?self
    {
        if ($grams <= 0.0) {
            return new self($device, $ratio, 0.0, 0.0, 0.0);
        }
        $step = $device->step();
        [$ga, $gb] = [$device->grams($step, $ratio->gramsA()), $device->grams($step, $ratio->gramsB())];
        // Steps of B for one of A.
        $right = $ratio->byMass() * $ga / $gb;
        [$best, $least] = [null, INF];
        // From the amount of A that is right outward, in both directions until what is lost for certain is more than the best.
        // With less than so much A not even one step of B is in the ratio.
        $fewest = max(1, (int) ceil(1.0 / ($right * (1.0 + $ratio->tolerance)) - self::SAME));
        $first = max($fewest, (int) ceil($grams * (1.0 - self::SAME) / ($ga + $right * $gb)));
        foreach ([1, -1] as $way) {
            for ($i = $way > 0 ? $first : $first - 1; $i >= $fewest; $i += $way) {
                $enough = ($grams * (1.0 - self::SAME) - $i * $ga) / $gb;
                [$all, $low] = [$i * ($ga + $right * $gb) / $grams, $i * $right * (1.0 - $ratio->tolerance) - self::SAME];
                $over = min($all, $all + $ratio->tolerance * (1.0 - $i * $right * $gb / $grams));
                $isPast = $way > 0 ? !$device->takes($i * $step, max(1.0, ceil($low)) * $step) : $enough > $i * $right + $i * $right - $low;
                if ($isPast || max($enough / ($i * $right), $over) - 1.0 > $least) {
                    break;
                }
                foreach ([floor($i * $right), ceil($i * $right), ceil($low)] as $near) {
                    $j = (int) max($near, ceil($enough), 1.0);
                    $off = abs($j / ($i * $right) - 1.0);
                    $cost = ($i * $ga + $j * $gb) / $grams - 1.0 + $off;
                    $fits = $off <= $ratio->tolerance + self::SAME && $device->takes($i * $step, $j * $step);
                    if ($fits && $cost < $least - self::SAME) {
                        [$best, $least] = [new self($device, $ratio, $grams, round($i * $step, 6), round($j * $step, 6)), $cost];
                    }
                }
            }
        }

        return $best;
    }

    /** @return array{float, float} the mass of A and of B, g */
    public function grams(): array
    {
        return [$this->device->grams($this->a, $this->ratio->gramsA()), $this->device->grams($this->b, $this->ratio->gramsB())];
    }

    public function total(): float
    {
        return array_sum($this->grams());
    }

    /** What is more than is needed, g. */
    public function over(): float
    {
        return max(0.0, $this->total() - $this->need);
    }

    /** How far the ratio is off that it shows, as a share: above 0 where B is too much. */
    public function off(): float
    {
        [$a, $b] = $this->grams();

        return $a > 0.0 ? $b / $a / $this->ratio->byMass() - 1.0 : 0.0;
    }

    /** How far the ratio may be off in the cup, %: what it shows and what it hides, which add as squares do. */
    public function errorPercent(): float
    {
        return $this->need > 0.0 ? 100.0 * hypot($this->off(), $this->device->doubt($this->a, $this->b)) : 0.0;
    }
}
