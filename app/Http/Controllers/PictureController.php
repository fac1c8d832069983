<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Pictures\KeepPhoto;
use App\Actions\Pictures\PickColour;
use App\Http\Input;
use App\Models\Pattern;
use App\Models\ReferencePhoto;
use App\Present\CoreView;
use App\Stores\Bodies\TraceBody;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Film\CardPhoto;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Photographs that colours are picked from. */
final readonly class PictureController
{
    /** What the two halves of an ordinary matte test card are, as seen; from memory of such cards. */
    private const CARD_WHITE = '#eceded';

    private const CARD_BLACK = '#3c3c3c';

    public function __construct(private KeepPhoto $keep, private PickColour $pick) {}

    public function store(Request $request): JsonResponse
    {
        return new JsonResponse(self::view($this->keep->picture(null, $request->file('photo'))), 201);
    }

    public function ofPattern(string $id): JsonResponse
    {
        return new JsonResponse(['pictures' => Pattern::query()->findOrFail($id)->pictures->map(self::view(...))->values()->all()]);
    }

    public function storeForPattern(Request $request, string $id): JsonResponse
    {
        return new JsonResponse(self::view($this->keep->picture(Pattern::query()->findOrFail($id), $request->file('photo'))), 201);
    }

    public function show(string $id): BinaryFileResponse
    {
        return KeepPhoto::answer($this->find($id)->id);
    }

    /** {removed}: taken away, or put back. */
    public function update(Request $request, string $id): JsonResponse
    {
        $picture = $this->find($id);
        $picture->update(['removed_at' => Input::of($request)->only(['removed'])->field('removed')->boolean() ? now() : null]);

        return new JsonResponse(self::view($picture));
    }

    /** {spots: [{x, y}]}: the colours there, as the photograph shows them. */
    public function spots(Request $request, string $id): JsonResponse
    {
        $picture = $this->find($id);
        $colours = $this->pick->spots($picture, Input::of($request)->only(['spots'])->field('spots'));

        return new JsonResponse(['colours' => array_map(CoreView::colour(...), $colours)]);
    }

    /** Where a bait on a plain ground seems to end. */
    public function silhouette(string $id, TraceBody $trace): JsonResponse
    {
        return new JsonResponse($trace->inPicture($this->find($id)));
    }

    /** {spots: {white, black, over_white, over_black}, white, black}: the four colours of a card, put right by its own white and black. */
    public function card(Request $request, string $id): JsonResponse
    {
        $picture = $this->find($id);
        $form = Input::of($request)->only(['spots', 'white', 'black']);
        $spots = $form->field('spots')->only(['white', 'black', 'over_white', 'over_black']);
        $at = [];
        foreach (['white', 'black', 'over_white', 'over_black'] as $name) {
            $spot = $spots->field($name)->only(['x', 'y']);
            $at[] = [$spot->field('x')->number(0, 1), $spot->field('y')->number(0, 1)];
        }
        [$white, $black, $overWhite, $overBlack] = $this->pick->at($picture, $at) + [null, null, null, null];
        $trueWhite = $form->has('white') ? Colour::read($form->field('white')) : Colour::fromHex(self::CARD_WHITE);
        $trueBlack = $form->has('black') ? Colour::read($form->field('black')) : Colour::fromHex(self::CARD_BLACK);
        \assert($white !== null && $black !== null && $overWhite !== null && $overBlack !== null);
        $card = CardPhoto::calibrate($white, $black, $trueWhite, $trueBlack);

        return new JsonResponse([
            'white' => $trueWhite->hex(),
            'black' => $trueBlack->hex(),
            'over_white' => $card->put($overWhite)->hex(),
            'over_black' => $card->put($overBlack)->hex(),
        ]);
    }

    private function find(string $id): ReferencePhoto
    {
        return ReferencePhoto::query()->findOrFail($id);
    }

    /** @return array{id: string, width: int, height: int, removed: bool} */
    private static function view(ReferencePhoto $picture): array
    {
        return ['id' => $picture->id, 'width' => $picture->width, 'height' => $picture->height, 'removed' => $picture->removed_at !== null];
    }
}
