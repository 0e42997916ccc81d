<?php

declare(strict_types=1);

return [
    'from' => ['address' => env('MAIL_FROM_ADDRESS', 'pensilis@localhost'), 'name' => env('MAIL_FROM_NAME', 'Pensilis')],
];
