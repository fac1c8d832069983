<?php

declare(strict_types=1);

return [
    'default' => 'local',
    // Nothing is served from here: photographs go out through the API.
    'disks' => ['local' => ['driver' => 'local', 'root' => storage_path('app/private'), 'serve' => false, 'throw' => true]],
    'links' => [],
];
