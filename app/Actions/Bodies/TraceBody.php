<?php

declare(strict_types=1);

namespace App\Actions\Bodies;

use App\Actions\Pictures\KeepPhoto;
use App\Models\ReferencePhoto;
use Hawkbrush\Core\Body\Station;
use Hawkbrush\Core\Body\Trace;
use Hawkbrush\Core\Flat\Shape;
use Hawkbrush\Core\Flat\SvgReader;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** Outlines for tracing a body: found in a photograph or an SVG, and made into stations. */
final class TraceBody
{
    private const POINTS = 14;

    /** Wide enough to find an edge, small enough to be quick. */
    private const LOOK_PX = 300;

    /** How far a pixel must be from the background, in steps of 255 summed over the three channels. */
    private const DIFFERS = 60;

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
     * Where a bait on a plain ground seems to end: a first guess for the painter to nudge. In shares of the picture's width.
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
        $rows = imagesy($small);
        $ground = self::ground($small, $rows);
        $columns = [];
        for ($x = 0; $x < self::LOOK_PX; $x++) {
            $run = self::longest($small, $x, $rows, $ground);
            if ($run !== null && $run[1] - $run[0] > 0.01 * self::LOOK_PX) {
                $columns[$x] = $run;
            }
        }
        if (\count($columns) < 0.2 * self::LOOK_PX) {
            throw Refused::because('No bait stands out in this photograph: lay it on a plain ground of another colour, or set the points by hand.');
        }
        $share = 1 / self::LOOK_PX;
        $first = (int) array_key_first($columns);
        $last = (int) array_key_last($columns);
        $middle = static fn(int $x): array => [$x * $share, ($columns[$x][0] + $columns[$x][1]) / 2 * $share];
        $edges = ['upper' => [], 'lower' => []];
        for ($i = 1; $i < self::POINTS; $i++) {
            $x = (int) round($first + ($last - $first) * (1 - cos(M_PI * $i / self::POINTS)) / 2);
            if (isset($columns[$x])) {
                $edges['upper'][] = [$x * $share, $columns[$x][0] * $share];
                $edges['lower'][] = [$x * $share, $columns[$x][1] * $share];
            }
        }

        return ['nose' => $middle($first), 'tail' => $middle($last), ...$edges];
    }

    /**
     * The outline in an SVG file, nose to the left; and what of the file was left out.
     *
     * @return array{outline: array<string, mixed>, dropped: list<string>}
     *
     * @throws Refused when there is none
     */
    public function inSvg(string $svg): array
    {
        $read = SvgReader::read($svg);
        $shape = Shape::of([$read->shape->rings[0]]);
        [$left, , $right] = $shape->bounds();
        $end = static function (float $at) use ($shape, $left, $right): array {
            $line = $shape->crossings(max($left + 1e-6 * ($right - $left), min($right - 1e-6 * ($right - $left), $at)));

            return [$at, $line === [] ? 0.0 : ($line[0] + $line[\count($line) - 1]) / 2];
        };
        $edges = ['upper' => [], 'lower' => []];
        for ($i = 1; $i < self::POINTS; $i++) {
            $x = $left + ($right - $left) * (1 - cos(M_PI * $i / self::POINTS)) / 2;
            $line = $shape->crossings($x);
            if ($line !== []) {
                $edges['upper'][] = [$x, $line[0]];
                $edges['lower'][] = [$x, $line[\count($line) - 1]];
            }
        }

        return ['outline' => ['nose' => $end($left), 'tail' => $end($right), ...$edges], 'dropped' => $read->dropped];
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

        return ['nose' => $point($node->field('nose')), 'tail' => $point($node->field('tail')), 'upper' => $edge('upper'), 'lower' => $edge('lower')];
    }

    /** @return array{int, int, int} the middle colour along the picture's border */
    private static function ground(\GdImage $image, int $rows): array
    {
        $channels = [[], [], []];
        for ($x = 0; $x < self::LOOK_PX; $x += 3) {
            foreach ([1, $rows - 2] as $y) {
                foreach (self::pixel($image, $x, max(0, $y)) as $i => $value) {
                    $channels[$i][] = $value;
                }
            }
        }

        return array_map(static function (array $values): int {
            sort($values);

            return $values[intdiv(\count($values), 2)];
        }, $channels);
    }

    /**
     * The longest run down a column that is not ground; short gaps (glare, an eye) do not break it.
     *
     * @param array{int, int, int} $ground
     *
     * @return array{int, int}|null
     */
    private static function longest(\GdImage $image, int $x, int $rows, array $ground): ?array
    {
        $best = $from = null;
        $gap = 0;
        for ($y = 0; $y <= $rows; $y++) {
            $differs = $y < $rows && array_sum(array_map(static fn(int $a, int $b): int => abs($a - $b), self::pixel($image, $x, $y), $ground)) > self::DIFFERS;
            $gap = $differs ? 0 : $gap + 1;
            if ($differs) {
                $from ??= $y;
            } elseif ($from !== null && ($gap > 6 || $y === $rows)) {
                // The edge lies behind the last row that differs.
                if ($best === null || $y - $gap + 1 - $from > $best[1] - $best[0]) {
                    $best = [$from, $y - $gap + 1];
                }
                $from = null;
            }
        }

        return $best;
    }

    /** @return array{int, int, int} */
    private static function pixel(\GdImage $image, int $x, int $y): array
    {
        $colour = (int) imagecolorat($image, $x, $y);

        return [$colour >> 16 & 255, $colour >> 8 & 255, $colour & 255];
    }
}
