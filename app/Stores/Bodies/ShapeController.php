<?php

declare(strict_types=1);

namespace App\Stores\Bodies;

use App\Http\Input;
use Hawkbrush\Core\Body\Body as CoreBody;
use Hawkbrush\Core\Body\Shape;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Bodies by their usual shapes. */
final class ShapeController
{
    public function index(Request $request): JsonResponse
    {
        $asked = Input::query($request)->only(['length_mm']);
        $long = $asked->has('length_mm') ? self::length($asked) : null;

        return new JsonResponse(['shapes' => array_map(static function (Shape $shape) use ($long): array {
            $body = $shape->body('', $long ?? $shape->usualMm);

            return [
                'name' => $shape->name,
                'about' => $shape->about,
                'usual_mm' => $shape->usualMm,
                'called' => $shape->called($body->lengthMm),
                'form' => array_diff_key($body->document(), ['name' => 1, 'material' => 1]),
                'shape' => BodyView::shape($body),
            ];
        }, Shape::all())]);
    }

    public function store(Request $request, SaveBody $save): JsonResponse
    {
        $form = Input::of($request)->only(['shape', 'length_mm', 'name', 'stock']);
        $shape = Shape::named($form->field('shape')->choice(array_column(Shape::all(), 'name')));
        $kept = Body::fields()->among($form);
        $name = $form->optional('name')?->text((int) CoreBody::fields()->of('name')->most);

        return new JsonResponse(BodyView::of($save->shaped($shape, self::length($form), $name, $kept->whole('stock'))), 201);
    }

    /** @throws Refused */
    private static function length(Node $form): float
    {
        return $form->field('length_mm')->number(...CoreBody::fields()->of('length_mm')->bounds());
    }
}
