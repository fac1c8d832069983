<?php

declare(strict_types=1);

namespace App\Stores\Rig;

use App\Actions\Named;
use App\Http\Input;
use App\Http\Revised;
use App\Models\SprayedCoat;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Airbrushes, compressors and dryers, and what the airbrushes were learnt to want. */
final class RigController
{
    public function index(): JsonResponse
    {
        return new JsonResponse(RigView::all());
    }

    public function store(Request $request, KeepRig $keep): JsonResponse
    {
        return new JsonResponse(RigView::of($keep->add(Input::of($request))), 201);
    }

    public function update(Request $request, string $id, KeepRig $keep): JsonResponse
    {
        $form = Input::of($request);

        return new JsonResponse(RigView::of(Revised::change(
            $form, static fn(): Equipment => Equipment::query()->findOrFail($id), 'This was changed elsewhere.', RigView::of(...),
            static fn(Equipment $one): Equipment => $keep->change($one, $form),
        )));
    }

    /** {paint_id, equipment_id, counts}: whether what was sprayed until now moves the window of that paint. */
    public function experience(Request $request): JsonResponse
    {
        $form = Input::of($request)->only(['paint_id', 'equipment_id', 'counts']);
        $paint = Named::paint($form->field('paint_id'));
        $airbrush = Named::airbrush($form->field('equipment_id'));
        $counts = $form->field('counts')->boolean();
        SprayedCoat::count($paint->id, $airbrush->id, $counts);
        $experience = SprayedCoat::experiences([$paint->id], $airbrush->id)[$paint->id] ?? null;

        return new JsonResponse(['counts' => $counts, 'says' => $experience?->says() ?? '']);
    }
}
