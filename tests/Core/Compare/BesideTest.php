<?php

declare(strict_types=1);

namespace Tests\Core\Compare;

use Hawkbrush\Core\Compare\Beside;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Pattern\Recipe;
use Tests\Build;

/** One paint over all, then what is given. */
function coatedWith(string $hex, array ...$more): Recipe
{
    return Build::example(static fn(array $document): array => array_replace($document, [
        'paints' => ['all' => ['hex' => $hex, 'kind' => 'opaque'], 'black' => ['hex' => '#101010', 'kind' => 'opaque']],
        'steps' => array_map(
            static fn(array $step, int $i): array => $step + [
                'id' => "s{$i}",
                'type' => 'paint',
                'technique' => ['name' => 'spray'],
                'where' => ['zone' => 'whole'],
                'coats' => 8,
            ],
            [['mix' => [['paint' => 'all']]], ...$more],
            range(0, \count($more)),
        ),
    ]));
}

/** @return array<string, Beside> by zone */
function byZone(Recipe $one, Recipe $other): array
{
    $zones = [];
    foreach (Beside::between($one, $other, SurfaceFinish::Clear) as $beside) {
        $zones[$beside->zone->value] = $beside;
    }

    return $zones;
}

it('finds nothing between a bait and its like', function (): void {
    $zones = byZone(Build::example(), Build::example());
    expect(array_keys($zones))->toContain('back', 'belly', 'gill plate', 'anal fin')->not->toContain('whole');
    foreach ($zones as $beside) {
        expect($beside->difference->deltaE)->toBe(0.0)
            ->and($beside->difference->words())->toBe('')
            ->and($beside->one->hex())->toBe($beside->other->hex());
    }
});

it('says of a zone how the other is, the most first', function (string $one, string $other, string $words): void {
    $flank = byZone(coatedWith($one), coatedWith($other))['flank'];
    $back = byZone(coatedWith($other), coatedWith($one))['flank'];
    expect(preg_replace('/\d+ /', '', $flank->difference->words()))->toBe($words)
        ->and($back->difference->deltaE)->toEqualWithDelta($flank->difference->deltaE, 1e-9)
        ->and(\strlen($back->difference->words()))->toBeGreaterThan(5)
            ->and($back->difference->words())->not->toBe($flank->difference->words());
})->with([
    'a grey, darker' => ['#b0b0b0', '#707070', 'darker'],
    'a red from a grey of its lightness' => ['#848484', '#d05050', 'redder, yellower'],
    'a pale blue' => ['#5a5a5a', '#a4c0e0', 'lighter, bluer'],
    'a green' => ['#a08080', '#6f9f70', 'greener, yellower, lighter'],
]);

it('says nothing of what no eye tells apart, and something of all else', function (): void {
    foreach (['#808080' => '#818181', '#7f8080' => '#838080', '#808080 ' => '#838280'] as $one => $other) {
        foreach (Beside::between(coatedWith(trim($one)), coatedWith($other), SurfaceFinish::Clear) as $beside) {
            expect($beside->difference->words() === '')->toBe($beside->difference->deltaE < 1);
        }
    }
});

it('finds a coat where it lies, and hardly elsewhere', function (): void {
    $zones = byZone(
        coatedWith('#c0c0a0'),
        coatedWith('#c0c0a0', ['mix' => [['paint' => 'black']], 'where' => ['zone' => 'back'], 'aim_deg' => 0]),
    );
    expect($zones['back']->difference->deltaE)->toBeGreaterThan(20)->and($zones['back']->difference->words())->toMatch('/^\d+ darker/')
        ->and($zones['belly']->difference->deltaE)->toBeLessThan(0.5)->and($zones['belly']->difference->words())->toBe('');
});

it('says what a step does to the zones it covers, the most changed first, and leaves out those it does not reach', function (): void {
    $recipe = coatedWith('#f0f0f0', ['mix' => [['paint' => 'black']], 'where' => ['zone' => 'back'], 'aim_deg' => 0]);
    $zones = array_map(static fn(Beside $b): string => $b->zone->value, Beside::byStep($recipe, 's1', SurfaceFinish::Clear));
    $off = array_map(static fn(Beside $b): float => $b->difference->deltaE, Beside::byStep($recipe, 's1', SurfaceFinish::Clear));
    $sorted = $off;
    rsort($sorted);
    expect($zones[0])->toBe('back')->and($zones)->not->toContain('belly')->and($off)->toBe($sorted)->and($off[0])->toBeGreaterThan(30.0)
        ->and(Beside::byStep($recipe, 's1', SurfaceFinish::Clear)[0]->difference->words())->toContain('darker')
        ->and(Beside::byStep($recipe, 'nobody', SurfaceFinish::Clear))->toBe([]);
});
