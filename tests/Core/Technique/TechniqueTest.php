<?php

declare(strict_types=1);

namespace Tests\Core\Technique;

use Hawkbrush\Core\Body\Zone;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Render\Coverage;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\Technique;
use Hawkbrush\Core\Technique\Techniques;
use Tests\Build;

/** @return array<string, float> share of the left half covered, and its middle around the body in degrees */
function coverOf(array $change): array
{
    $surface = Build::surface();
    $cover = Coverage::land(Build::coat($change), $surface);
    $sum = $middle = 0.0;
    foreach ($cover->left as $cell => $share) {
        $sum += $share * $surface->areaMm2[$cell];
        $middle += $share * $surface->areaMm2[$cell] * $surface->theta[intdiv($cell, $surface->columns)];
    }

    return ['share' => $sum / array_sum($surface->areaMm2), 'deg' => $sum > 0 ? $middle / $sum : -1.0];
}

it('lets part of the paint through, never more than there is, the same for the same seed', function (Technique $technique): void {
    $surface = Build::surface();
    $open = OpenSpray::everywhere($surface);
    $choices = Choices::read($technique, Node::root([]));
    $through = $technique->through($surface, $choices, 42, $open);
    expect($through)->not->toBe([])
        ->and(max($through))->toBeLessThanOrEqual(1.0)
        ->and(min($through))->toBeGreaterThanOrEqual(0.0)
        ->and($technique->through($surface, $choices, 42, $open))->toBe($through);
})->with(array_map(static fn(Technique $t): array => [$t], Techniques::all()));

it('differs from seed to seed and from side to side where chance is imitated', function (string $name): void {
    $cover = Coverage::land(Build::coat(['technique' => ['name' => $name]]), Build::surface());
    expect($cover->mirrored)->toBeFalse()->and($cover->left)->not->toBe($cover->right)
        ->and(Coverage::land(
            Build::coat(['technique' => ['name' => $name], 'seed' => 9]),
            Build::surface(),
        )->left)->not->toBe($cover->left);
})->with(['splatter', 'mottle', 'sponge', 'dots', 'dry brush']);

it('keeps each of its settings within its bounds', function (Technique $technique): void {
    foreach ($technique->settings() as $setting) {
        expect($setting->default)->toBeBetween($setting->min, $setting->max);
        if ($setting->choices === []) {
            expect(fn() => Choices::read(
                $technique,
                Node::root(['name' => $technique->name(), $setting->name => $setting->max + 1]),
            ))->toThrow(Refused::class);
        }
    }
    expect(fn() => Choices::read($technique, Node::root(['name' => $technique->name(), 'glue' => 1])))->toThrow(
        Refused::class,
        'is not known here',
    );
})->with(array_map(static fn(Technique $t): array => [$t], Techniques::all()));

it('covers all when the bait is turned under the brush', function (): void {
    expect(coverOf([])['share'])->toEqualWithDelta(1.0, 1e-9);
});

it('falls off with the cosine between aim and surface', function (): void {
    // Area-weighted mean of cos+ over a round section aimed at from above on both sides: well under half.
    $above = coverOf(['aim_deg' => 0]);
    $side = coverOf(['aim_deg' => 90]);
    $below = coverOf(['aim_deg' => 180]);
    expect($above['deg'])->toBeLessThan(55)
        ->and($side['deg'])->toBeBetween(70, 110)
        ->and($below['deg'])->toBeGreaterThan(125)
        ->and($above['share'])->toBeBetween(0.2, 0.45);
});

it('narrows with the width of the stroke', function (): void {
    expect(coverOf(['aim_deg' => 90, 'width_mm' => 4])['share'])->toBeLessThan(0.6 * coverOf(['aim_deg' => 90, 'width_mm' => 12])['share']);
});

it('leaves broader veins with new mesh than with stiff', function (): void {
    expect(coverOf(['technique' => ['name' => 'mesh', 'age' => 'new']])['share'])->toBeLessThan(coverOf(['technique' => [
        'name' => 'mesh',
        'age' => 'stiff',
    ]])['share']);
});

it('paints a spot of the diameter that was set', function (): void {
    // A disc of 6 mm: 28.3 mm2, here with hardly a soft edge; arithmetic.
    $surface = Build::surface();
    $cover = Coverage::land(
        Build::coat(['technique' => ['name' => 'spot', 'u' => 0.45, 'deg' => 90, 'diameter_mm' => 6, 'soft' => 0.05]]),
        $surface,
    );
    $area = 0.0;
    foreach ($cover->left as $cell => $share) {
        $area += $share * $surface->areaMm2[$cell];
    }
    expect($area)->toEqualWithDelta(M_PI * 9, 3.5);
});

it('counts its bars', function (): void {
    $surface = Build::surface();
    $cover = Coverage::land(Build::coat(['technique' => ['name' => 'bars', 'count' => 7, 'width_mm' => 2, 'waver' => 0]]), $surface);
    $row = intdiv($surface->cellAt(0.5, 60), $surface->columns);
    $bars = 0;
    $inside = false;
    for ($column = 0; $column < $surface->columns; $column++) {
        $on = ($cover->left[$row * $surface->columns + $column] ?? 0.0) > 0.5;
        $bars += $on && ! $inside ? 1 : 0;
        $inside = $on;
    }
    expect($bars)->toBe(7);
});

it('lands nothing outside its place', function (): void {
    $surface = Build::surface();
    foreach (array_keys(Coverage::land(
        Build::coat(['where' => ['from_u' => 0.5, 'to_u' => 0.8, 'from_deg' => 60, 'to_deg' => 120, 'soft' => 0]]),
        $surface,
    )->left) as $cell) {
        expect($surface->u[$cell % $surface->columns])->toBeBetween(0.49, 0.81)
            ->and($surface->theta[intdiv($cell, $surface->columns)])->toBeBetween(57, 123);
    }
});

it('sees the same of the open spray mark by mark as all over', function (?float $aimDeg, ?float $widthMm, string $zone): void {
    $surface = Build::surface();
    $open = static fn(): OpenSpray => OpenSpray::on($surface, Zone::from($zone)->extent($surface->body), $aimDeg, $widthMm);
    $all = $open()->all();
    $marks = [];
    for ($cell = 3; $cell < $surface->rows * $surface->columns; $cell += 7) {
        $marks[$cell] = ($cell % 5 + 1) / 5;
    }
    $through = $open()->over($marks);
    expect(array_keys($through))->toEqualCanonicalizing(array_keys(array_intersect_key($marks, $all)));
    foreach ($through as $cell => $share) {
        expect($share)->toEqualWithDelta($all[$cell] * $marks[$cell], 1e-12);
    }
    [$fromColumn, $toColumn, $fromRow, $toRow] = $open()->reach();
    foreach (array_keys($all) as $cell) {
        expect($cell % $surface->columns)->toBeBetween($fromColumn, $toColumn)
            ->and(intdiv($cell, $surface->columns))->toBeBetween($fromRow, $toRow);
    }
    expect(min([1.0, ...$all]))->toBeGreaterThanOrEqual(OpenSpray::LEAST)->and(max([0.0, ...$all]))->toBeLessThanOrEqual(1.0);
})->with([[null, null, 'flank'], [0.0, 12.0, 'back'], [30.0, null, 'whole'], [180.0, 5.0, 'belly'], [90.0, 3.0, 'head']]);

it('puts what is too little for the smallest step of film nowhere', function (): void {
    expect(Coverage::stepped(OpenSpray::LEAST))->toBe(1 / Coverage::FULL)->and(Coverage::stepped(OpenSpray::LEAST * 0.99))->toBe(0.0);
});
