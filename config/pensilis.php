<?php

declare(strict_types=1);

return [
    // Largest plan file that is read, in bytes.
    'largest_file' => 80 * 1024 * 1024,

    // How long an invitation to a studio can be taken up, in days.
    'invitation_days' => 7,
];
