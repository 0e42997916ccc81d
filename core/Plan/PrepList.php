<?php

declare(strict_types=1);

namespace Pensilis\Plan;

/** What to make ready before the first pour, by the kind of vessel, with the reason for each; common practice throughout. */
final readonly class PrepList
{
    /** @return list<PrepStep> in the order of the work */
    public static function of(Setup $setup, Finish $finish): array
    {
        $steps = match ($setup->making) {
            Making::Mold => [
                ['Wash the mold with soap and water, and dry it fully', 'mold washed and dry', 'water left in a corner clouds the face and keeps it soft'],
                ['Lift dust with tape, then a lint-free cloth', 'dust lifted', 'every hair prints into the face'],
                ['Look for scuffs against the light', 'no scuffs', 'a scuff of the mold is a scuff of the piece'],
                ['Brush metal powder on the rim, if it shall have a metal edge', 'rim powdered, if wanted', 'it saves marker or paint afterwards'],
            ],
            Making::Rigid => [
                ['Wash the mold, dry it fully, close its joints with tape', 'mold washed, dry, joints taped', 'resin finds every gap while it is thin'],
                ['Wipe it with release: alcohol, soapy water or powder', 'released', 'a rigid wall does not peel away from the piece'],
                ['Lift dust with tape', 'dust lifted', 'every hair prints into the face'],
            ],
            Making::Panel => [
                ['Seal the ground in two thin coats', 'ground sealed', 'wood breathes bubbles through a whole pour'],
                ['Tape the edge a few millimetres proud', 'edge taped proud', 'so that it dams, and can be pulled while the rim is still soft'],
                ['Protect the back with tape or brushed latex', 'back protected', 'drips set hard there: warmed and lifted away from the face, or sanded'],
            ],
            Making::Canvas => [
                ['Prime the canvas in two coats', 'primed twice', 'bare weave drinks resin and shows it'],
                ['Support it from below', 'supported', 'it sags under the weight, and the middle fills deeper'],
                ['Protect the back with tape', 'back protected', 'what runs through sets there'],
            ],
            Making::Blank => [
                ['Cut the blank, break its edges', 'cut, edges broken', 'a sharp edge keeps no coat'],
                ['Prime it in two coats; key plastic with 300–400 grit and wipe', 'primed, keyed, wiped', 'resin lets go of what is bare or smooth'],
                ['Raise it on props', 'on props', 'what runs over must drip free, not glue it down'],
                ['Protect the back with tape or brushed latex', 'back protected', 'drips set hard there'],
            ],
            Making::Dam => [
                ['Lay the dam as one unbroken bead and let it set', 'dam unbroken and set', 'a bead added later traps resin and tears'],
                ['Test it with a little water, and dry it', 'tested with water, dry', 'a leak is found while it costs nothing'],
                ['Lift dust with tape', 'dust lifted', 'every hair prints into the face'],
            ],
            Making::Sheet => [
                ['Lay a sheet that resin lets go of, flat and free of folds', 'sheet flat', 'each fold prints, and the sheet must peel off bent'],
                ['Have the form ready, covered, at hand', 'form ready', 'the time to drape is short'],
            ],
        };
        $steps[] = ['Level it both ways and shim; look again after each coat', 'level both ways', 'a slope makes one side thin and lets the other run over'];
        if ($setup->pieces > 1) {
            $steps[] = ["Set out all {$setup->pieces}, level, within reach", "all {$setup->pieces} set out", 'one mix serves them all, and its clock runs'];
        }
        if ($finish === Finish::Flood) {
            $steps[] = ['Keep props and a drip tray for the flood coat', 'props and drip tray', 'it runs over the edge by intent'];
        }
        $steps[] = ['Spread a drop cloth', 'drop cloth', 'what is spilled is never quite gone'];
        $steps[] = ['Keep a cover box ready', 'cover box', 'dust falls while it is tacky'];

        return array_map(fn(array $step): PrepStep => new PrepStep(...$step), $steps);
    }
}
