<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Render;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Film\SurfaceFinish;

/**
 * A field as colours of the screen: a palette, and for each cell the number of its colour. Rows run from the back
 * ridge (theta 0) over the left flank to the belly and on over the right flank back to the ridge (360); columns from
 * nose to tail.
 */
final readonly class Texture
{
    /**
     * @param list<string> $palette hex under flat light
     * @param list<string> $glint hex at the mirror angle, where flakes shine
     * @param string $cells two bytes a cell, little endian, row by row
     */
    private function __construct(
        public int $width,
        public int $height,
        public array $palette,
        public array $glint,
        public string $cells,
    ) {}

    /** @param Pixels|null $kept from an earlier picture under the same look by the same bands, to use again what it has worked out */
    public static function draw(Field $field, SurfaceFinish $finish, ?Pixels $kept = null): self
    {
        $numbers = $seen = [];
        $pixels = $kept ?? new Pixels($finish, $field->bands);
        // Which states are in sight, found by turning cells over: much quicker than asking cell by cell.
        $inSight = $field->mirrored ? array_flip($field->left) : array_flip($field->left) + array_flip($field->right);
        foreach ($inSight as $state => $cell) {
            $numbers[$state] = $seen[$pixels->of($state, $field->states[$state])] ??= \count($seen);
        }
        $columns = $field->surface->columns;
        $left = self::packed($field->left, $numbers);
        $right = $field->mirrored ? $left : self::packed($field->right, $numbers);

        $palette = $glint = [];
        foreach (array_keys($seen) as $colours) {
            // With a bit before them, no zero is left out.
            $digits = dechex($colours | 1 << 48);
            $palette[] = '#'.substr($digits, 1, 6);
            $glint[] = '#'.substr($digits, 7);
        }

        return new self(
            $columns,
            $field->surface->rows * 2,
            $palette,
            $glint,
            $left.implode('', array_reverse(str_split($right, max(1, $columns * 2)))),
        );
    }

    /**
     * Of tones given by cell of the left half, both halves alike.
     *
     * @param list<string> $palette
     * @param list<int> $tones numbers of the palette
     */
    public static function mirrored(Surface $surface, array $palette, array $tones): self
    {
        $left = pack('v*', ...$tones);

        return new self(
            $surface->columns,
            $surface->rows * 2,
            $palette,
            $palette,
            $left.implode('', array_reverse(str_split($left, max(1, $surface->columns * 2)))),
        );
    }

    /**
     * @param list<int> $cells
     * @param array<int, int> $numbers
     */
    private static function packed(array $cells, array $numbers): string
    {
        $colours = [];
        foreach ($cells as $state) {
            $colours[] = $numbers[$state];
        }

        return pack('v*', ...$colours);
    }
}
