<?php

declare(strict_types=1);

namespace Tests\Core\Body;

use Hawkbrush\Core\Body\Silhouette;
use Hawkbrush\Core\Exchange\SvgOutline;
use Hawkbrush\Core\Refused;

/**
 * A picture 100 pixels wide of an ellipse on a plain ground, with a spot of glare in it and a speck beside it.
 *
 * @return list<int>
 */
function ellipseOn(int $ground, int $bait, int $glare): array
{
    $pixels = [];
    for ($y = 0; $y < 60; $y++) {
        for ($x = 0; $x < 100; $x++) {
            $inside = (($x - 49.5) / 40) ** 2 + (($y - 29.5) / 15) ** 2 < 1;
            $pixels[] = match (true) {
                $x === 3 && $y === 30 => $bait,
                $inside && abs($x - 50) < 3 && abs($y - 25) < 3 => $glare,
                $inside => $bait,
                default => $ground,
            };
        }
    }

    return $pixels;
}

it('finds the ends and edges of a bait on a plain ground', function (int $ground, int $bait): void {
    ['nose' => $nose, 'tail' => $tail, 'upper' => $upper, 'lower' => $lower] = Silhouette::find(ellipseOn($ground, $bait, $ground), 100);
    // An ellipse of half axes 40 and 15 about (49.5, 29.5), in pixels of a hundredth.
    expect($nose[0])->toEqualWithDelta(0.1, 0.011)->and($tail[0])->toEqualWithDelta(0.9, 0.011)
        ->and($nose[1])->toEqualWithDelta(0.295, 0.02);
    foreach ($upper as $i => [$x, $y]) {
        $half = 0.15 * sqrt(max(0, 1 - (($x - 0.495) / 0.4) ** 2));
        expect($y)->toEqualWithDelta(0.3 - $half, 0.02)->and($lower[$i][1])->toEqualWithDelta(0.3 + $half, 0.02);
    }
    expect(\count($upper))->toBe(Silhouette::POINTS - 1);
})->with([[0x8D8D8B, 0x30583A], [0x101010, 0xE8E0D0], [0xF4F3F0, 0xC02020]]);

it('says so when nothing stands out', function (): void {
    expect(fn(): array => Silhouette::find(ellipseOn(0x808080, 0x858585, 0x808080), 100))->toThrow(Refused::class, 'No bait stands out');
});

it('takes the outline of an SVG with its edges in order', function (): void {
    ['outline' => $outline] = SvgOutline::read(
        '<svg xmlns="http://www.w3.org/2000/svg" width="80mm" height="20mm" viewBox="0 0 80 20"><path d="M0 10L40 0L80 10L40 20Z"/></svg>',
    );
    expect($outline['nose'])->toEqualWithDelta([0.0, 10.0], 1e-3)->and($outline['tail'])->toEqualWithDelta([80.0, 10.0], 1e-3)
        ->and($outline['upper'][6][0])->toEqualWithDelta(40, 1e-6)
            ->and($outline['upper'][6][1])->toEqualWithDelta(0, 1e-6)
            ->and($outline['lower'][6][1])->toEqualWithDelta(20, 1e-6);
});

it('follows a pointed bait to its tips, and no wire beyond', function (int $wirePx): void {
    // A spindle of 400 pixels, pointed at both ends, with a line tie of so many pixels before its nose.
    $pixels = [];
    for ($y = 0; $y < 120; $y++) {
        for ($x = 0; $x < 400; $x++) {
            $half = 30 * sin(M_PI * max(0, min(1, ($x + 0.5 - 40) / 320))) ** 1.2;
            $wire = $wirePx > 0 && $x < 44 && $x > 10 && $y >= 60 && $y < 60 + $wirePx;
            $pixels[] = abs($y + 0.5 - 60) < $half || $wire ? 0x305030 : 0xE0E0E0;
        }
    }
    ['nose' => [$nose], 'tail' => [$tail]] = Silhouette::find($pixels, 400);
    // It runs from 40 to 360, and is half a pixel thick from 43 to 357; it ended at 50 and 350.
    expect(400 * $nose)->toEqualWithDelta(43, $wirePx > 0 ? 5 : 1.5)->and(400 * $tail)->toEqualWithDelta(357, 1.5);
})->with([0, 2, 3]);
