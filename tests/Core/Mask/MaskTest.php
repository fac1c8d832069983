<?php

declare(strict_types=1);

namespace Tests\Core\Mask;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Calculator\Examples;
use Hawkbrush\Core\Flat\PathText;
use Hawkbrush\Core\Flat\SvgReader;
use Hawkbrush\Core\Mask\Label;
use Hawkbrush\Core\Mask\Labels;
use Hawkbrush\Core\Mask\Plate;
use Hawkbrush\Core\Mask\Sheet;
use Hawkbrush\Core\Mask\SheetSvg;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Cut;
use Hawkbrush\Core\Technique\Technique;
use Hawkbrush\Core\Technique\Techniques;

/** @param array<string, mixed> $settings */
function plate(string $technique, array $settings = [], string $name = 'Test'): Plate
{
    $cut = Techniques::named($technique);
    \assert($cut instanceof Cut);
    $surface = Surface::of(Body::read(Node::root(Examples::body() + ['marks' => ['gill_u' => 0.25, 'hooks_u' => [0.4]]])), 128, 64);

    return Plate::of($name, $cut, Choices::read($cut, Node::root($settings)), 1, $surface);
}

it('cuts every technique that is cut, left and right mirror images, inside its frame', function (Technique $technique): void {
    $left = plate($technique->name());
    $right = $left->mirrored();
    [$x, $y, $toX, $toY] = $left->openings->bounds();
    expect($left->openings->areaMm2())->toBeGreaterThan(1.0)
        ->and([$x, $y])->toEqualWithDelta([Plate::RIM_MM, Plate::RIM_MM], 1e-6)
        ->and([$left->widthMm - $toX, $left->heightMm - $toY])->toEqualWithDelta([Plate::RIM_MM, Plate::RIM_MM], 1e-6)
        ->and($right->openings->areaMm2())->toEqualWithDelta($left->openings->areaMm2(), 1e-6)
        ->and($right->mirrored()->openings->rings)->toEqualWithDelta($left->openings->rings, 1e-6);
})->with(array_values(array_map(
    static fn(Technique $t): array => [$t],
    array_filter(Techniques::all(), static fn(Technique $t): bool => $t instanceof Cut),
)));

it('names the marks of the body inside the frame, and where the mask is laid', function (): void {
    $plate = plate('circles', ['count' => 3, 'diameter_mm' => 4, 'from_u' => 0.28, 'to_u' => 0.6, 'deg' => 90]);
    $gill = array_column($plate->uprights, 1, 0)['the gill edge'];
    // The first circle stands at 0.28 of 65 mm, 1.95 mm behind the gill edge; 2 mm of radius and the rim lie before its middle.
    expect($gill)->toEqualWithDelta(Plate::RIM_MM + 2 - 0.03 * 65, 0.01)
        ->and($plate->midline)->toEqualWithDelta(Plate::RIM_MM + 2, 0.05)
        ->and($plate->index)->toBe([
            'Middle of the first circle: 2.0 mm behind the gill edge, on the midline',
            'Middle of the last circle: 13.0 mm behind the hook hanger, on the midline',
        ]);
});

it('lays the signs of its notches over no other sign and no notch, however close the marks stand', function (array $hooks): void {
    $cut = Techniques::named('bars');
    \assert($cut instanceof Cut);
    $body = Body::read(Node::root(Examples::body() + ['marks' => ['gill_u' => 0.25, 'hooks_u' => $hooks, 'joints_u' => [0.93]]]));
    $left = Plate::of('Test', $cut, Choices::read($cut, Node::root(['to_u' => 0.95])), 1, Surface::of($body, 128, 64));
    foreach ([$left, $left->mirrored()] as $plate) {
        $signs = array_values(array_filter(Labels::of($plate), static fn(Label $one): bool => $one->y < $plate->heightMm));
        expect($signs)->toHaveCount(\count($plate->uprights) + 1)->and(Labels::key($plate))->toContain('m midline')->toContain('gill edge');
        foreach ($signs as $i => $sign) {
            foreach (\array_slice($signs, $i + 1) as $other) {
                expect($sign->overlaps($other))->toBeFalse("{$sign->text} over {$other->text}");
            }
            foreach ($plate->uprights as [$mark, $at]) {
                expect($sign->isCut($at, 0, Labels::NOTCH_MM))->toBeFalse("{$sign->text} over the notch of {$mark}");
            }
        }
    }
})->with([[[0.4]], [[0.4, 0.985]], [[0.4, 0.42, 0.985]], [[0.3, 0.32, 0.6, 0.95, 0.98]]]);

it('knows a mask that serves in place of another', function (): void {
    $spot = plate('punch', ['long_mm' => 5]);
    expect($spot->servedBy(plate('punch', ['long_mm' => 5.2, 'u' => 0.6])))->toBeTrue()
        ->and($spot->servedBy(plate('punch', ['long_mm' => 6])))->toBeFalse()
        ->and($spot->servedBy(plate('punch', ['long_mm' => 5, 'shape' => 'diamond'])))->toBeFalse()
        ->and(plate('circles', ['count' => 5])->servedBy(plate('circles', ['count' => 6])))->toBeFalse();
});

it('lays any number of plates out without overlap, inside the paper, above the check line', function (string $paper): void {
    $plates = [];
    foreach ([6, 12, 3, 9, 20, 5, 7, 15, 4, 11, 8, 10] as $i => $mm) {
        $plate = plate(
            $i % 2 === 0 ? 'punch' : 'circles',
            $i % 2 === 0 ? ['long_mm' => $mm] : ['diameter_mm' => $mm, 'count' => 3],
            "Mask {$i}",
        );
        array_push($plates, $plate, $plate->mirrored());
    }
    $sheet = Sheet::lay($plates, $paper);
    $laid = 0;
    foreach ($sheet->pages as $page) {
        foreach ($page as $i => [$plate, $x, $y]) {
            $laid++;
            expect($x)->toBeGreaterThanOrEqual(5.0)->and($x + $plate->spanMm())->toBeLessThanOrEqual($sheet->widthMm - 5)
                ->and($y + $plate->tallMm())->toBeLessThanOrEqual($sheet->checkAt()[1]);
            foreach (\array_slice($page, $i + 1) as [$other, $ox, $oy]) {
                $apart = $x + $plate->spanMm() <= $ox
                    || $ox + $other->spanMm() <= $x
                    || $y + $plate->tallMm() <= $oy
                    || $oy + $other->tallMm() <= $y;
                expect($apart)->toBeTrue();
            }
        }
    }
    expect($laid)->toBe(24);
})->with(array_keys(Sheet::PAPERS));

it('refuses a mask larger than the paper, and rolls out as long as it must for a cutter', function (): void {
    $long = plate('outline', ['long_mm' => 250], 'Long one');
    expect(fn() => Sheet::lay([$long], 'A4'))->toThrow(Refused::class, '“Long one” is 264 by');
    $roll = Sheet::roll([$long, $long->mirrored()], 'A4');
    expect($roll->widthMm)->toBeGreaterThan(264.0)->and($roll->pages)->toHaveCount(1);
});

it('exports a mask of 37 mm as 37 mm in the SVG, to 0.1 mm', function (): void {
    $svg = SheetSvg::page(Sheet::roll([plate('punch', ['long_mm' => 37])], 'A4'), 0);
    // Read back by the reader of own outlines, which goes by the file's own units.
    $cut = (string) preg_replace('/<g id="read".*<\/g>/s', '', $svg);
    $hole = SvgReader::read((string) preg_replace('/<rect[^>]*>/', '', $cut))->shape;
    expect($hole->width())->toEqualWithDelta(37.0, 0.05)->and($hole->height())->toEqualWithDelta(37.0, 0.05)
        ->and($svg)->toContain('mm"')->and($svg)->toMatch('/M[\d.]+ [\d.]+H[\d.]+/');
    preg_match('/<path d="M([\d.]+) [\d.]+H([\d.]+)M/', $svg, $line);
    expect((float) $line[2] - (float) $line[1])->toEqualWithDelta(50.0, 1e-6);
});

it('writes a name as text, never as markup', function (): void {
    $svg = SheetSvg::page(Sheet::roll([plate('punch', [], '<script>"&')], 'A4'), 0);
    expect($svg)->not->toContain('<script>')->toContain('&lt;script&gt;')
        ->and(simplexml_load_string($svg))->not->toBeFalse();
});

it('keeps an own outline as it was given, at the length that was asked for', function (): void {
    $given = 'M0 0L8 0L10 3L2 5Z';
    $plate = plate('outline', ['outline' => $given, 'long_mm' => 20]);
    expect($plate->openings->width())->toEqualWithDelta(20.0, 1e-6)
        ->and($plate->openings->height())->toEqualWithDelta(10.0, 1e-6)
        ->and(PathText::rings($given)[0])->toHaveCount(\count($plate->openings->rings[0]));
    expect(fn() => plate('outline', ['outline' => 'M0 0L10 8L10 0L0 6Z']))->toThrow(Refused::class, 'crosses itself');
});
