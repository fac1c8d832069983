<?php

declare(strict_types=1);

namespace Tests\Core\Air;

use Hawkbrush\Core\Air\CleanFigures;
use Hawkbrush\Core\Air\CleanLevel;
use Hawkbrush\Core\Air\CleanOut;
use Hawkbrush\Core\Air\InCup;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

function cup(string $hex, Kind $kind = Kind::Opaque, bool $solvent = false): InCup
{
    return new InCup(Optics::read(Node::root(['hex' => $hex, 'kind' => $kind->value])), $kind, $solvent);
}

function cleaned(InCup $from, InCup $to, ?CleanFigures $figures = null): CleanOut
{
    return CleanOut::between($from, $to, $to->kind->ordinaryCoatUm(), FilmState::ground(array_fill(0, Spectrum::BANDS, 0.85)), $figures);
}

it('cleans as painters do', function (string $from, string $to, array $levels): void {
    // Common practice, no published source.
    expect(cleaned(cup($from), cup($to))->level->value)->toBeIn($levels);
})->with([
    'light white to dark brown' => ['#f2f2ee', '#3b2418', ['blow', 'rinse']],
    'brown to black' => ['#3b2418', '#111213', ['blow', 'rinse']],
    'yellow to orange' => ['#f2c51b', '#e07a1b', ['blow', 'rinse']],
    'black to white' => ['#111213', '#f2f2ee', ['flush']],
    'red to white' => ['#b3201f', '#f2f2ee', ['flush']],
    'white to red' => ['#f2f2ee', '#b3201f', ['rinse', 'flush']],
    'blue to yellow' => ['#1d3f9a', '#f2c51b', ['flush']],
]);

it('cleans see-through paints as well', function (): void {
    expect(cleaned(cup('#1d3f9a', Kind::Transparent), cup('#f2c51b', Kind::Transparent))->level)->toBe(CleanLevel::Flush)
        ->and(cleaned(cup('#3b2418', Kind::Transparent), cup('#111213'))->level)->toBe(CleanLevel::Blow);
});

it('has a word of its own on flakes, solvent and clear', function (InCup $from, InCup $to, string $why, CleanLevel $level): void {
    $clean = cleaned($from, $to);
    expect($clean->level)->toBe($level)->and(implode('; ', $clean->reasons))->toContain($why);
})->with([
    'silver before brown' => [fn() => cup('#c8c8c8', Kind::Metallic), fn() => cup('#3b2418'), 'flakes stay behind', CleanLevel::Flush],
    'brown before silver' => [fn() => cup('#3b2418'), fn() => cup('#c8c8c8', Kind::Metallic), 'dulls flakes', CleanLevel::Flush],
    'lacquer after water' => [fn() => cup('#3b2418'), fn() => cup('#111213', Kind::Opaque, true), 'curdle', CleanLevel::Strip],
    'before clear' => [fn() => cup('#f2f2ee'), fn() => cup('#ffffff', Kind::Medium), 'clear shows every trace', CleanLevel::Flush],
]);

it('leaves no more after a better clean, whatever the colours', function (): void {
    mt_srand(7);
    $any = static fn(): InCup => cup(\sprintf('#%06x', mt_rand(0, 0xFFFFFF)), Kind::cases()[mt_rand(0, 6)]);
    for ($i = 0; $i < 60; $i++) {
        $clean = cleaned($any(), $any());
        expect($clean->deltaE['strip'])->toBeLessThanOrEqual($clean->deltaE['flush'])
            ->and($clean->deltaE['flush'])->toBeLessThanOrEqual($clean->deltaE['rinse'])
            ->and($clean->deltaE['rinse'])->toBeLessThanOrEqual($clean->deltaE['blow'] + 1e-9)
            ->and($clean->reasons)->not->toBe([]);
    }
});

it('takes nothing for the same colour', function (): void {
    expect(cleaned(cup('#3b2418'), cup('#3b2418'))->deltaE['blow'])->toEqualWithDelta(0, 1e-6)
        ->and(cleaned(cup('#3b2418'), cup('#3b2418'))->level)->toBe(CleanLevel::Blow);
});

it('follows the figures of the shop', function (): void {
    $figures = CleanFigures::read(Node::root([
        'rinse' => ['left' => 0.0, 'minutes' => 2, 'cleaner_ml' => 6], 'flush' => ['left' => 0.0], 'strip' => ['left' => 0.0],
    ]));
    $clean = cleaned(cup('#111213'), cup('#f2f2ee'), $figures);
    expect($clean->level)->toBe(CleanLevel::Rinse)->and($clean->minutes)->toBe(2.0)->and($clean->cleanerMl)->toBe(6.0)
        ->and($figures->minutes(CleanLevel::Strip))->toBe(6.0)
        ->and(CleanFigures::usual()->all())->toBe(CleanFigures::USUAL);
});

it('refuses a better clean that leaves more', function (): void {
    expect(fn() => CleanFigures::read(Node::root(['rinse' => ['left' => 0.2]])))
        ->toThrow(fn(Refused $e) => expect($e->pointer)->toBe('/rinse/left'));
});

it('takes no airbrush apart between ordinary colours', function (InCup $from, InCup $to): void {
    // Common practice, no published source.
    expect(cleaned($from, $to)->level->value)->toBeIn(['rinse', 'flush']);
})->with([
    'white to gold' => [fn() => cup('#f2f2ee'), fn() => cup('#b08d3c', Kind::Metallic)],
    'gold to pearl copper' => [fn() => cup('#b08d3c', Kind::Metallic), fn() => cup('#a85f3a', Kind::Pearl)],
    'white to shimmer' => [fn() => cup('#f2f2ee'), fn() => cup('#c9ccd2', Kind::Metallic)],
]);

it('strips for colour only where a flush still shows', function (): void {
    $stripped = 0;
    $hexes = ['#f2f2ee', '#111213', '#b3201f', '#1d3f9a', '#f2c51b', '#3b2418', '#e07a1b', '#3f6b35', '#c8c8c8', '#d94f8a'];
    foreach ($hexes as $from) {
        foreach ($hexes as $to) {
            foreach ([Kind::Opaque, Kind::Transparent] as $kind) {
                $clean = cleaned(cup($from), cup($to, $kind));
                if ($clean->level === CleanLevel::Strip) {
                    $stripped++;
                    expect($clean->deltaE['flush'])->toBeGreaterThanOrEqual(1.0)->and($clean->reasons[0])->toMatch('/flushed|even cleaned/');
                }
            }
        }
    }
    // Of 180 changes of colour.
    expect($stripped)->toBeLessThanOrEqual(18);
});

it('reads figures that were kept before there was a flush', function (): void {
    $kept = ['blow' => ['left' => 0.08], 'rinse' => ['left' => 0.005], 'strip' => ['left' => 0.004]];
    expect(CleanFigures::read(Node::root($kept))->left(CleanLevel::Flush))->toBe(0.005)
        ->and(CleanFigures::read(Node::root(['strip' => ['left' => 0.01]]))->left(CleanLevel::Flush))->toBe(0.01);
});
