<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Words\Words;
use Pensilis\Colour\ColourKind;
use Pensilis\Colour\Dose;
use Pensilis\Colour\HandMeasure;
use Pensilis\Quantity\Figure;

/** A dose of a colour in words: drops or grams of it, of a mother tint, or by the hand. */
final readonly class DoseWords
{
    /** Less than such a share of a measure is only touched on. */
    private const TRACE = 0.3;

    /** @param bool $byHand whether what is weighed is told by the hand too, where no scale is at hand */
    public function __construct(private bool $byHand = false) {}

    /** A dose with the measure of the hand that was weighed for it, in halves. */
    public function say(Dose $dose): string
    {
        $said = self::plain($dose);
        $colour = $dose->colour;
        $grams = $colour->weighs($dose->exact);
        $count = $colour->handful > 0.0 ? round(2.0 * $grams / $colour->handful) / 2.0 : 0.0;
        if ($count > 0.0) {
            return Words::say('pour.dose.hand', ['dose' => $said, 'count' => $count, 'hand' => $colour->hand]);
        }

        return !$this->byHand || $dose->hand !== null || $colour->kind === ColourKind::Ink || $grams <= 0.0
            ? $said
            : Words::say('pour.dose.about', ['dose' => $said, 'hand' => self::measure(HandMeasure::for($grams), $grams)]);
    }

    /** "6 drops of moor blue ink", or what to take of which mother tint. */
    private static function plain(Dose $dose): string
    {
        $isInk = $dose->colour->kind === ColourKind::Ink;
        $name = mb_strtolower($dose->colour->name);
        $amount = fn(float $amount): string => $isInk ? Words::say('figures.drops', count: (int) round($amount)) : self::grams($amount);
        if ($dose->hand !== null) {
            $hand = self::measure($dose->hand, $dose->colour->weighs($dose->exact));

            return Words::say('pour.dose.by-hand', ['hand' => $hand, 'colour' => $name]);
        }
        if (!$dose->isByMother()) {
            $off = round($dose->errorPercent());

            return Words::say($off === 0.0 ? 'pour.dose.plain' : ($off > 0.0 ? 'pour.dose.more' : 'pour.dose.less'), [
                'amount' => $amount($dose->told), 'colour' => $name, 'off' => (int) abs($off) . ' %',
            ]);
        }

        return Words::say('pour.dose.mother', [
            'amount' => $amount($dose->told), 'base' => $amount($dose->made), 'colour' => $name,
            'clear'  => $amount($dose->size() - $dose->made),
        ]);
    }

    private static function measure(HandMeasure $measure, float $grams): string
    {
        $count = $grams < self::TRACE * $measure->grams() ? 0.0 : $measure->count($grams);
        if ($count === 0.0) {
            return Words::say('pour.dose.trace');
        }

        return Words::say("pour.dose.measures.{$measure->value}", [
            'count' => Figure::short($count, 1), 'grams' => max(0.01, round($grams, $grams < 1.0 ? 2 : 1)) . ' g',
        ], $count < 1.0 ? 0 : (int) ceil($count));
    }

    private static function grams(float $value): string
    {
        return round($value, $value < 1.0 ? 3 : ($value < 100.0 ? 1 : 0)) . ' g';
    }
}
