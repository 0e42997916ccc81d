<?php

declare(strict_types=1);

namespace Pensilis\Batching;

use Pensilis\Vessel\Vessel;

/**
 * Where what is left of a mix may go: spare vessels that it fills between the least depth of a pour and their rim, those
 * first that it fills best; then those that it fills more than once over.
 */
final readonly class Leftover
{
    /** @param float $depth m that it stands in there; $left m³ that remain over */
    private function __construct(public int|string $key, public float $depth, public float $fullness, public float $left) {}

    /**
     * @param float                     $volume m³
     * @param array<int|string, Vessel> $spare
     *
     * @return list<self> best fit first
     */
    public static function fits(float $volume, array $spare, float $leastPour, float $greatestPour): array
    {
        $fits = [];
        foreach ($spare as $key => $vessel) {
            $deepest = min($greatestPour, $vessel->fill);
            $holds = $vessel->volumeBetween(0.0, $deepest);
            $poured = min($volume, $holds);
            $depth = $poured >= $holds ? $deepest : $vessel->depthFor($poured);
            if ($volume > 0.0 && $depth >= $leastPour) {
                $fits[] = new self($key, $depth, $poured / $holds, $volume - $poured);
            }
        }
        usort($fits, fn(self $one, self $other): int => [$one->left > 1e-9, -$one->fullness] <=> [$other->left > 1e-9, -$other->fullness]);

        return $fits;
    }
}
