<?php

declare(strict_types=1);

namespace App\Stores\Masks;

use App\Actions\Named;
use App\Http\Input;
use App\Http\Page;
use App\Http\Revised;
use App\Present\TechniqueView;
use Hawkbrush\Core\Flat\PathText;
use Hawkbrush\Core\Flat\SvgReader;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The mask box, and its sheets at true size. */
final readonly class MaskController
{
    private const PAGE = 30;

    public function __construct(private KeepMask $keep, private PrintMasks $print) {}

    public function index(Request $request): JsonResponse
    {
        $page = Page::of(Mask::query()->with('body'), Input::ofList($request)->only(['after']), ['name', 'id'], self::PAGE);

        return new JsonResponse($page->as('masks', MaskView::of(...)));
    }

    public function store(Request $request): JsonResponse
    {
        return new JsonResponse(MaskView::of($this->keep->make(Input::of($request))), 201);
    }

    public function update(Request $request, string $id): JsonResponse
    {
        $form = Input::of($request);

        return new JsonResponse(MaskView::of(Revised::change(
            $form, static fn(): Mask => Mask::query()->with('body')->findOrFail($id), 'This mask was changed elsewhere.', MaskView::of(...),
            fn(Mask $mask): Mask => $this->keep->change($mask, $form),
        )));
    }

    public function look(Request $request): JsonResponse
    {
        $form = Input::of($request);
        $plate = $this->keep->look($form);
        $technique = $form->field('technique')->raw();

        return new JsonResponse([
            'plate' => MaskView::plate($plate),
            'cover' => TechniqueView::cover(Named::body($form->field('body_id'))->core(), \is_array($technique) ? $technique : []),
        ]);
    }

    /** {svg}: an outline of one's own at its true size, and what of the file was left out. */
    public function outline(Request $request): JsonResponse
    {
        $read = SvgReader::read(Input::of($request)->only(['svg'])->field('svg')->lines(900_000));
        $shape = $read->shape->centred();

        return new JsonResponse([
            'outline' => PathText::write($shape),
            'width_mm' => round($shape->width(), 2),
            'height_mm' => round($shape->height(), 2),
            'dropped' => $read->dropped,
        ]);
    }

    public function svg(Request $request): Response
    {
        return self::file($this->print->svg(Input::query($request)), 'image/svg+xml', 'masks.svg');
    }

    public function pdf(Request $request): Response
    {
        return self::file($this->print->pdf(Input::query($request)), 'application/pdf', 'masks.pdf');
    }

    private static function file(string $content, string $type, string $name): Response
    {
        return new Response($content, 200, ['Content-Type' => $type, 'Content-Disposition' => 'attachment; filename="'.$name.'"']);
    }
}
