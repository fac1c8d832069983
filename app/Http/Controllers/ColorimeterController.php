<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Devices\Devices;
use App\Devices\DeviceTrouble;
use App\Exceptions\NotNow;
use App\Http\Input;
use App\Present\CoreView;
use Hawkbrush\Core\Colour\Colour;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class ColorimeterController
{
    /** Whether there is one, and where a simulated one can be put down. */
    public function show(Devices $devices): JsonResponse
    {
        $nothing = ['connected' => false, 'name' => '', 'places' => [], 'trouble' => ''];
        $device = $devices->colorimeter;
        if ($device === null) {
            return new JsonResponse($nothing);
        }
        try {
            return new JsonResponse(['connected' => true, ...$device->about(), 'trouble' => '']);
        } catch (DeviceTrouble $e) {
            return new JsonResponse(['trouble' => $e->getMessage()] + $nothing);
        }
    }

    /** {place}: one reading. */
    public function read(Request $request, Devices $devices): JsonResponse
    {
        $form = Input::of($request)->only(['place']);
        $device = $devices->colorimeter ?? throw NotNow::noInstrument('colorimeter');
        $curve = $device->read($form->optional('place')?->text(80));

        return new JsonResponse([
            'reflectance' => $curve->document(),
            'colour' => CoreView::colour(Colour::fromReflectance($curve)),
        ]);
    }
}
