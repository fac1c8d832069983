<?php

declare(strict_types=1);

namespace App\Actions\Pictures;

use App\Models\ReferencePhoto;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\Srgb;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** Colours of a photograph: the mean light of a small round spot, so that grain and glare of one pixel do not count. */
final class PickColour
{
    /** Radius of a spot as a share of the longer side. */
    private const RADIUS = 0.012;

    private const MOST_SPOTS = 50;

    /**
     * @param Node $spots a list of {x, y}, shares of width and height from the upper left
     *
     * @return list<Colour>
     *
     * @throws Refused when a spot lies outside
     */
    public function spots(ReferencePhoto $picture, Node $spots): array
    {
        return $this->at($picture, array_map(
            static fn(Node $spot): array => [$spot->only(['x', 'y'])->field('x')->number(0, 1), $spot->field('y')->number(0, 1)],
            $spots->items(1, self::MOST_SPOTS),
        ));
    }

    /**
     * @param list<array{float, float}> $spots
     *
     * @return list<Colour>
     */
    public function at(ReferencePhoto $picture, array $spots): array
    {
        $image = @imagecreatefromjpeg(KeepPhoto::path($picture->id));
        if ($image === false) {
            throw Refused::because('The file of this photograph is gone from the data folder.');
        }
        $radius = max(1, (int) round(self::RADIUS * max($picture->width, $picture->height)));

        return array_map(
            static fn(array $spot): Colour => self::mean(
                $image,
                (int) ($spot[0] * ($picture->width - 1)),
                (int) ($spot[1] * ($picture->height - 1)),
                $radius,
            ),
            $spots,
        );
    }

    private static function mean(\GdImage $image, int $x, int $y, int $radius): Colour
    {
        $sum = [0.0, 0.0, 0.0];
        $count = 0;
        for ($dy = -$radius; $dy <= $radius; $dy++) {
            for ($dx = -$radius; $dx <= $radius; $dx++) {
                $at = [$x + $dx, $y + $dy];
                if (
                    $dx * $dx + $dy * $dy > $radius * $radius
                    || $at[0] < 0
                    || $at[1] < 0
                    || $at[0] >= imagesx($image)
                    || $at[1] >= imagesy($image)
                ) {
                    continue;
                }
                $rgb = (int) imagecolorat($image, $at[0], $at[1]);
                foreach ([16, 8, 0] as $i => $shift) {
                    $sum[$i] += Srgb::decode(($rgb >> $shift & 255) / 255);
                }
                $count++;
            }
        }
        $encoded = array_map(static fn(float $light): float => Srgb::encode($light / max(1, $count)), $sum);

        return Colour::fromHex((new Srgb($encoded[0], $encoded[1], $encoded[2]))->hex());
    }
}
