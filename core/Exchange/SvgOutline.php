<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Exchange;

use Hawkbrush\Core\Body\Silhouette;
use Hawkbrush\Core\Flat\Shape;
use Hawkbrush\Core\Flat\SvgReader;
use Hawkbrush\Core\Refused;

/** The outline of a bait from the largest shape of an SVG file, nose to the left. */
final class SvgOutline
{
    /**
     * @return array{outline: array{nose: array{float, float}, tail: array{float, float}, upper: list<array{float, float}>, lower: list<array{float, float}>}, dropped: list<string>} and what of the file was left out
     *
     * @throws Refused when there is none
     */
    public static function read(string $svg): array
    {
        $read = SvgReader::read($svg);
        $shape = Shape::of([$read->shape->rings[0]]);
        [$left, , $right] = $shape->bounds();
        $end = static function (float $at) use ($shape, $left, $right): array {
            $line = $shape->crossings(max($left + 1e-6 * ($right - $left), min($right - 1e-6 * ($right - $left), $at)));

            return [$at, $line === [] ? 0.0 : ($line[0] + $line[\count($line) - 1]) / 2];
        };
        $upper = $lower = [];
        foreach (Silhouette::places($left, $right) as $x) {
            $line = $shape->crossings($x);
            if ($line !== []) {
                $upper[] = [$x, $line[0]];
                $lower[] = [$x, $line[\count($line) - 1]];
            }
        }

        return [
            'outline' => ['nose' => $end($left), 'tail' => $end($right), 'upper' => $upper, 'lower' => $lower],
            'dropped' => $read->dropped,
        ];
    }
}
