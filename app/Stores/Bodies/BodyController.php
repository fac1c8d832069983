<?php

declare(strict_types=1);

namespace App\Stores\Bodies;

use App\Http\Input;
use App\Http\Page;
use App\Http\Revised;
use App\Present\TechniqueView;
use Hawkbrush\Core\Body\Body as CoreBody;
use Hawkbrush\Core\Exchange\SvgOutline;
use Hawkbrush\Core\Node;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class BodyController
{
    private const PAGE = 30;

    public function index(Request $request): JsonResponse
    {
        $page = Page::of(Body::query()->with('lots'), Input::ofList($request)->only(['after']), ['name', 'id'], self::PAGE);

        return new JsonResponse($page->as('bodies', BodyView::of(...)));
    }

    public function store(Request $request, SaveBody $save): JsonResponse
    {
        return new JsonResponse(BodyView::of($save->fromForm(Input::of($request))), 201);
    }

    public function show(string $id): JsonResponse
    {
        return new JsonResponse(BodyPageView::of(Body::query()->findOrFail($id)));
    }

    /** What each technique leaves on this body, for the menu of steps. */
    public function techniques(string $id): JsonResponse
    {
        return new JsonResponse(['techniques' => TechniqueView::all(Body::query()->findOrFail($id)->core())]);
    }

    public function update(Request $request, string $id, ChangeBody $change): JsonResponse
    {
        $form = Input::of($request);

        return new JsonResponse(BodyPageView::of(Revised::change(
            $form, static fn(): Body => Body::query()->findOrFail($id), 'This body was changed elsewhere.', BodyView::of(...),
            static fn(Body $body): Body => $change->change($body, $form),
        )));
    }

    /** A body being measured: its form, areas and zones. Saves nothing. */
    public function look(Request $request): JsonResponse
    {
        $core = CoreBody::read(Node::root(array_diff_key((array) Input::of($request)->raw(), ['name' => 1])));

        return new JsonResponse(BodyPageView::measured($core));
    }

    /** Stations from an outline drawn over a photograph. */
    public function trace(Request $request, TraceBody $trace): JsonResponse
    {
        return new JsonResponse($trace->trace(Input::of($request)));
    }

    /** {svg}: the outline in an SVG file. */
    public function outline(Request $request, TraceBody $trace): JsonResponse
    {
        return new JsonResponse(SvgOutline::read(Input::of($request)->only(['svg'])->field('svg')->lines(900_000)));
    }

    public function buy(Request $request, string $id, KeepLots $lots): JsonResponse
    {
        $body = Body::query()->findOrFail($id);
        $lots->buy($body, Input::of($request));

        return new JsonResponse(BodyPageView::of($body->refresh()), 201);
    }

    public function inspect(Request $request, string $id, KeepLots $lots): JsonResponse
    {
        $lot = Lot::query()->with(['inspections', 'body'])->findOrFail($id);
        $lots->inspect($lot, Input::of($request));

        return new JsonResponse(BodyPageView::of(Body::query()->findOrFail($lot->body_id)), 201);
    }
}
