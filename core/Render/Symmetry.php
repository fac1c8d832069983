<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Render;

use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Colour\Lab;
use Hawkbrush\Core\Film\SurfaceFinish;

/**
 * The two sides laid over each other: for each place of the left side how far in DeltaE00 the same place of the right
 * side looks from it, as a picture in five tones.
 */
final readonly class Symmetry
{
    /** Upper ends of the tones in DeltaE00; the last has none. Common practice, no published source. */
    public const TONES = [1.0, 3.0, 6.0, 12.0];

    /** From alike to quite another colour; each step also differs in lightness, so that it reads without colour. */
    private const PALETTE = ['#e9e7e1', '#d9b98f', '#c4804a', '#8f3f1c', '#3a120a'];

    /** @param list<float> $shares of the side's area in each tone */
    private function __construct(public Texture $texture, public float $mean, public float $most, public array $shares) {}

    public static function compare(Field $field, SurfaceFinish $finish): self
    {
        $pixels = new Pixels($finish, $field->bands);
        $labs = [];
        $apart = [];
        $shares = array_fill(0, \count(self::PALETTE), 0.0);
        $tones = [];
        $sum = $area = $most = 0.0;
        foreach ($field->left as $cell => $left) {
            $right = $field->right[$cell];
            $delta = $left === $right ? 0.0 : $apart[$left][$right] ??= DeltaE2000::between(
                $labs[$left] ??= self::seen($pixels, $field, $left),
                $labs[$right] ??= self::seen($pixels, $field, $right),
            );
            $tone = 0;
            while ($tone < \count(self::TONES) && $delta > self::TONES[$tone]) {
                $tone++;
            }
            $tones[] = $tone;
            $mm2 = $field->surface->areaMm2[$cell];
            $shares[$tone] += $mm2;
            $sum += $delta * $mm2;
            $area += $mm2;
            $most = max($most, $delta);
        }
        $area = max(1e-9, $area);

        return new self(
            Texture::mirrored($field->surface, self::PALETTE, $tones),
            $sum / $area,
            $most,
            array_map(static fn(float $mm2): float => $mm2 / $area, $shares),
        );
    }

    private static function seen(Pixels $pixels, Field $field, int $state): Lab
    {
        return Colour::fromHex(\sprintf('#%06x', $pixels->of($state, $field->states[$state]) >> 24))->lab;
    }
}
