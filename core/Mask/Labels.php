<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Mask;

/** The words of a mask: a sign beside each notch in its rim, which its caption names, and the caption beneath. */
final class Labels
{
    /** How far notches reach into the rim. */
    public const NOTCH_MM = 4.0;

    private const SMALL = 1.9;

    private const MIDLINE = 'm';

    /** @return list<Label> from the frame's upper left corner */
    public static function of(Plate $plate): array
    {
        $all = $plate->midline === null ? [] : [new Label(0.6, $plate->midline - 0.7, self::MIDLINE, self::SMALL)];
        foreach ($plate->uprights as $i => [, $at]) {
            $all[] = self::free((string) ($i + 1), $at, $plate, $all);
        }
        foreach ($plate->caption() as $i => $line) {
            $all[] = new Label(0, $plate->heightMm + Plate::LINE_MM * ($i + 1), $line, $i === 0 ? 2.4 : self::SMALL);
        }

        return $all;
    }

    /** What the signs at the notches mean, for the caption; empty where there are none. */
    public static function key(Plate $plate): string
    {
        $names = $plate->midline === null ? [] : [self::MIDLINE.' midline'];
        foreach ($plate->uprights as $i => [$mark]) {
            $names[] = ($i + 1).' '.preg_replace('/^the /', '', $mark);
        }

        return implode(', ', $names);
    }

    /**
     * Right or left of its notch, or below it, wherever no other sign and no notch is.
     *
     * @param list<Label> $taken
     */
    private static function free(string $sign, float $at, Plate $plate, array $taken): Label
    {
        $wide = (new Label(0, 0, $sign, self::SMALL))->widthMm();
        $first = null;
        [$right, $left] = [$at + 0.4, $at - $wide - 0.4];
        foreach ([[$right, 2.2], [$left, 2.2], [$at - $wide / 2, 6.3], [$right, 4.0], [$left, 4.0]] as [$x, $y]) {
            $label = new Label($x, $y, $sign, self::SMALL);
            $first ??= $label;
            $hit = $x < 0.2 || $x + $wide > $plate->widthMm - 0.2
                || array_filter($taken, $label->overlaps(...)) !== []
                || array_filter($plate->uprights, static fn(array $mark): bool => $label->isCut($mark[1], 0, self::NOTCH_MM)) !== [];
            if (! $hit) {
                return $label;
            }
        }

        return $first;
    }
}
