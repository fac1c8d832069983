<?php

declare(strict_types=1);

namespace App\Stores\Rack;

use App\Http\Input;
use App\Http\Page;
use App\Http\Revised;
use App\Present\CoreView;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Film\CoatCount;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Node;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class PaintController
{
    private const PAGE = 120;

    /** A page of the rack by name; with `q` the paints, and those of patterns, that answer to it. */
    public function index(Request $request): JsonResponse
    {
        $asked = Input::ofList($request)->only(['q', 'after']);
        $page = Page::of(PaintView::sought($asked), $asked, ['name', 'id'], self::PAGE);

        return new JsonResponse(['paints' => PaintView::all($page->items), 'next' => $page->next]);
    }

    public function store(Request $request, SavePaint $save): JsonResponse
    {
        return new JsonResponse(PaintView::of($save->fromForm(Input::of($request))), 201);
    }

    /** A card half white, half black: looked at, and with `keep` used from then on. */
    public function drawdown(Request $request, string $id, TeachPaint $teach): JsonResponse
    {
        $paint = Paint::query()->findOrFail($id);
        $form = Input::of($request)->only([
            'revision',
            'over_white',
            'over_black',
            'white',
            'black',
            'dry_um',
            'film',
            'seen',
            'source',
            'keep',
        ]);
        // Worked out first, without keeping others from writing; held against the revision when it is kept.
        [$found, $meaning] = $teach->look($paint, $form);
        if ($form->optional('keep')?->boolean() ?? false) {
            $paint = $this->change($id, $form, static fn(Paint $paint) => $teach->keep($paint, $found, $form));
        }

        return new JsonResponse(['paint' => PaintView::of($paint), ...$meaning]);
    }

    public function update(Request $request, string $id, SavePaint $save): JsonResponse
    {
        $form = Input::of($request);

        return new JsonResponse(PaintView::of($this->change($id, $form, static fn(Paint $paint) => $save->change($paint, $form))));
    }

    /** {over, weight, thinning_percent, until: {hidden: true} or {colour, within}}: how many coats it takes. */
    public function coats(Request $request, string $id, ReadTarget $target): JsonResponse
    {
        $paint = Paint::query()->findOrFail($id)->core();
        $form = Input::of($request)->only(['over', 'until', ...SprayedFilm::FIELDS]);
        $coatUm = SprayedFilm::read($form)->coatUm($paint->solids);
        $ground = $target->ground($form->optional('over'));
        $until = $form->field('until')->only(['hidden', 'colour', 'within']);
        $wanted = $until->has('colour') ? $target->colour($until->field('colour')) : null;
        $coats = $wanted === null
            ? CoatCount::untilHidden($paint->optics, $ground, $coatUm, SurfaceFinish::Clear, Colour::fromHex($paint->hex)->lab)
            : CoatCount::untilColour(
                $paint->optics,
                $ground,
                $coatUm,
                SurfaceFinish::Clear,
                $wanted->lab,
                $until->optional('within')?->number(0.1, 50) ?? 2.0,
            );

        return new JsonResponse([
            'coats' => $coats->coats,
            'reason' => $coats->reason,
            'coat_um' => round($coatUm, 2),
            'wanted' => $wanted === null ? null : CoreView::colour($wanted),
            'after' => array_map(
                static fn(array $after): array => ['colour' => CoreView::colour($after[0]), 'delta_e' => round($after[1], 2)],
                $coats->after,
            ),
        ]);
    }

    public function replacements(Request $request, string $id, ReplacePaint $replace): JsonResponse
    {
        return new JsonResponse($replace->search(Paint::query()->findOrFail($id), Input::of($request)));
    }

    /** @param callable(Paint): mixed $change */
    private function change(string $id, Node $form, callable $change): Paint
    {
        return Revised::change(
            $form, static fn(): Paint => Paint::query()->findOrFail($id), 'This paint was changed elsewhere.', PaintView::of(...),
            static function (Paint $paint) use ($change): Paint {
                $change($paint);

                return $paint->refresh();
            },
        );
    }
}
