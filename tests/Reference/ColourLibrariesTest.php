<?php

declare(strict_types=1);

namespace Tests\Reference;

use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Colour\Lab;
use Symfony\Component\Process\Process;

// Two general colour libraries from npm, run by Node: culori and colorjs.io.

function referenceColours(): array
{
    static $rows = null;
    if ($rows === null) {
        $process = new Process(['node', __DIR__.'/colours.mjs']);
        $process->mustRun();
        $rows = json_decode($process->getOutput(), true, 512, JSON_THROW_ON_ERROR);
    }

    return $rows;
}

it('agrees with culori on CIELAB of 3000 random colours', function (): void {
    $worst = 0.0;
    foreach (referenceColours() as $row) {
        $lab = Colour::fromHex($row['a'])->lab;
        $worst = max($worst, abs($lab->l - $row['lab'][0]), abs($lab->a - $row['lab'][1]), abs($lab->b - $row['lab'][2]));
    }
    expect(\count(referenceColours()))->toBe(3000)->and($worst)->toBeLessThan(0.02);
});

it('agrees with culori and colorjs.io on CIEDE2000 of 3000 random pairs', function (): void {
    $worst = 0.0;
    foreach (referenceColours() as $row) {
        $ours = DeltaE2000::between(Colour::fromHex($row['a'])->lab, Colour::fromHex($row['b'])->lab);
        $underD50 = DeltaE2000::between(new Lab(...$row['labsD50'][0]), new Lab(...$row['labsD50'][1]));
        $worst = max($worst, abs($ours - $row['culori']), abs($underD50 - $row['colorjs']));
    }
    expect($worst)->toBeLessThan(0.02);
});
