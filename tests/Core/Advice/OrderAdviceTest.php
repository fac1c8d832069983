<?php

declare(strict_types=1);

namespace Tests\Core\Advice;

// What of an order is told of, from drawing both: each wrong order with its lawful neighbour that stays silent.
// Common practice, no published source.

use Hawkbrush\Core\Advice\Advisor;
use Hawkbrush\Core\Advice\Finding;
use Hawkbrush\Core\Calculator\Examples;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Exchange\RecipeReader;
use Hawkbrush\Core\Node;

const ORDER_RULES = ['brighter-over-white', 'buries-marks', 'stripes-over-dark'];

/** @return list<Finding> */
function saidOfOrder(array ...$steps): array
{
    $document = ['steps' => $steps] + Examples::recipe();
    $document['paints'] += [
        'black' => ['hex' => '#0a0a0a', 'kind' => 'opaque'],
        'amber' => ['hex' => '#d8a030', 'kind' => 'transparent'],
        'yellow' => ['hex' => '#e8c020', 'kind' => 'opaque'],
    ];

    return array_values(array_filter(
        Advisor::advise(RecipeReader::read(Node::root($document)), Climate::ordinary()),
        static fn(Finding $f): bool => \in_array($f->rule, ORDER_RULES, true),
    ));
}

/** @return array<string, mixed> */
function laid(string $id, string $paint, string $zone, array $more = []): array
{
    return $more + [
        'id' => $id, 'type' => 'paint', 'mix' => [['paint' => $paint, 'drops' => 3]], 'technique' => ['name' => 'spray'],
        'where' => ['zone' => $zone], 'coats' => 2, 'set' => ['by' => 'heat', 'minutes' => 25], 'width_mm' => 24,
    ];
}

/** @return list<array{string, string, string|null}> rule, step, and before which it says to put it */
function told(array ...$steps): array
{
    return array_map(static fn(Finding $f): array => [$f->rule, $f->stepId, $f->fix?->before], saidOfOrder(...$steps));
}

function whiteBase(): array
{
    return laid('base', 'white', 'whole', ['coats' => 3, 'weight' => 'heavy']);
}

it('says that a light coat does not undo a dark one, and wants white under it', function (): void {
    $amber = laid('amber', 'amber', 'back', ['coats' => 3]);
    $black = laid('black', 'black', 'back', ['aim_deg' => 0]);
    $said = saidOfOrder(whiteBase(), $black, $amber);
    expect($said)->toHaveCount(1)->and($said[0]->headline)->toBe('A light coat over a dark one')
        ->and($said[0]->reason)->toContain('does not undo step 2')
        ->and($said[0]->fix?->insert['mix'])->toBe([['paint' => 'white', 'drops' => 1]])
        ->and(told(whiteBase(), $amber, $black))->toBe([])
        // A body that is dark of itself was not sprayed dark.
        ->and(saidOfOrder(laid('black', 'black', 'whole', ['coats' => 3]), $amber)[0]->reason)->toContain('light goes on before dark');
});

it('is silent on a light paint that covers the dark', function (): void {
    $black = laid('black', 'black', 'back', ['aim_deg' => 0]);
    expect(told(whiteBase(), $black, laid('cover', 'white', 'back', ['coats' => 5, 'weight' => 'heavy', 'aim_deg' => 0])))->toBe([]);
});

it('says that black over a mesh buries it, and is silent where it goes first or only shades', function (): void {
    $mesh = laid('scales', 'moss', 'back', ['technique' => ['name' => 'mesh', 'pitch_mm' => 3], 'coats' => 4]);
    $black = laid('black', 'black', 'back', ['coats' => 8, 'weight' => 'heavy', 'aim_deg' => 0, 'width_mm' => 40]);
    expect(told(whiteBase(), $mesh, $black))->toBe([['buries-marks', 'black', 'scales']])
        ->and(told(whiteBase(), $mesh, ['mix' => [['paint' => 'moss', 'drops' => 1]], 'coats' => 1] + $black))->toBe([]);
});

it('says that tape goes before a black back, and is silent on stripes that are darker', function (): void {
    $bars = static fn(string $paint): array => laid('bars', $paint, 'flank', [
        'technique' => ['name' => 'tape', 'top_deg' => 20, 'bottom_deg' => 110, 'from_u' => 0.3, 'to_u' => 0.8],
        'coats' => 4, 'weight' => 'heavy', 'where' => ['zone' => 'whole'],
    ]);
    $back = laid('back', 'black', 'back', ['aim_deg' => 0, 'coats' => 6, 'weight' => 'heavy']);
    expect(array_column(told(whiteBase(), $back, $bars('yellow')), 0))->toBe(['stripes-over-dark'])
        ->and(told(whiteBase(), $back, $bars('yellow'))[0][2])->toBe('back')
        ->and(told(whiteBase(), $bars('yellow'), $back))->toBe([])
        ->and(told(whiteBase(), $back, $bars('black')))->toBe([]);
});
