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

it('refuses what is no measurement', function (string $text, string $reason): void {
    expect(fn() => Cgats::read($text))->toThrow(Refused::class, $reason);
})->with([
    'nothing' => ['', 'no CGATS text'],
    'neither curve nor Lab' => ["BEGIN_DATA_FORMAT\nSAMPLE_ID RGB_R\nEND_DATA_FORMAT\nBEGIN_DATA\n1 2\nEND_DATA", 'neither'],
    'another light' => [
        "WEIGHTING_FUNCTION \"ILLUMINANT, D50\"\nBEGIN_DATA_FORMAT\nLAB_L LAB_A LAB_B\nEND_DATA_FORMAT\nBEGIN_DATA\n1 2 3\nEND_DATA",
        'D50',
    ],
    'a field missing' => [
        "BEGIN_DATA_FORMAT\nSAMPLE_ID LAB_L LAB_A LAB_B\nEND_DATA_FORMAT\nBEGIN_DATA\n1 2 3\nEND_DATA",
        '4 were announced',
    ],
    'a word for a number' => ["BEGIN_DATA_FORMAT\nLAB_L LAB_A LAB_B\nEND_DATA_FORMAT\nBEGIN_DATA\n1 two 3\nEND_DATA", 'two'],
]);
