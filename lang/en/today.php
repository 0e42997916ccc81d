<?php

declare(strict_types=1);

// The day: what can be done now, what comes next, and all pieces on one time line.
return [
    'title' => 'Today', 'have' => 'You have', 'show' => 'Show',
    'teach' => 'Here every piece will stand on one time line: what cures, which window opens next, and what you can do now. '
        . 'Begin with a piece.',
    'now'       => 'With :time at hand', 'nothing-now' => 'Nothing can be begun in that time.',
    'longer'    => 'Could be begun, but takes longer',
    'takes'     => 'takes :takes', 'takes-until' => 'takes :takes; begin by :until',
    'ahead'     => 'Next', 'nothing-ahead' => 'Nothing is planned.',
    'at'        => ':at', 'between' => ':at; can be begun from :opens to :closes',
    'moved'     => 'planned :at, but it can be begun only from :opens to :closes: find the times anew',
    'late-head' => 'Late', 'late' => 'planned :at; it can still be done',
    'missed'    => 'planned :at; the window closed :closes. Find the times anew, or sand once it is hard',
    'early'     => 'planned :at; can be begun from :opens',
    'stale'     => 'planned :at; nothing was begun',
    'noting'    => 'Was it poured? Note when', 'waits' => 'planned :at; pour :pour below it is not noted',
    'make-room' => 'Find new times for “:piece”', 'moves' => 'pour :number :at',
    'made-room' => '“:piece” makes way for the others: :moves.', 'stays' => '“:piece” is in nobody’s way: nothing moves.',
    'no-room'   => 'No times could be found for “:piece” in your hours beside the others.',
    'conflicts' => 'At the same time', 'and' => 'and', 'at-once' => '{2}both want you on :at|[3,*]all :count want you on :at',
    'one-mix'   => 'One mix for several', 'one-mix-says' => ':at: mix :mass of :resin, :a of A and :b of B, and split it for',
    'crowded'   => 'No room on the bench', 'no-level' => 'no level place is free on :at; one comes free on :from',
    'no-box'    => 'no cover box is free on :at; one comes free on :from',
    'line'      => 'All pieces', 'piece' => 'Piece', 'scrolls' => 'Time line of all pieces, scrolls sideways',
    'stuck'     => 'Need another look, or a start',
    'finding'   => 'Finding times of one piece …|Finding times of :count pieces …', 'find' => 'Find them',
];
