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
     * @param list<string>|null $away hex away from the mirror angle, where flakes change their colour or something glows by night
     * @param list<string>|null $night hex by night, where something glows
     * @param string $cells two bytes a cell, little endian, row by row
     */
    private function __construct(
        public int $width,
        public int $height,
        public array $palette,
        public array $glint,
        public string $cells,
        public ?array $away = null,
        public ?array $night = null,
    ) {}

    /** @param Pixels|null $kept from an earlier picture under the same look by the same bands, to use again what it has worked out */
    public static function draw(Field $field, SurfaceFinish $finish, ?Pixels $kept = null, bool $dark = false): self
    {
        $numbers = $seen = [];
        $pixels = $kept ?? new Pixels($finish, $field->bands);
        // Which states are in sight, found by turning cells over: much quicker than asking cell by cell.
        $inSight = $field->mirrored ? array_flip($field->left) : array_flip($field->left) + array_flip($field->right);
        $seldom = $glows = $dark;
        foreach ($inSight as $state => $cell) {
            $lights = $field->states[$state]->seldom;
            $seldom = $seldom || $lights !== null;
            $glows = $glows || ($lights !== null && $lights[4] > 0);
        }
        foreach ($inSight as $state => $cell) {
            $number = ! $seldom
                ? $pixels->of($state, $field->states[$state])
                : $pixels->of($state, $field->states[$state]).' '.$pixels->seldom($field->states[$state]);
            $numbers[$state] = $seen[$number] ??= \count($seen);
        }
        $columns = $field->surface->columns;
        $left = self::packed($field->left, $numbers);
        $right = $field->mirrored ? $left : self::packed($field->right, $numbers);

        $palette = $glint = $away = $night = [];
        foreach (array_keys($seen) as $colours) {
            [$colours, $more] = [...explode(' ', (string) $colours), '0'];
            [$palette[], $glint[]] = self::hexes((int) $colours);
            if ($seldom) {
                [$away[], $night[]] = self::hexes((int) $more);
            }
        }

        return new self(
            $columns,
            $field->surface->rows * 2,
            $palette,
            $glint,
            $left.implode('', array_reverse(str_split($right, max(1, $columns * 2)))),
            $seldom ? $away : null,
            $glows ? $night : null,
        );
    }

    /** @return array{string, string} */
    private static function hexes(int $colours): array
    {
        // With a bit before them, no zero is left out.
        $digits = dechex($colours | 1 << 48);

        return ['#'.substr($digits, 1, 6), '#'.substr($digits, 7)];
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
