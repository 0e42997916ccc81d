<?php

declare(strict_types=1);

namespace Pensilis\Resin;

/**
 * What tack tests on own pours say of the closing of a recoat window: while a nail leaves a mark the next coat bonds; where it leaves none
 * any more, it is sanded (common practice). Hours elsewhere than at the temperature of the sheet count by the usual activation of cure
 * (CureLaw). Of two tests that contradict each other the careful one holds.
 */
final readonly class TackTests
{
    /** @param list<array{float, float, bool}> $tests s after first contact, K, whether a nail left a mark */
    public function __construct(private array $tests) {}

    /**
     * @param float $closes    s, as it would be without them
     * @param float $reference K
     *
     * @return float s at that temperature
     */
    public function closing(float $closes, float $reference): float
    {
        $law = CureLaw::usual(1.0, $reference);
        [$bonded, $hard] = [0.0, INF];
        foreach ($this->tests as [$after, $kelvin, $marks]) {
            $equal = $after * $law->pace($kelvin, $reference);
            if ($marks) {
                $bonded = max($bonded, $equal);
            } else {
                $hard = min($hard, $equal);
            }
        }

        return min($hard, max($bonded, $closes));
    }
}
