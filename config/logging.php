<?php

declare(strict_types=1);

return [
    // What cannot be written down, as the disk is full, must not take the answer with it.
    'default'  => env('LOG_CHANNEL', 'kept'),
    'channels' => [
        'kept'  => ['driver' => 'stack', 'channels' => ['daily'], 'ignore_exceptions' => true],
        'daily' => ['driver' => 'daily', 'path' => storage_path('logs/pensilis.log'), 'days' => 14],
    ],
];
