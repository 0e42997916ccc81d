<?php

declare(strict_types=1);

return [
    // Largest plan file that is read, in bytes.
    'largest_file' => 80 * 1024 * 1024,

    // Heat and photographs that are computed at the same time; the workers beyond them answer everybody else.
    'long_at_once' => (int) env('PENSILIS_LONG_AT_ONCE', 2),

    // Where it is written that something goes on of which only so many may.
    'turns' => storage_path('framework/turns'),

    // Kept answers that may stay when what has had its time is thrown away.
    'kept_megabytes' => (int) env('PENSILIS_KEPT_MEGABYTES', 500),

    // Where the demo sign-in is written when it is made.
    'sign_in_file' => env('PENSILIS_SIGN_IN_FILE', storage_path('app/demo-sign-in.txt')),

    // Time zone of the demo studio, as the IANA names it; none where the browser that signs in first shall say it.
    'demo_zone' => (string) env('PENSILIS_DEMO_ZONE', ''),

    // How long an invitation to a studio can be taken up, in days.
    'invitation_days' => 7,
];
