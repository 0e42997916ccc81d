<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Words\Words;
use Pensilis\Colour\Dose;
use Pensilis\Colour\Recipe;

/** One cup of a divided coat, as the page of its pour shows it. */
final readonly class CupLine
{
    /**
     * @param string       $amount grams of plain mix
     * @param string       $fills  its share of the coat and of the plan
     * @param list<string> $doses  what to stir in
     * @param string       $from   the side from which it is poured
     */
    private function __construct(
        public string $name,
        public string $swatch,
        public string $amount,
        public string $fills,
        public array $doses,
        public string $from,
    ) {}

    /** @param list<Dose> $doses */
    public static function of(string $name, Recipe $recipe, string $amount, string $fills, array $doses, string $from): self
    {
        return new self($name, $recipe->swatch()->toHex(), $amount, $fills, array_map(self::handed(...), $doses), $from);
    }

    /** A dose with the measure of the hand that was weighed for it, in halves. */
    private static function handed(Dose $dose): string
    {
        $said = self::dose($dose);
        $colour = $dose->colour;
        $grams = $colour->drop > 0.0 ? $dose->exact * $colour->drop * $colour->density : $dose->exact;
        $count = $colour->handful > 0.0 ? round(2.0 * $grams / $colour->handful) / 2.0 : 0.0;

        return $count > 0.0 ? Words::say('pour.dose.hand', ['dose' => $said, 'count' => $count, 'hand' => $colour->hand]) : $said;
    }

    /** "6 drops of moor blue ink", or what to take of which mother tint. */
    private static function dose(Dose $dose): string
    {
        $ink = $dose->colour->drop > 0.0;
        $name = mb_strtolower($dose->colour->name);
        $unit = $ink ? ' ml' : ' g';
        $amount = fn(float $amount): string => $ink ? self::drops($amount) : self::figure($amount) . $unit;
        if (!$dose->isByMother()) {
            $off = round($dose->errorPercent());

            return Words::say($off === 0.0 ? 'pour.dose.plain' : ($off > 0.0 ? 'pour.dose.more' : 'pour.dose.less'), [
                'amount' => $amount($dose->told), 'colour' => $name, 'off' => (int) abs($off) . ' %',
            ]);
        }
        $made = Words::say('pour.dose.made', [
            'base' => $amount($dose->stages[0]['take']), 'colour' => $name, 'size' => self::figure($dose->stages[0]['size']) . $unit,
        ]);
        foreach (array_slice($dose->stages, 1) as $stage) {
            $made .= Words::say(
                'pour.dose.thinned',
                ['take' => self::figure($stage['take']) . $unit, 'size' => self::figure($stage['size']) . $unit],
            );
        }

        return Words::say('pour.dose.mother', ['amount' => self::figure($dose->told) . $unit, 'made' => $made]);
    }

    private static function drops(float $count): string
    {
        return Words::say('figures.drops', count: (int) $count);
    }

    private static function figure(float $value): string
    {
        return (string) round($value, $value < 1.0 ? 3 : ($value < 100.0 ? 1 : 0));
    }
}
