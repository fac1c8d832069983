<?php

declare(strict_types=1);

namespace App\Http\Middleware;

/** Stops a write whose key was claimed by another call meanwhile. {@see OnceOnly} answers as that one was answered. */
final class AlreadyDone extends \RuntimeException {}
