<?php

declare(strict_types=1);

namespace Tests\Core\Flat;

use Hawkbrush\Core\Flat\Arc;
use Hawkbrush\Core\Flat\PathText;
use Hawkbrush\Core\Flat\Shape;
use Hawkbrush\Core\Flat\Simple;
use Hawkbrush\Core\Flat\SvgReader;
use Hawkbrush\Core\Flat\Thin;
use Hawkbrush\Core\Refused;

function svg(string $inside, string $attributes = 'width="100mm" height="50mm" viewBox="0 0 100 50"'): string
{
    return "<svg xmlns=\"http://www.w3.org/2000/svg\" {$attributes}>{$inside}</svg>";
}

it('measures a ring of 40 mm with a core of 20 mm: pi (20^2 - 10^2) (closed form)', function (): void {
    $ring = Shape::of([Arc::ring(5, 5, 20, 20), Arc::ring(5, 5, 10, 10)]);
    expect($ring->areaMm2())->toEqualWithDelta(M_PI * 300, M_PI * 300 * 3e-3)
        ->and($ring->width())->toEqualWithDelta(40.0, 1e-9)
        ->and($ring->contains(5 + 15, 5))->toBeTrue()
        ->and($ring->contains(5, 5))->toBeFalse()
        ->and($ring->crossings(5.1))->toHaveCount(4);
});

it('moves, grows, turns and mirrors without changing the area but as it must', function (): void {
    $shape = Shape::of([[[0.0, 0.0], [6.0, 0.0], [0.0, 3.0]]]);
    expect($shape->scaled(2)->areaMm2())->toEqualWithDelta(36.0, 1e-9)
        ->and($shape->turned(90)->bounds())->toEqualWithDelta([-3.0, 0.0, 0.0, 6.0], 1e-9)
        ->and($shape->mirrored()->bounds())->toEqualWithDelta([-6.0, 0.0, 0.0, 3.0], 1e-9)
        ->and($shape->centred()->bounds())->toEqualWithDelta([-3.0, -1.5, 3.0, 1.5], 1e-9);
});

it('reads every command of path data (SVG 2, 9.3), absolute and relative alike', function (string $absolute, string $relative): void {
    $one = PathText::rings($absolute);
    expect(PathText::rings($relative))->toEqualWithDelta($one, 1e-9)->and($one)->not->toBe([]);
})->with([
    'lines' => ['M1 1L5 1V4H1Z', 'm1 1l4 0v3h-4z'],
    'more lines after a move' => ['M1 1 5 1 5 4Z', 'm1,1 4,0 0,3z'],
    'cubics and their mirror' => ['M0 0C1 2 3 2 4 0S7 -2 8 0Z', 'm0 0c1 2 3 2 4 0s3-2 4 0z'],
    'quadratics and their mirror' => ['M0 0Q2 3 4 0T8 0Z', 'm0 0q2 3 4 0t4 0z'],
    'arcs' => ['M0 0A5 3 20 0 1 6 4L0 4Z', 'm0 0a5 3 20 0 1 6 4l-6 0z'],
    'arc flags without a space' => ['M0 0A5 5 0 1 1 6 4Z', 'm0 0a5 5 0 116 4z'],
    'two rings' => ['M0 0L4 0L4 4ZM6 6L8 6L8 8Z', 'm0 0l4 0l0 4zm6 6l2 0l0 2z'],
]);

it('draws a half circle as SVG’s arc does: its top at the radius', function (): void {
    $points = PathText::rings('M0 0A10 10 0 0 1 20 0Z')[0];
    expect(min(array_column($points, 1)))->toEqualWithDelta(-10.0, 0.02);
    foreach ($points as [$x, $y]) {
        expect(hypot($x - 10, $y))->toEqualWithDelta(10.0, 1e-6);
    }
});

it('writes what it reads', function (): void {
    $shape = Shape::of(PathText::rings('M0 0L10.25 0L10.25 4.5L0 4.5ZM2 1L4 1L4 3Z'));
    expect(PathText::write(Shape::of(PathText::rings(PathText::write($shape)))))->toBe(PathText::write($shape));
});

it('refuses what is no path', function (string $path): void {
    expect(fn() => Shape::of(PathText::rings($path)))->toThrow(Refused::class);
})->with(['', 'hello', 'L1 1', 'M0 0L1', 'M0 0L4 4', 'M0 0L1 0L2 0Z', 'M0 0X9', 'M0 0L1e999 0L4 4Z']);

it('refuses lines that cross, and says where', function (): void {
    expect(fn() => Simple::check(Shape::of(PathText::rings('M0 0L10 8L10 0L0 6Z'))))->toThrow(Refused::class, 'crosses itself near');
    expect(Simple::check(Shape::of(PathText::rings('M0 0L10 0L10 8L5 3L0 8Z')))->areaMm2())->toEqualWithDelta(55.0, 1e-9);
});

it('takes corners out that a knife could not follow, and keeps the form', function (): void {
    $round = Arc::ring(0, 0, 10, 10);
    $straight = [[0.0, 0.0], [1.0, 0.001], [2.0, -0.001], [3.0, 0.0], [3.0, 2.0], [0.0, 2.0]];
    expect(Thin::rings([$straight])[0])->toHaveCount(4)
        ->and(Shape::of(Thin::rings([$round]))->areaMm2())->toEqualWithDelta(Shape::of([$round])->areaMm2(), 2.0);
});

it('reads an SVG at its true size, whatever its units', function (string $attributes, float $mm): void {
    expect(SvgReader::read(svg('<rect x="10" y="5" width="20" height="8"/>', $attributes))->shape->width())->toEqualWithDelta($mm, 1e-6);
})->with([
    'mm and a box' => ['width="100mm" height="50mm" viewBox="0 0 100 50"', 20.0],
    'cm' => ['width="10cm" height="5cm" viewBox="0 0 200 100"', 10.0],
    'inches' => ['width="1in" height="1in" viewBox="0 0 10 10"', 50.8],
    'pixels of 1/96 in (CSS)' => ['width="96" height="96" viewBox="0 0 96 96"', 20 * 25.4 / 96],
    'nothing said' => ['', 20 * 25.4 / 96],
    'not stretched' => ['width="100mm" height="100mm" viewBox="0 0 100 50"', 20.0],
]);

it('follows groups and transforms, and knows every plain form', function (): void {
    $moved = SvgReader::read(svg('<g transform="translate(10 5) rotate(90)"><path d="M0 0L20 0L20 4L0 4Z"/></g>'))->shape->bounds();
    expect($moved)->toEqualWithDelta([6.0, 5.0, 10.0, 25.0], 1e-6);
    $scaled = SvgReader::read(svg('<ellipse cx="5" cy="5" rx="4" ry="2" transform="scale(2)"/>'))->shape;
    expect($scaled->width())->toEqualWithDelta(16.0, 0.05)
        ->and(SvgReader::read(svg('<polygon points="0,0 10,0 10,4"/>'))->shape->areaMm2())->toEqualWithDelta(20.0, 1e-6)
        ->and(
            SvgReader::read(svg('<circle cx="9" cy="9" r="3" transform="matrix(1 0 0 1 5 0) skewX(0)"/>'))->shape->bounds()[0],
        )->toEqualWithDelta(11.0, 0.05);
});

it('leaves out everything active or linked, and says so', function (): void {
    $read = SvgReader::read(svg('<script>alert(1)</script><image href="http://example.org/a.png"/><a href="javascript:x()"><path d="M0 0L9 0L9 9Z"/></a>'
        .'<foreignObject/><style>@import "x"</style><path d="M0 0L4 0L4 4Z" onload="x()"/>'));
    expect($read->shape->areaMm2())->toEqualWithDelta(8.0, 1e-6)
        ->and($read->dropped)->toContain('<script>', '<image>', '<a>', '<foreignobject>', '<style>', 'an action of <path>');
});

it('refuses a hostile or broken SVG with the reason', function (string $file, string $reason): void {
    expect(fn() => SvgReader::read($file))->toThrow(Refused::class, $reason);
})->with([
    'entities' => [
        '<!DOCTYPE svg [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;">]><svg xmlns="http://www.w3.org/2000/svg"><path d="&b;"/></svg>',
        'declares entities',
    ],
    'an external entity' => ['<!DOCTYPE svg [<!ENTITY x SYSTEM "file:///etc/passwd">]><svg/>', 'declares entities'],
    'not XML' => ['<svg', 'not an SVG'],
    'another document' => ['<html><body/></html>', 'not an SVG'],
    'nothing to cut' => [svg('<text>hello</text>'), 'no path'],
    'a bad path' => [svg('<path d="M0 0Lx"/>'), 'not path data'],
    'a bad transform' => [svg('<path transform="wobble(3)" d="M0 0L9 0L9 9Z"/>'), 'no transform'],
    'too many corners' => [
        svg('<path d="M0 0'.implode(
            '',
            array_map(static fn(int $i): string => 'L'.$i.' '.($i % 2 * 9 + 1), range(1, 4000)),
        ).'L4000 -90Z"/>'),
        'corners',
    ],
    'nested without end' => [svg(str_repeat('<g>', 60).'<path d="M0 0L9 0L9 9Z"/>'.str_repeat('</g>', 60)), 'nested'],
]);

it('says which letter is not path data, whole', function (): void {
    expect(static fn() => PathText::rings('M0 0L5 5ä'))->toThrow(Refused::class, '“ä” is not path data');
});
