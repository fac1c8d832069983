<?php

declare(strict_types=1);

namespace Tests\Core\Exchange;

use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\Lab;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Exchange\Bottle;
use Hawkbrush\Core\Exchange\Cgats;
use Hawkbrush\Core\Exchange\Csv;
use Hawkbrush\Core\Exchange\GimpPalette;
use Hawkbrush\Core\Exchange\Light;
use Hawkbrush\Core\Exchange\RackCsv;
use Hawkbrush\Core\Exchange\Reading;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Refused;

function shelfBottle(string $name, ?string $opened = null): Bottle
{
    return new Bottle($name, Kind::Pearl, '#a9c8de', 'water-borne acrylic', 'satin', 0.305, 0.048, 30.0, 12.25, $opened);
}

it('reads back the table it writes', function (): void {
    $slow = new Bottle('Slow', Kind::Opaque, '#f4f4f0', 'craft acrylic', 'matte', 0.4, 0.05, 60.0, 60.0, null, 1.35);
    $rack = [shelfBottle('Heron blue', '2026-03-01'), shelfBottle('Brass, "old"; second'), shelfBottle("Two\nlines"), $slow];
    expect(RackCsv::read(RackCsv::write($rack)))->toEqual($rack);
});

it('writes no cell that a spreadsheet would run, and reads it back as it was', function (string $name): void {
    $text = RackCsv::write([shelfBottle($name)]);
    foreach (preg_split('/\r\n/', $text) as $line) {
        expect($line)->not->toMatch('/(^|,)"?[=+@\t]/');
    }
    expect(RackCsv::read($text)[0]->name)->toBe($name);
})->with(['=HYPERLINK("x")', '+1+1', '-2+3', '@SUM(A1)', "'already quoted"]);

it('reads a table as a spreadsheet saves it', function (): void {
    $text = "\u{FEFF}Kind;Name;Swatch (hex);Left (ml)\r\nopaque;White;#F4F4F0;7.5\r\n;;;\r\n";
    [$white] = RackCsv::read($text);
    expect($white->name)->toBe('White')
        ->and($white->hex)->toBe('#f4f4f0')
        ->and($white->leftMl)->toBe(7.5)
        ->and($white->bottleMl)->toBe(30.0);
});

it('refuses a table with the line and the reason', function (string $text, string $reason): void {
    expect(fn() => RackCsv::read($text))->toThrow(Refused::class, $reason);
})->with([
    'empty' => ['', 'empty'],
    'a column nobody knows' => ["Name,Kind,Swatch (hex),Price\n", 'Price'],
    'a column missing' => ["Name,Kind\n", 'Swatch (hex)'],
    'a kind nobody knows' => ["Name,Kind,Swatch (hex)\nWhite,opaque,#ffffff\nMoss,sticky,#334433\n", 'Line 3'],
    'no colour' => ["Name,Kind,Swatch (hex)\nWhite,opaque,white\n", 'Line 2'],
    'no day' => ["Name,Kind,Swatch (hex),Opened on\nWhite,opaque,#ffffff,2026-02-30\n", 'Line 2'],
    'a quotation left open' => ["Name,Kind,Swatch (hex)\n\"White,opaque,#ffffff\n", 'quotation'],
]);

it('splits cells as RFC 4180 has it', function (): void {
    expect(Csv::read("a,\"b,\"\"c\"\"\",\r\n\"d\ne\",f,g"))->toBe([['a', 'b,"c"', ''], ["d\ne", 'f', 'g']]);
});

it('reads back the palette it writes', function (): void {
    $colours = [['Moss', '#4d6340'], ['Wine red', '#b3202c'], ['No name	here', '#000000']];
    $read = GimpPalette::read(GimpPalette::write('Autumn', $colours));
    expect($read)->toBe(['name' => 'Autumn', 'colours' => [['Moss', '#4d6340'], ['Wine red', '#b3202c'], ['No name here', '#000000']]]);
});

it('reads palettes of other hands and refuses what is none', function (): void {
    $read = GimpPalette::read("GIMP Palette\r\nName: Small\r\n#\r\n255   0  10 Red one\r\n  1 2 3\r\n");
    expect($read['colours'])->toBe([['Red one', '#ff000a'], ['Untitled', '#010203']])
        ->and(fn() => GimpPalette::read('{"a": 1}'))->toThrow(Refused::class, 'GIMP Palette')
        ->and(fn() => GimpPalette::read("GIMP Palette\n300 0 0 Too red\n"))->toThrow(Refused::class, 'Line 2');
});

it('reads back the very numbers it measured', function (): void {
    $curve = Spectrum::of(array_map(static fn(int $i): float => 0.03 + 0.9 * (sin($i / 3) ** 2) / 1.1, range(0, 30)));
    $written = Cgats::write([new Reading('Moss, on "white"', Colour::fromReflectance($curve), true)]);
    [$back] = Cgats::read($written);
    $lab = Cgats::read(Cgats::write([new Reading('Gold', Colour::fromLab(new Lab(61.25, 4.1, 33.7)), false)]))[0];
    expect($back->colour->reflectance()->values)->toBe($curve->values)
        ->and($back->name)->toBe("Moss, on 'white'")
        ->and($lab->colour->lab)->toEqual(new Lab(61.25, 4.1, 33.7))
        ->and($lab->spectral)->toBeFalse()
        ->and($written)->toStartWith("CGATS.17\n")->toContain('NUMBER_OF_SETS 1');
});

it('reads percent, other steps and other names of fields', function (): void {
    $nms = range(380, 720, 20);
    $text = "CGATS.17\nNUMBER_OF_FIELDS ".(\count($nms) + 1)."\nBEGIN_DATA_FORMAT\nSAMPLE_ID ".implode(
        ' ',
        array_map(static fn(int $nm): string => "nm{$nm}", $nms),
    )
        ."\nEND_DATA_FORMAT\nNUMBER_OF_SETS 1\nBEGIN_DATA\nA1 ".implode(
            ' ',
            array_map(static fn(int $nm): string => (string) (($nm - 380) / 4), $nms),
        )."\nEND_DATA\n";
    [$read] = Cgats::read($text);
    expect($read->name)->toBe('A1')
        ->and($read->colour->reflectance()->values[0])->toEqualWithDelta(0.05, 1e-9)
        ->and($read->colour->reflectance()->values[1])->toEqualWithDelta(0.075, 1e-9)
        ->and($read->colour->reflectance()->values[30])->toEqualWithDelta(0.8, 1e-9);
});

/** @param callable(int): float $at share of the light by nm */
function measuredCurve(callable $at): string
{
    $nms = range(400, 700, 10);

    return "BEGIN_DATA_FORMAT\nSAMPLE_ID ".implode(' ', array_map(static fn(int $nm): string => "NM{$nm}", $nms))
        ."\nEND_DATA_FORMAT\nBEGIN_DATA\nA1 ".implode(' ', array_map(static fn(int $nm): string => (string) $at($nm), $nms))."\nEND_DATA\n";
}

/** A file of one colour. */
function oneColour(string $head, string $fields, string $values): string
{
    return "{$head}BEGIN_DATA_FORMAT\nSAMPLE_ID {$fields}\nEND_DATA_FORMAT\nBEGIN_DATA\nA1 {$values}\nEND_DATA\n";
}

it('takes L*a*b* and X, Y, Z for D50 unless the file says D65, and adapts them', function (): void {
    // The red of sRGB: X, Y, Z 0.4124, 0.2126, 0.0193 under D65 (IEC 61966-2-1), adapted to D50 0.4361, 0.2225, 0.0139 (the
    // colorants of an sRGB profile as ISO 15076-1 defines them).
    $red = Cgats::read(oneColour('', 'XYZ_X XYZ_Y XYZ_Z', '43.61 22.25 1.39'))[0]->colour->lab->toXyz();
    expect([$red->x, $red->y, $red->z])->toEqualWithDelta([41.24, 21.26, 1.93], 0.03);
    // Greys stay greys, and only the light of L*a*b* that is said to be D65 is left as it is.
    $grey = Cgats::read(oneColour('', 'LAB_L LAB_A LAB_B', '60 0 0'))[0]->colour->lab;
    $said = oneColour("WEIGHTING_FUNCTION \"ILLUMINANT, D65\"\n", 'LAB_L LAB_A LAB_B', '60 20 -30');
    $other = oneColour('', 'LAB_L LAB_A LAB_B', '60 20 -30');
    $d50 = Cgats::read($other)[0]->colour->lab;
    expect([$grey->l, $grey->a, $grey->b])->toEqualWithDelta([60, 0, 0], 1e-3)
        ->and(Cgats::read($said)[0]->colour->lab)->toEqual(new Lab(60, 20, -30))
        ->and(Cgats::read($other, Light::D65)[0]->colour->lab)->toEqual(new Lab(60, 20, -30))
        ->and(abs($d50->a - 20) + abs($d50->b + 30))->toBeGreaterThan(1)
        ->and(Light::stated($said))->toBe(Light::D65)->and(Light::stated($other))->toBeNull()
        ->and(Light::stated("WEIGHTING_FUNCTION \"ILLUMINANT, D50\"\n"))->toBe(Light::D50);
});

it('takes no paint for a lamp', function (): void {
    // As steep as pigments are: from dark to bright within 30 nm.
    $steep = measuredCurve(static fn(int $nm): float => round(0.04 + 0.8 / (1 + exp(-($nm - 580) / 8)), 4));
    expect(Cgats::read($steep))->toHaveCount(1);
});

it('refuses what is no measurement', function (string $text, string $reason): void {
    expect(fn() => Cgats::read($text))->toThrow(Refused::class, $reason);
})->with([
    'nothing' => ['', 'no CGATS text'],
    'neither curve nor Lab' => ["BEGIN_DATA_FORMAT\nSAMPLE_ID RGB_R\nEND_DATA_FORMAT\nBEGIN_DATA\n1 2\nEND_DATA", 'neither'],
    'what says that it is a lamp' => [
        "MEAS_TYPE \"EMISSION\"\nBEGIN_DATA_FORMAT\nLAB_L LAB_A LAB_B\nEND_DATA_FORMAT\nBEGIN_DATA\n1 2 3\nEND_DATA",
        'a lamp or a screen',
    ],
    'what is described as one' => [
        "DESCRIPTOR \"Bench lamp\"\nBEGIN_DATA_FORMAT\nLAB_L LAB_A LAB_B\nEND_DATA_FORMAT\nBEGIN_DATA\n1 2 3\nEND_DATA",
        'a lamp or a screen',
    ],
    'what shows a line of mercury' => [measuredCurve(static fn(int $nm): float => $nm === 540 ? 0.9 : 0.2), 'at 540 nm'],
    'a field missing' => [
        "BEGIN_DATA_FORMAT\nSAMPLE_ID LAB_L LAB_A LAB_B\nEND_DATA_FORMAT\nBEGIN_DATA\n1 2 3\nEND_DATA",
        '4 were announced',
    ],
    'a word for a number' => ["BEGIN_DATA_FORMAT\nLAB_L LAB_A LAB_B\nEND_DATA_FORMAT\nBEGIN_DATA\n1 two 3\nEND_DATA", 'two'],
]);
