<?php

declare(strict_types=1);

namespace Tests\Core\Body;

// What is said to the painter, word for word where the words carry figures.

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Extent;
use Hawkbrush\Core\Body\Index;
use Hawkbrush\Core\Body\Smooth;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Render\CoreCoat;
use Hawkbrush\Core\Render\Explanation;
use Tests\Build;

function coreCoat(string $name, string $hex, float $passes): CoreCoat
{
    return new CoreCoat('id', 1, $name, 6.0, Colour::fromHex($hex), $passes, 0.2, 0.3, 4.0, false);
}

it('says the cause of a colour with its figures', function (array $coats, string $said): void {
    expect(Explanation::explain(array_map(static fn(array $c): CoreCoat => coreCoat(...$c), $coats)))->toBe($said);
})->with([
    'the bare body' => [[], 'Nothing lies here: this is the bare body.'],
    'one coat' => [[['White', '#eeeeee', 0.034]], 'Only white lies here; it lets 3 % of the body below through.'],
    'one that darkens' => [
        [['Gold', '#d0a030', 0.5], ['Moss', '#706030', 0.38]],
        '38 % of the gold still shows through the moss, which greys it by 32 chroma.',
    ],
    'one that lightens' => [
        [['Brown', '#402010', 0.5], ['Pearl', '#a09080', 0.6]],
        '60 % of the brown still shows through the pearl, which lightens it by 44 L*.',
    ],
    'one that covers' => [[['Red', '#c02020', 0.5], ['White', '#f0f0f0', 0.05]], 'White covers: only 5 % of what lies below still shows.'],
    'one that hardly does anything' => [
        [['Grey', '#808080', 0.5], ['Smoke', '#808080', 0.97]],
        '97 % of the grey still shows through the smoke, which hardly changes it.',
    ],
    'one that leaves what is lowest uncounted' => [
        [['Violet', '#503080', 0.4], ['Gold', '#d0a030', 0.2], ['Moss', '#706030', 0.38]],
        '38 % of the gold still shows through the moss, which greys it by 32 chroma. Violet under it no longer counts.',
    ],
]);

it('measures around the section from the midline, up and down', function (): void {
    $body = Body::read(Node::root([
        'length_mm' => 100,
        'exponent' => 2,
        'stations' => [[0, 10, 10, 10], [1, 10, 10, 10]],
        'marks' => ['gill_u' => 0.25],
    ]));
    // A quarter of a circle of 10 mm is 15.7 mm long: arithmetic.
    expect(Index::arcMm($body, 0.5, 0, 90))->toEqualWithDelta(M_PI * 5, 0.01)
        ->and(Index::arcMm($body, 0.5, 90, 45))->toEqualWithDelta(M_PI * 2.5, 0.01)
        ->and(Index::say($body, 0.25, 60))->toBe('at the gill edge, 5.2 mm above the midline')
        ->and(Index::say($body, 0.25, 130))->toBe('at the gill edge, 7.0 mm below the midline');
});

it('says how a step is done, as across the bench', function (array $step, string $said): void {
    expect(Build::recipe($step)->steps[0]->how())->toBe($said);
})->with([
    [
        [
            'type' => 'paint',
            'mix' => [['paint' => 'white']],
            'technique' => ['name' => 'spray'],
            'where' => ['zone' => 'back'],
            'aim_deg' => 0,
        ],
        'From straight above, nose to tail.',
    ],
    [[
        'type' => 'paint',
        'mix' => [['paint' => 'white']],
        'technique' => ['name' => 'spray'],
        'where' => ['zone' => 'shoulder'],
        'aim_deg' => 35,
        'coats' => 2,
    ], 'From above, tilted 35° to the side; nose to tail. Keep the same aim on both. Set between the coats.'],
    [
        [
            'type' => 'paint',
            'mix' => [['paint' => 'white']],
            'technique' => ['name' => 'spray'],
            'where' => ['zone' => 'flank'],
            'aim_deg' => 90,
        ],
        'Square onto the side, nose to tail.',
    ],
    [
        [
            'type' => 'paint',
            'mix' => [['paint' => 'white']],
            'technique' => ['name' => 'spray'],
            'where' => ['zone' => 'belly'],
            'aim_deg' => 180,
        ],
        'From below, nose to tail.',
    ],
    [
        ['type' => 'paint', 'mix' => [['paint' => 'white']], 'technique' => ['name' => 'spray'], 'where' => ['zone' => 'whole']],
        'Turn it under the brush so that all of it gets the same.',
    ],
    [['type' => 'eye', 'diameter_mm' => 5, 'set_with' => 'two dots of glue'], 'Set a 5 mm eye on each side with two dots of glue.'],
    [
        ['type' => 'eye', 'diameter_mm' => 5.5, 'pupil' => 'slit upright'],
        'Set a 5.5 mm eye on each side with tacky glue. Both pupils slit upright.',
    ],
    [[
        'type' => 'clear',
        'clear' => 'two-part epoxy',
    ], 'Lay it on around joints and line tie first, with a thin brush, keeping them free; then in long even strokes from the tail upwards, over the rim of the eye, the nose last. Bubbles rise by themselves or under a breath of warm air. Turn them on the wheel until it no longer flows.'],
    [['type' => 'clear', 'clear' => 'UV resin'], 'Bone dry first. Lay it on thin, around joints and line tie first, with a thin brush, keeping them free; then in long even strokes from the tail upwards, over the rim of the eye, the nose last. Under the lamp at once, and turned over once.'],
    [['type' => 'inspect'], 'Look it over.'],
    [['type' => 'prep', 'task' => 'Wipe it.'], 'Wipe it.'],
]);

it('fades in and out evenly, halfway at the edge', function (): void {
    expect(Smooth::step(2, 6, 1))->toBe(0.0)->and(Smooth::step(2, 6, 4))->toBe(0.5)->and(Smooth::step(2, 6, 9))->toBe(1.0)
        ->and(Smooth::step(6, 2, 3))->toEqualWithDelta(Smooth::step(2, 6, 5), 1e-12)
        ->and(Smooth::step(3, 3, 2.9))->toBe(0.0)->and(Smooth::step(3, 3, 3))->toBe(1.0)
        ->and(Smooth::between(10, 20, 4, 10))->toBe(0.5)->and(Smooth::between(10, 20, 4, 20))->toBe(0.5)
        ->and(Smooth::between(10, 20, 4, 15))->toBe(1.0)->and(Smooth::between(10, 20, 4, 7.9))->toBe(0.0)
        ->and(Smooth::between(10, 20, 0, 10))->toBe(1.0)->and(Smooth::between(10, 20, 0, 9.999))->toBe(0.0);
});

it('has no edge at the ends of the body', function (): void {
    $all = Extent::set(0, 1, 0.5, 0, 180, 90);
    foreach ([0.0, 0.01, 0.5, 1.0] as $u) {
        expect($all->along($u))->toBe(1.0);
    }
    foreach ([0.0, 1.0, 90.0, 180.0] as $deg) {
        expect($all->around($deg))->toBe(1.0);
    }
    expect(Extent::set(0.2, 0.8, 0.1, 30, 150, 10)->along(0.0))->toBe(0.0);
});
