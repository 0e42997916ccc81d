<?php

declare(strict_types=1);

namespace App\Turns;

/** What takes long: one at a time of a studio, so that none takes the turns of all, and so many at all that workers are left for others. */
final class LongWork
{
    /** Seconds. Many thin pours take long; what is computed when this ends goes on for nobody. */
    private const LONGEST = 120;

    /**
     * @template T
     *
     * @param callable(): T $compute
     *
     * @return T|null null where it has no turn now, and is to be asked again
     */
    public static function of(int $studio, callable $compute): mixed
    {
        $own = Turn::take("answers of {$studio}");
        $turn = $own === null ? null : Turn::take('answers', config()->integer('pensilis.long_at_once'));
        if ($turn === null) {
            return null;
        }
        $usual = (int) ini_get('max_execution_time');
        set_time_limit(self::LONGEST);
        try {
            return $compute();
        } finally {
            set_time_limit($usual);
            $turn->giveBack();
            $own?->giveBack();
        }
    }
}
