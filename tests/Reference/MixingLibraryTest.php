<?php

declare(strict_types=1);

namespace Tests\Reference;

use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Film\DuncanMixing;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Film\Masstone;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Film\Unmeasured;
use Symfony\Component\Process\Process;

// spectral.js from npm, run by Node: Kubelka-Munk mixing with curves and weights of its own. It weighs colours by their
// lightness, we by pigment, so the mixes are not the same colours; but they must turn the same way.

/** @return list<array{a: string, b: string, mixed: string}> */
function mixesOfLibrary(): array
{
    static $rows = null;

    return $rows ??= json_decode((new Process(['node', __DIR__.'/mixes.mjs']))->mustRun()->getOutput(), true, 512, JSON_THROW_ON_ERROR);
}

it('turns hues the way spectral.js turns them', function (): void {
    $turns = [];
    foreach (mixesOfLibrary() as $row) {
        $optics = static fn(string $hex): Optics => Unmeasured::optics(Colour::fromHex($hex)->reflectance(), Kind::SemiOpaque);
        $ours = Colour::fromReflectance(Masstone::of(DuncanMixing::mix([[$optics($row['a']), 1.0], [$optics($row['b']), 1.0]])))->lab;
        $theirs = Colour::fromHex($row['mixed'])->lab;
        // Of a grey there is no hue to speak of.
        if (min($ours->chroma(), $theirs->chroma()) > 15) {
            $turns[] = abs(fmod($ours->hue() - $theirs->hue() + 540, 360) - 180);
        }
    }
    sort($turns);
    expect(\count(mixesOfLibrary()))->toBe(36)
        ->and(\count($turns))->toBeGreaterThan(26)
        ->and($turns[intdiv(\count($turns), 2)])->toBeLessThan(10)
        ->and(end($turns))->toBeLessThan(50);
});

it('mixes the families painters name', function (string $a, string $b, float $from, float $to): void {
    $optics = static fn(string $hex): Optics => Unmeasured::optics(Colour::fromHex($hex)->reflectance(), Kind::SemiOpaque);
    $hue = Colour::fromReflectance(Masstone::of(DuncanMixing::mix([[$optics($a), 1.0], [$optics($b), 1.0]])))->lab->hue();
    expect($hue)->toBeGreaterThan($from)->toBeLessThan($to);
})->with([
    // Common practice, no published source.
    'blue and yellow make green' => ['#1f4fa8', '#f2d21b', 110, 190],
    'red and yellow make orange' => ['#c8202a', '#f2d21b', 35, 75],
    'red and violet make a deep red' => ['#c8202a', '#6b2f86', 340 - 360, 30],
    'white makes a red pink, not orange' => ['#c8202a', '#efefe8', 0, 36],
]);
