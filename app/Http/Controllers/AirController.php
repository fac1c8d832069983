<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Patterns\ReadRecipe;
use App\Actions\Pictures\DrawTexture;
use App\Actions\Shop\ThisShop;
use App\Http\Drawing;
use App\Http\Input;
use App\Models\Version;
use App\Present\AirView;
use App\Present\FaultView;
use App\Present\OrderView;
use App\Present\SheetView;
use App\Stores\Rig\Equipment;
use Hawkbrush\Core\Order\Reorder;
use Hawkbrush\Core\Pattern\Recipe;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Air, cleaning, drying and order of a version in this shop, and what goes wrong while spraying. */
final readonly class AirController
{
    public function __construct(private ReadRecipe $read, private ThisShop $shop) {}

    public function show(string $id): JsonResponse
    {
        return new JsonResponse([
            'coats' => AirView::of($this->recipe($id), $this->shop->now(), Equipment::inHand('airbrush')?->id),
        ]);
    }

    /** The best order beside today's, with the bait it gives. Nothing moves. */
    public function order(Request $request, string $id, DrawTexture $draw): JsonResponse
    {
        $finish = Drawing::asked(Input::query($request)->only(['look', 'v']))->finish;
        $recipe = $this->recipe($id);
        $reorder = new Reorder($recipe, $this->shop->now());
        $best = $reorder->best();

        return new JsonResponse(OrderView::of($recipe, $reorder->now(), $best) + [
            'texture' => $draw->fleeting($reorder->ordered($best['steps']), $finish, null),
        ]);
    }

    /** Where a step may stand without being seen. */
    public function places(string $id, string $step): JsonResponse
    {
        $recipe = $this->recipe($id);
        $this->mustHave($recipe, $step);

        return new JsonResponse(['places' => OrderView::places((new Reorder($recipe, $this->shop->now()))->places($step))]);
    }

    /** What a good and a bad mark look like, for the work of a step or of the coat that it tries out. */
    public function sheet(string $id, string $step): JsonResponse
    {
        $recipe = $this->recipe($id);
        $this->mustHave($recipe, $step);

        return new JsonResponse(SheetView::of($recipe, $step, $this->shop->now(), Equipment::inHand('airbrush')?->id));
    }

    public function faults(): JsonResponse
    {
        return new JsonResponse(FaultView::all($this->shop->now()));
    }

    private function mustHave(Recipe $recipe, string $step): void
    {
        if ($recipe->step($step) === null) {
            throw new NotFoundHttpException();
        }
    }

    private function recipe(string $id): Recipe
    {
        return $this->read->fromVersion(Version::query()->with(['pattern', 'body'])->findOrFail($id));
    }
}
