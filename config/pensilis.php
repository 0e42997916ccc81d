<?php

declare(strict_types=1);

return [
    // Largest plan file that is read, in bytes.
    'largest_file' => 80 * 1024 * 1024,

    // Where the demo sign-in is written when it is made.
    'sign_in_file' => env('PENSILIS_SIGN_IN_FILE', storage_path('app/demo-sign-in.txt')),

    // How long an invitation to a studio can be taken up, in days.
    'invitation_days' => 7,
];
