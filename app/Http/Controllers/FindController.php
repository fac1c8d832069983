<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Shop\Find;
use App\Http\Input;
use App\Models\Sought;
use App\Models\Version;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** ?q=&version=: whatever is called so; of a version, its steps too. */
final readonly class FindController
{
    public function __invoke(Request $request, Find $find): JsonResponse
    {
        $query = Input::query($request)->only(['q', 'version']);
        $version = $query->optional('version')?->text(40);

        return new JsonResponse(['found' => $find->by(
            Sought::words($query),
            $version === null ? null : Version::query()->with(['pattern', 'body'])->findOrFail($version),
        )]);
    }
}
