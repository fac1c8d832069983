<?php

declare(strict_types=1);

namespace Tests\Core\Technique;

// Where each technique's marks fall, in the words and measures a painter would use.

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Calculator\Examples;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Render\Coverage;
use Tests\Build;
use Tests\Marked;

it('draws a line as wide as its pen, where it was set', function (): void {
    $extent = Marked::extent(Marked::by('line', ['width_mm' => 2, 'deg' => 90, 'from_u' => 0.3, 'to_u' => 0.8]));
    expect($extent['u'][0])->toEqualWithDelta(0.3, 0.01)
        ->and($extent['u'][1])->toEqualWithDelta(0.8, 0.01)
        ->and($extent['deg'][0])->toBeBetween(78, 90)
        ->and($extent['deg'][1])->toBeBetween(90, 102);
});

it('breaks a line into dashes', function (): void {
    $whole = Marked::extent(Marked::by('line', ['width_mm' => 2, 'from_u' => 0, 'to_u' => 1]))['share'];
    $dashed = Marked::extent(Marked::by('line', ['width_mm' => 2, 'from_u' => 0, 'to_u' => 1, 'dash_mm' => 5]))['share'];
    expect($dashed / $whole)->toBeBetween(0.45, 0.65);
});

it('starts at the gill edge and fades backwards from a card', function (): void {
    [$surface, $through] = Marked::by('card', ['width_mm' => 4]);
    $row = intdiv($surface->cellAt(0.25, 90), $surface->columns);
    $profile = [];
    foreach ($surface->u as $column => $u) {
        $profile[(string) round($u * 65, 1)] = $through[$row * $surface->columns + $column] ?? 0.0;
    }
    $most = array_search(max($profile), $profile, true);
    expect((float) $most)->toBeBetween(15.5, 18.5);
    foreach ($profile as $mm => $share) {
        if ((float) $mm < 15.5 || (float) $mm > 21.0) {
            expect($share)->toBe(0.0);
        }
    }
});

it('moves the card’s edge behind the gill by as much as was set', function (): void {
    $here = Marked::extent(Marked::by('card'));
    $behind = Marked::extent(Marked::by('card', ['behind_mm' => 6]));
    expect(($behind['u'][0] - $here['u'][0]) * 65)->toEqualWithDelta(6, 0.5);
});

it('keeps bars between their ends, tapering downwards', function (): void {
    [$surface, $through] = Marked::by(
        'bars',
        ['count' => 1, 'width_mm' => 6, 'from_u' => 0.5, 'to_u' => 0.5, 'top_deg' => 30, 'bottom_deg' => 120, 'waver' => 0],
    );
    $width = static function (float $deg) use ($surface, $through): int {
        $row = intdiv($surface->cellAt(0.5, $deg), $surface->columns);
        $cells = array_filter(
            range(0, $surface->columns - 1),
            static fn(int $c): bool => ($through[$row * $surface->columns + $c] ?? 0) > 0.5,
        );

        return \count($cells);
    };
    expect($width(45))->toBeGreaterThan($width(105))
        ->and($width(10))->toBe(0)
        ->and($width(140))->toBe(0)
        ->and($width(45) * 65 / 192)->toEqualWithDelta(5.5, 1.0);
});

it('leans every bar the same for the same seed, and otherwise for another', function (): void {
    $bars = static fn(int $seed): array => Marked::by('bars', ['waver' => 1], $seed)[1];
    expect($bars(4))->toBe($bars(4))
        ->and($bars(4))->not->toBe($bars(5));
});

it('softens a spot from the hard edge of a card to free-hand', function (): void {
    $partly = static fn(float $soft): int => \count(array_filter(
        Marked::by('spot', ['u' => 0.5, 'deg' => 90, 'diameter_mm' => 8, 'soft' => $soft])[1],
        static fn(float $share): bool => $share > 0.05 && $share < 0.95,
    ));
    expect($partly(1.0))->toBeGreaterThan(3 * $partly(0.05));
});

it('opens as much of a mottle stencil as was set', function (): void {
    $little = Marked::extent(Marked::by('mottle', ['cover' => 0.2]))['share'];
    $half = Marked::extent(Marked::by('mottle', ['cover' => 0.5]))['share'];
    $much = Marked::extent(Marked::by('mottle', ['cover' => 0.8]))['share'];
    expect($little)->toBeLessThan($half)
        ->and($half)->toBeBetween(0.35, 0.65)
        ->and($much)->toBeGreaterThan($half);
});

it('throws more drops, and larger ones, as it is told', function (): void {
    $share = static fn(array $settings): float => Marked::extent(Marked::by('splatter', $settings, 3))['share'];
    expect($share(['per_cm2' => 20]))->toBeGreaterThan(2 * $share(['per_cm2' => 5]))
        ->and($share(['drop_mm' => 1.6]))->toBeGreaterThan(2 * $share(['drop_mm' => 0.8]));
});

it('sets its scales as far apart as the mesh', function (): void {
    [$surface, $through] = Marked::by('mesh', ['pitch_mm' => 5, 'age' => 'new']);
    // Along the ridge, as it is stretched.
    $row = intdiv($surface->cellAt(0.5, 2), $surface->columns);
    $starts = [];
    $inside = false;
    foreach ($surface->u as $column => $u) {
        $on = ($through[$row * $surface->columns + $column] ?? 0) > 0.5;
        if ($on && ! $inside) {
            $starts[] = $u * 65;
        }
        $inside = $on;
    }
    $gaps = array_map(static fn(float $a, float $b): float => $b - $a, \array_slice($starts, 1, -2), \array_slice($starts, 2, -1));
    expect(\count($starts))->toBeGreaterThan(8)
        ->and(array_sum($gaps) / \count($gaps))->toEqualWithDelta(5, 0.2);
});

it('leaves the rims of scales, hard towards the tail and soft towards the nose', function (): void {
    [$surface, $through] = Marked::by('scallops', ['scale_mm' => 6, 'rim_mm' => 2]);
    $row = intdiv($surface->cellAt(0.5, 90), $surface->columns);
    $rims = 0;
    $before = 0.0;
    for ($column = 40; $column < 150; $column++) {
        $now = $through[$row * $surface->columns + $column] ?? 0.0;
        $rims += $before > 0.7 && $now < 0.2 ? 1 : 0;
        $before = $now;
    }
    // One hard edge a scale: 110 columns of the body's length, 6 mm each.
    expect($rims)->toEqualWithDelta(110 / $surface->columns * $surface->body->lengthMm / 6, 1.5);
    $broad = Marked::extent(Marked::by('scallops', ['scale_mm' => 6, 'rim_mm' => 3]))['share'];
    expect(Marked::extent(Marked::by('scallops', ['scale_mm' => 6, 'rim_mm' => 1]))['share'])->toBeLessThan($broad);
});

it('punches circles of the area that was set, and rings with a free core', function (): void {
    [$surface] = Marked::by('circles');
    $area = static fn(array $set): float => Marked::extent(Marked::by('circles', $set))['share'] * array_sum($surface->areaMm2);
    // Four discs of 5 mm: 78.5 mm2; half a diameter left free takes a quarter of that away. Arithmetic.
    expect($area(['count' => 4, 'diameter_mm' => 5]))->toEqualWithDelta(78.5, 6.0)
        ->and($area(['count' => 4, 'diameter_mm' => 5, 'core' => 0.5]))->toEqualWithDelta(58.9, 6.0);
});

it('opens a fan backwards from its root', function (): void {
    $fan = ['u' => 0.4, 'deg' => 110, 'length_mm' => 10, 'spread_deg' => 60, 'turn_deg' => 0, 'rays' => 0];
    $extent = Marked::extent(Marked::by('fan', $fan), 0.3);
    $long = Marked::by('fan')[0]->body->lengthMm;
    expect($extent['u'][0])->toEqualWithDelta(0.4, 0.015)
        ->and(($extent['u'][1] - 0.4) * $long)->toEqualWithDelta(10, 0.8)
        ->and(Marked::extent(Marked::by('fan', ['turn_deg' => 60] + $fan), 0.3)['deg'][1])->toBeGreaterThan($extent['deg'][1])
        ->and(Marked::extent(Marked::by('fan', ['rays' => 9] + $fan))['share'])->toBeLessThan(Marked::extent(Marked::by('fan', $fan))['share']);
});

it('paints all between two tapes and nothing beyond', function (): void {
    $extent = Marked::extent(Marked::by('tape', ['top_deg' => 40, 'bottom_deg' => 100, 'from_u' => 0.2, 'to_u' => 0.6]), 0.9);
    expect($extent['u'][0])->toEqualWithDelta(0.2, 0.01)->and($extent['u'][1])->toEqualWithDelta(0.6, 0.01)
        ->and($extent['deg'][0])->toEqualWithDelta(40, 6)->and($extent['deg'][1])->toEqualWithDelta(100, 6)
        ->and(Marked::extent(Marked::by('tape', ['top_deg' => 0, 'bottom_deg' => 180]))['share'])->toEqualWithDelta(1.0, 1e-6)
        ->and(Marked::extent(Marked::by('tape', ['slant_mm' => 8]))['deg'][1])->toBeGreaterThan(Marked::extent(Marked::by('tape'))['deg'][1]);
});

it('spreads spots at the distance that was set', function (): void {
    [$surface] = Marked::by('dots');
    $area = Marked::extent(Marked::by('dots', ['diameter_mm' => 2, 'apart_mm' => 8, 'vary' => 0]))['share'];
    // A spot of 3.14 mm2 to every 8 x 6.96 mm.
    expect($area)->toEqualWithDelta(3.14 / (8 * 8 * 0.87), 0.012)
        ->and(Marked::by('dots', ['vary' => 0], 1)[1])->toBe(Marked::by('dots', ['vary' => 0], 2)[1])
        ->and(Marked::by('dots', ['vary' => 1], 1)[1])->not->toBe(Marked::by('dots', ['vary' => 1], 2)[1]);
});

it('dabs more with more dabs, and streaks along the side', function (): void {
    $sponged = static fn(int $perCm2): float => Marked::extent(Marked::by('sponge', ['per_cm2' => $perCm2]))['share'];
    expect($sponged(1))->toBeLessThan(0.6 * $sponged(4))
        ->and(Marked::extent(Marked::by('dry brush', ['per_cm2' => 2]))['share'])->toBeLessThan(
            0.6 * Marked::extent(Marked::by('dry brush', ['per_cm2' => 9]))['share'],
        );
    // Along a streak neighbours are alike far more often than across it.
    [$surface, $through] = Marked::by('dry brush', ['hair_mm' => 0.6]);
    $along = $across = 0;
    foreach ($through as $cell => $share) {
        $along += isset($through[$cell + 1]) ? 1 : 0;
        $across += isset($through[$cell + 2 * $surface->columns]) ? 1 : 0;
    }
    expect($along)->toBeGreaterThan(2 * $across);
});

it('goes on over ridge and keel from one side to the other, with no seam', function (string $technique, array $settings): void {
    $surface = Surface::of(Body::read(Node::root(Examples::body())), 128, 192);
    $seams = [0.0, 0.0, 0.0];
    foreach (range(1, 8) as $seed) {
        $coat = Build::coat(['technique' => ['name' => $technique] + $settings, 'seed' => $seed, 'where' => ['zone' => 'whole']]);
        $cover = Coverage::land($coat, $surface);
        $row = static fn(array $half, int $row): array => array_map(
            static fn(int $column): float => $half[$row * $surface->columns + $column] ?? 0.0,
            range(0, $surface->columns - 1),
        );
        $unlike = static fn(array $one, array $other): float => array_sum(array_map(
            static fn(float $a, float $b): float => abs($a - $b),
            $one,
            $other,
        ));
        $seams[0] += $unlike($row($cover->left, 0), $row($cover->right, 0));
        $seams[1] += $unlike($row($cover->left, 95), $row($cover->right, 95));
        $seams[2] += ($unlike($row($cover->left, 0), $row($cover->left, 1)) + $unlike($row($cover->left, 94), $row($cover->left, 95))) / 2;
    }
    // What is unlike from one row to the next is unlike over the ridge too, and no more.
    expect($seams[0])->toBeLessThan(2 * $seams[2] + 0.1)->and($seams[1])->toBeLessThan(2 * $seams[2] + 0.1);
})->with([
    ['mottle', []],
    ['splatter', ['drop_mm' => 2.5]],
    ['dots', ['diameter_mm' => 5]],
    ['sponge', ['pore_mm' => 2]],
    ['bars', ['top_deg' => 0]],
]);

it('lets a mark laid on one side reach over the ridge to the other', function (array $technique): void {
    $surface = Surface::of(Body::read(Node::root(Examples::body())), 128, 96);
    $cover = Coverage::land(Build::coat(['technique' => $technique, 'where' => ['zone' => 'whole', 'side' => 'left']]), $surface);
    $area = static fn(array $half): float => array_sum(array_map(
        static fn(int $cell, float $share): float => $share * $surface->areaMm2[$cell],
        array_keys($half),
        $half,
    ));
    expect($area($cover->left))->toBeGreaterThan(5)
        ->and($area($cover->right))->toEqualWithDelta($area($cover->left), 0.2 * $area($cover->left));
})->with([
    [['name' => 'circles', 'count' => 1, 'deg' => 0, 'diameter_mm' => 8]],
    [['name' => 'spot', 'u' => 0.5, 'deg' => 180, 'diameter_mm' => 8]],
    [['name' => 'punch', 'u' => 0.5, 'deg' => 0, 'long_mm' => 8]],
    [['name' => 'fan', 'u' => 0.4, 'deg' => 0, 'length_mm' => 12, 'turn_deg' => 0]],
]);
