<?php

declare(strict_types=1);

namespace Pensilis\Answer;

use Pensilis\Fact\Fact;
use Pensilis\Plan\Finish;
use Pensilis\Plan\Making;
use Pensilis\Plan\Setup;

/** What to make ready before the first pour, by the kind of vessel; common practice throughout. */
final class PrepList
{
    /** @return list<Fact> in the order of the work */
    public static function of(Setup $setup, Finish $finish): array
    {
        $steps = match ($setup->making) {
            Making::Mold   => ['wash-mold', 'lift-dust-and-wipe', 'look-for-scuffs', 'metal-rim'],
            Making::Rigid  => ['wash-rigid', 'powder-rigid', 'lift-dust'],
            Making::Panel  => ['seal-ground', 'tape-edge', 'protect-panel-back'],
            Making::Canvas => ['prime-canvas', 'tape-edge', 'support-canvas', 'protect-canvas-back'],
            Making::Blank  => ['cut-blank', 'peel-blank', 'key-blank', 'tape-edge', 'raise-blank', 'protect-blank-back'],
            Making::Dam    => ['lay-dam', 'test-dam', 'lift-dust'],
            Making::Sheet  => ['lay-sheet', 'have-form-ready'],
        };
        $facts = array_map(fn(string $step): Fact => new Fact($step), [...$steps, 'level']);
        if ($setup->pieces > 1) {
            $facts[] = new Fact('set-out', ['pieces' => $setup->pieces]);
        }
        if ($finish === Finish::Flood) {
            $facts[] = new Fact('flood-props');
        }

        return [...$facts, new Fact('drop-cloth'), new Fact('cover-box')];
    }
}
