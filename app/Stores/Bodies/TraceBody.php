<?php

declare(strict_types=1);

namespace App\Stores\Bodies;

use App\Actions\Pictures\KeepPhoto;
use App\Models\ReferencePhoto;
use Hawkbrush\Core\Body\Silhouette;
use Hawkbrush\Core\Body\Station;
use Hawkbrush\Core\Body\Trace;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** Outlines for tracing a body: found in a photograph or an SVG, and made into stations. */
final class TraceBody
{
    /** Wide enough to find an edge, small enough to be quick. */
    private const LOOK_PX = 300;

    /**
     * {length_mm, side, above, width_share}: stations.
     *
     * @return array{stations: list<array{float, float, float, float}>}
     *
     * @throws Refused
     */
    public function trace(Node $form): array
    {
        $form->only(['length_mm', 'side', 'above', 'width_share']);
        $stations = Trace::stations(
            $form->field('length_mm')->number(5, 1000),
            self::outline($form->field('side')),
            $form->has('above') ? self::outline($form->field('above')) : null,
            $form->optional('width_share')?->number(0.05, 2) ?? 0.62,
        );

        return ['stations' => array_map(static fn(Station $s): array => [$s->u, $s->topMm, $s->bottomMm, $s->halfWidthMm], $stations)];
    }

    /**
     * A first guess of the outline in a photograph, in shares of its width.
     *
     * @return array<string, mixed>
     *
     * @throws Refused when nothing stands out
     */
    public function inPicture(ReferencePhoto $picture): array
    {
        $image = imagecreatefromjpeg(KeepPhoto::path($picture->id));
        $small = $image === false ? false : imagescale($image, self::LOOK_PX);
        if ($small === false) {
            throw Refused::because('This photograph cannot be read.');
        }
        $pixels = [];
        for ($y = 0; $y < imagesy($small); $y++) {
            for ($x = 0; $x < self::LOOK_PX; $x++) {
                $pixels[] = (int) imagecolorat($small, $x, $y) & 0xFFFFFF;
            }
        }

        return Silhouette::find($pixels, self::LOOK_PX);
    }

    /** @return array{nose: array{float, float}, tail: array{float, float}, upper: list<array{float, float}>, lower: list<array{float, float}>} */
    private static function outline(Node $node): array
    {
        $node->only(['nose', 'tail', 'upper', 'lower']);
        $point = static function (Node $p): array {
            [$x, $y] = $p->items(2, 2);

            return [$x->number(-1e5, 1e5), $y->number(-1e5, 1e5)];
        };
        $edge = static fn(string $name): array => array_map($point, $node->field($name)->items(1, 200));

        return [
            'nose' => $point($node->field('nose')),
            'tail' => $point($node->field('tail')),
            'upper' => $edge('upper'),
            'lower' => $edge('lower'),
        ];
    }
}
