<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Instruments\ReadRoom;
use App\Http\Input;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The hygrometer in the room and the gauge at the airbrush. */
final class InstrumentController
{
    /** {believe: whether a reading that leapt is right}: reads once; a steady reading becomes the room. */
    public function room(Request $request, ReadRoom $read): JsonResponse
    {
        $form = Input::of($request)->only(['believe']);

        return new JsonResponse($read->now($form->optional('believe')?->boolean() ?? false));
    }

    public function pressure(ReadRoom $read): JsonResponse
    {
        return new JsonResponse($read->pressure());
    }
}
