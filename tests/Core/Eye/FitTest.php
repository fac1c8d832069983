<?php

declare(strict_types=1);

namespace Tests\Core\Eye;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Eye\Fit;
use Tests\Build;

it('takes 5 or 6 mm on a bait of 65, and what fills a socket', function (): void {
    // Common practice, no published source.
    $head = array_column(Fit::sizes(Build::body(['length_mm' => 65])), 'diameter_mm');
    expect(min($head))->toBeGreaterThanOrEqual(5.0)->and(max($head))->toBeLessThanOrEqual(6.0);
    $socket = Fit::sizes(Build::body(['marks' => ['eye_socket_mm' => 5.2]]));
    expect($socket[0])->toBe(['diameter_mm' => 5.0, 'why' => 'fills the socket of 5.2 mm'])
        ->and(array_column($socket, 'diameter_mm'))->toBe([5.0, 5.5, 6.0])
        ->and($socket[2]['why'])->toContain('taste');
});

it('stands glass proudest, and says what that means on a diving plastic bait only', function (): void {
    $diver = Build::body(['material' => 'plastic', 'marks' => ['bill_length_mm' => 12, 'eye_socket_mm' => 6]]);
    $wood = Build::body(['material' => 'wood', 'marks' => ['bill_length_mm' => 12]]);
    $proud = array_map(static fn(string $kind): float => Fit::proudMm($diver, 6, $kind), ['painted', 'flat', 'domed', '3D', 'glass']);
    $sorted = $proud;
    sort($sorted);
    expect($proud)->toBe($sorted)->and($proud[0])->toBe(0.0)
        ->and(Fit::proudWords($diver, $proud[4], 'glass'))->toContain('Glass is for wood')
        ->and(Fit::proudWords($diver, 2.0, 'domed'))->toContain('knocked off')
        ->and(Fit::proudWords($wood, 3.0, 'glass'))->toBe('')
        ->and(Fit::proudWords($diver, 0.5, 'flat'))->toBe('');
});

it('sits as deep as the socket was measured, and says so only then', function (): void {
    $body = static fn(?float $depth): Body => Build::body([
        'marks' => ['eye_socket_mm' => 8] + ($depth === null ? [] : ['eye_socket_depth_mm' => $depth]),
    ]);
    // A flat eye of 8 mm is 0.64 mm high, a domed one 2.24: by arithmetic from their shares.
    expect(Fit::sunkMm($body(3.0), 8, 'flat'))->toEqualWithDelta(2.36, 1e-9)
        ->and(Fit::sunkMm($body(3.0), 8, 'domed'))->toEqualWithDelta(0.76, 1e-9)
        ->and(Fit::proudMm($body(3.0), 8, 'domed'))->toBe(0.0)
        ->and(Fit::proudMm($body(1.0), 8, 'domed'))->toEqualWithDelta(1.24, 1e-9)
        ->and(Fit::sunkMm($body(null), 8, 'flat'))->toBe(0.0)
        // One larger than its socket lies on the rim.
        ->and(Fit::proudMm($body(3.0), 8.5, 'domed'))->toEqualWithDelta(2.38, 1e-9)
        ->and(Fit::sunkMm($body(3.0), 8, 'painted'))->toBe(0.0)
        ->and(Fit::sunkWords(2.36))->toContain('fill it with clear')->and(Fit::sunkWords(0.3))->toBe('');
});

it('wants a dark surround for a pale eye', function (): void {
    expect(Fit::contrast(Colour::fromHex('#e8d890'), Colour::fromHex('#22262a'))['seen'])->toBeTrue()
        ->and(Fit::contrast(Colour::fromHex('#e8d890'), Colour::fromHex('#e0dcc8'))['seen'])->toBeFalse();
});

it('says how much of a small head the smallest eye takes', function (): void {
    // 1 mm is the smallest there is; of a head 1.3 mm deep it was called about a third.
    $tiny = Build::body([
        'length_mm' => 12,
        'stations' => [[0, 0.5, 0.5, 0.4], [0.2, 0.65, 0.65, 0.5], [0.6, 1.2, 1.2, 0.8], [1, 0.3, 0.3, 0.3]],
    ]);
    $head = $tiny->topAt($tiny->marks->eyeU) + $tiny->bottomAt($tiny->marks->eyeU);
    [$fit] = Fit::sizes($tiny);
    expect($fit['diameter_mm'])->toBe(1.0)->and($head)->toBeLessThan(2.5)
        ->and($fit['why'])->toContain(\sprintf('%d %%', round(100 / $head)))->not->toContain('third');
});
