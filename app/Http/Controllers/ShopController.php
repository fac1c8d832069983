<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Shop\BeginShop;
use App\Actions\Shop\SamplePatterns;
use App\Http\Input;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** How a new shop begins. */
final class ShopController
{
    public function begin(Request $request, BeginShop $begin, SamplePatterns $samples, SettingsController $settings): JsonResponse
    {
        match (Input::of($request)->only(['with'])->field('with')->choice(['starter', 'samples'])) {
            'starter' => $begin->starter(),
            'samples' => $samples->put(),
        };

        return $settings->show()->setStatusCode(201);
    }

    public function samples(Request $request, SamplePatterns $samples, SettingsController $settings): JsonResponse
    {
        $keep = Input::query($request)->only(['keep'])->optional('keep')?->choice(['yes', 'no']) ?? 'no';
        $keep === 'yes' ? $samples->keep() : $samples->throwAway();

        return $settings->show();
    }
}
