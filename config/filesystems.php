<?php

declare(strict_types=1);

return [
    'default' => 'local',
    // Photographs and meshes: reached through their studio only, never by an address of their own.
    'disks' => ['local' => ['driver' => 'local', 'root' => storage_path('app/private'), 'serve' => false]],
];
