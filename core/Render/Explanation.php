<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Render;

use Hawkbrush\Core\Colour\Lab;

/** Why a spot looks as it does, in a sentence with its figures. */
final class Explanation
{
    /** Less of the colour below than this no longer counts. */
    private const COUNTS = 0.12;

    /** @param list<CoreCoat> $coats from the body outwards; the sentence is about the last */
    public static function explain(array $coats): string
    {
        $count = \count($coats);
        if ($count === 0) {
            return 'Nothing lies here: this is the bare body.';
        }
        $top = $coats[$count - 1];
        if ($count === 1) {
            return \sprintf('Only %s lies here; it lets %d %% of the body below through.', self::name($top), round($top->passes * 100));
        }
        $below = $coats[$count - 2];
        $sentence = $top->passes < self::COUNTS
            ? \sprintf('%s covers: only %d %% of what lies below still shows.', ucfirst(self::name($top)), round($top->passes * 100))
            : \sprintf(
                '%d %% of the %s still shows through the %s%s',
                round($top->passes * 100),
                self::name($below),
                self::name($top),
                self::turn($below->after->lab, $top->after->lab),
            );
        $passes = 1.0;
        for ($i = $count - 1; $i > 0; $i--) {
            $passes *= $coats[$i]->passes;
            if ($passes < self::COUNTS && $i < $count - 1) {
                return $sentence.\sprintf(' %s under it no longer counts.', ucfirst(self::name($coats[$i - 1])));
            }
        }

        return $sentence;
    }

    private static function name(CoreCoat $coat): string
    {
        return mb_strtolower($coat->name);
    }

    private static function turn(Lab $from, Lab $to): string
    {
        $lightness = $to->l - $from->l;
        $chroma = $to->chroma() - $from->chroma();

        return match (true) {
            abs($lightness) >= abs($chroma) && $lightness < -1 => \sprintf(', which darkens it by %d L*.', round(-$lightness)),
            abs($lightness) >= abs($chroma) && $lightness > 1 => \sprintf(', which lightens it by %d L*.', round($lightness)),
            $chroma > 1 => \sprintf(', which adds %d chroma.', round($chroma)),
            $chroma < -1 => \sprintf(', which greys it by %d chroma.', round(-$chroma)),
            default => ', which hardly changes it.',
        };
    }
}
