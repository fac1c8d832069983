<?php

declare(strict_types=1);

// redraw-photo.php FROM TO: draws a photograph anew, in a process of its own; prints what came of it as JSON.

use App\Photos\Redraw;

require __DIR__.'/../../vendor/autoload.php';

echo json_encode(Redraw::file($argv[1], $argv[2]), JSON_THROW_ON_ERROR);
