<?php

declare(strict_types=1);

// What happened to a piece: the page on which it is told and noted.
return [
    'title' => 'What happened to :piece', 'head' => 'What happened', 'menu' => 'What happened',
    'lead'  => 'Newest first. Nothing here is ever changed or removed: what was a mistake is taken back, and that is noted too.',
    'none'  => 'Nothing is noted yet. Mixes and ticks of the sheet are noted by themselves; all else you can note here.',
    'more'  => 'Older ones are in the plan file: :count in all.',
    'note'  => [
        'head'    => 'Note something', 'kind' => 'What', 'pour' => 'Pour', 'no-pour' => 'the whole piece', 'at' => 'When',
        'figure'  => 'How much',
        'figures' => 'How much: grams for what was held back or tipped off, the height of a level, the degrees of a room.',
        'result'  => 'What the nail found', 'no-result' => 'not tried',
        'words'   => 'In words', 'save' => 'Note it',
    ],
    'kinds' => [
        'poured' => 'poured', 'gelled' => 'it has gelled', 'tack' => 'tack tested', 'passed' => 'bubbles taken', 'covered' => 'covered',
        'level'  => 'level measured', 'room' => 'room measured', 'kept' => 'some held back', 'tipped-off' => 'some tipped off',
        'sanded' => 'sanded', 'decorated' => 'decorated', 'demolded' => 'out of its mold',
        'mishap' => 'something went wrong', 'note' => 'a note',
    ],
    'result' => [
        'wet' => 'wet', 'prints' => 'takes a print', 'firm' => 'firm, would bond', 'dry' => 'dry, no longer sticks',
    ],
    'says' => [
        'prepared'   => 'Done on the sheet: :step', 'weighed' => 'Weighed :figure for pour :pour',
        'mixed'      => 'Mixed :figure for pour :pour',
        'coloured'   => 'Coloured a cup of pour :pour', 'poured' => 'Pour :pour poured',
        'kept'       => 'Kept :figure of pour :pour: :for',
        'tipped-off' => 'Tipped :figure off pour :pour', 'placed' => 'Placed :object', 'passed' => 'Bubbles taken on pour :pour',
        'covered'    => 'Pour :pour covered', 'tack' => 'Pour :pour tested: :result', 'gelled' => 'Pour :pour has gelled',
        'level'      => 'Level of pour :pour at :figure', 'room' => 'The room is at :figure', 'probe' => 'Read a probe in pour :pour',
        'sanded'     => 'Pour :pour sanded', 'decorated' => 'Decorated on pour :pour', 'demolded' => 'Out of its mold',
        'finished'   => 'Finished',
        'judged'     => 'Pour :pour came out :judged', 'mishap' => 'Something went wrong: :which', 'pictured' => 'A picture was taken',
        'skipped'    => 'Pour :pour was not poured then', 'away' => 'Nobody was there', 'note' => 'Noted',
    ],
    'bubbles' => 'with :bubbles',
    'gone'    => 'that is no more', 'step' => 'a step of the sheet', 'held' => 'for later', 'unsaid' => 'not said what',
    'later'   => 'noted :span later', 'by' => 'by :who',
    'back'    => ['do' => 'Take it back', 'why' => 'Why', 'done' => 'taken back', 'because' => 'taken back: :why'],
];
