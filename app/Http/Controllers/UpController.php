<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Keeping\Standing;
use Illuminate\Http\JsonResponse;

final class UpController
{
    /** Whether the server can work: 200 or 503, and why. */
    public function __invoke(Standing $standing): JsonResponse
    {
        $now = $standing->now();

        return new JsonResponse($now, $now['status'] === 'ok' ? 200 : 503, ['Cache-Control' => 'no-store']);
    }
}
