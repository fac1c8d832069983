<?php

declare(strict_types=1);

use Hawkbrush\Core\Body\Zone;
use Hawkbrush\Core\Clear\Clear;
use Hawkbrush\Core\Coat\Place;
use Hawkbrush\Core\Coat\SetBy;
use Hawkbrush\Core\Coat\Setting;
use Hawkbrush\Core\Coat\Weight;
use Hawkbrush\Core\Drying\Airflow;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Drying\Evaporation;
use Hawkbrush\Core\Step\Steps;
use Tests\Build;

it('writes every kind of step so that it reads the same again', function (array $step): void {
    $written = Steps::write(Build::recipe($step)->steps[0]);
    expect(Steps::write(Build::recipe($written)->steps[0]))->toBe($written);
    foreach ($step as $field => $value) {
        is_array($value) && ! array_is_list($value)
            ? expect($written[$field])->toMatchArray($value)
            : expect($written[$field])->toEqual($value);
    }
})->with([
    'paint in a zone' => [[
        'type' => 'paint',
        'mix' => [['paint' => 'white', 'drops' => 3], ['paint' => 'moss', 'drops' => 1]],
        'where' => ['zone' => 'gill plate'],
        'aim_deg' => 35.0,
        'width_mm' => 12.5,
        'coats' => 3,
        'weight' => 'mist',
        'psi' => 8.5,
        'thinning_percent' => 55.0,
        'strokes' => 6,
        'set' => ['by' => 'air', 'minutes' => 12.0],
        'seed' => 77,
        'technique' => [
            'name' => 'bars',
            'count' => 9.0,
            'width_mm' => 2.0,
            'from_u' => 0.2,
            'to_u' => 0.8,
            'top_deg' => 5.0,
            'bottom_deg' => 90.0,
            'waver' => 0.5,
        ],
    ]],
    'paint in a range' => [[
        'type' => 'paint',
        'mix' => [['paint' => 'white', 'drops' => 1]],
        'technique' => ['name' => 'mesh', 'pitch_mm' => 4.0, 'age' => 'stiff', 'run' => 'nose'],
        'where' => ['from_u' => 0.1, 'to_u' => 0.7, 'from_deg' => 20.0, 'to_deg' => 95.0, 'soft' => 0.4],
        'aim_deg' => null,
    ]],
    'prep' => [['type' => 'prep', 'title' => 'Sand', 'task' => '400 grit', 'minutes' => 6.0, 'on' => false]],
    'wait' => [['type' => 'wait', 'minutes' => 22.0]],
    'inspect' => [['type' => 'inspect', 'check' => 'Both sides alike?', 'task' => 'Look from underneath']],
    'eye' => [['type' => 'eye', 'diameter_mm' => 6.5, 'iris' => '#cc8822', 'pupil' => 'slit upright', 'set_with' => 'epoxy']],
    'clear' => [['type' => 'clear', 'clear' => 'UV resin', 'coats' => 2]],
]);

it('fills in what a painter need not say', function (): void {
    $step = Build::coat();
    expect($step->coats)->toBe(1)
        ->and($step->weight)->toBe(Weight::Medium)
        ->and($step->thinning)->toBe(0.0)
        ->and($step->setting->by)->toBe(SetBy::Heat)
        ->and($step->aimDeg)->toBeNull();
});

it('leaves wet film x solids x (1 - thinning) of each coat', function (): void {
    $step = Build::coat(['mix' => [['paint' => 'half']], 'coats' => 3, 'weight' => 'light', 'thinning_percent' => 40]);
    // Arithmetic: 3 x 9 x 0.5 x 0.6.
    expect($step->dryUm())->toEqualWithDelta(8.1, 1e-9)
        ->and($step->volatileShare())->toEqualWithDelta(0.7, 1e-9);
});

it('counts drops by their size when it mixes', function (): void {
    // One drop of 0.1 ml at 0.5 solids and one of 0.05 ml at 0.35: (0.05 + 0.0175) / 0.15.
    $step = Build::coat(['mix' => [['paint' => 'half'], ['paint' => 'white']]]);
    expect($step->mixture->solids())->toEqualWithDelta(0.45, 1e-9)
        ->and($step->mixture->name())->toBe('half + White');
});

it('has no film and no optics where there are no solids', function (): void {
    $step = Build::coat(['mix' => [['paint' => 'water']]]);
    expect($step->dryUm())->toBe(0.0)
        ->and($step->optics())->toBeNull();
});

it('is wet for as long as the model says', function (SetBy $by, float $minutes, float $least, float $most): void {
    $touch = Evaporation::touchDryS(Weight::Medium->wetUm(), 0.65, Climate::ordinary(), Airflow::still());
    expect((new Setting($by, $minutes))->wetShare($touch))->toBeBetween($least, $most);
})->with([
    'heat set' => [SetBy::Heat, 0, 0, 0],
    'left wet, a minute later' => [SetBy::Wet, 0, 0.6, 0.85],
    'a minute of air' => [SetBy::Air, 1, 0.6, 0.85],
    'ten minutes of air' => [SetBy::Air, 10, 0, 0],
]);

it('never sets where the air takes no more water', function (): void {
    expect((new Setting(SetBy::Air, 600))->wetShare(Evaporation::touchDryS(16, 0.65, Climate::of(15, 100), Airflow::still())))->toBe(1.0);
});

it('fades a place in over its soft edge', function (): void {
    $place = Place::range(0.3, 0.7, 40, 100, 0.5);
    $extent = $place->extent(Build::body());
    expect($extent->along(0.5))->toEqualWithDelta(1, 1e-9)
        ->and($extent->along(0.3))->toEqualWithDelta(0.5, 1e-9)
        ->and($extent->along(0.1))->toBe(0.0)
        ->and($extent->around(70))->toEqualWithDelta(1, 1e-9)
        ->and($extent->around(100))->toEqualWithDelta(0.5, 1e-9)
        ->and($place->label())->toBe('own range')
        ->and(Place::range(0, 0.88, 0, 180, 0)->label())->toBe('front 88 %')
        ->and(Place::range(0.9, 1, 0, 180, 0, 'left')->label())->toBe('rear 10 %, left side only');
});

it('does not fade at the ends of the body', function (): void {
    $extent = Place::range(0, 1, 0, 180, 1)->extent(Build::body());
    expect($extent->along(0.001))->toBe(1.0)
        ->and($extent->around(179.9))->toBe(1.0);
});

it('moves with the body’s own marks', function (): void {
    $head = Place::zone(Zone::Head);
    expect($head->extent(Build::body(['marks' => ['gill_u' => 0.15]]))->along(0.2))->toBe(0.0)
        ->and($head->extent(Build::body(['marks' => ['gill_u' => 0.3]]))->along(0.2))->toBe(1.0)
        ->and($head->label())->toBe('head');
});

it('says across the bench how a step is done', function (array $step, string $said): void {
    expect(Build::recipe($step)->steps[0]->how())->toContain($said);
})->with([
    'turned' => [
        ['type' => 'paint', 'mix' => [['paint' => 'white']], 'technique' => ['name' => 'spray'], 'where' => ['zone' => 'whole']],
        'Turn it under the brush',
    ],
    'above' => [
        [
            'type' => 'paint',
            'mix' => [['paint' => 'white']],
            'technique' => ['name' => 'spray'],
            'where' => ['zone' => 'back'],
            'aim_deg' => 0,
        ],
        'straight above',
    ],
    'tilted' => [
        [
            'type' => 'paint',
            'mix' => [['paint' => 'white']],
            'technique' => ['name' => 'spray'],
            'where' => ['zone' => 'back'],
            'aim_deg' => 30,
        ],
        'tilted 30°',
    ],
    'from below' => [
        [
            'type' => 'paint',
            'mix' => [['paint' => 'white']],
            'technique' => ['name' => 'spray'],
            'where' => ['zone' => 'belly'],
            'aim_deg' => 170,
        ],
        'From below',
    ],
    'pen' => [
        ['type' => 'paint', 'mix' => [['paint' => 'white']], 'technique' => ['name' => 'line'], 'where' => ['zone' => 'whole']],
        'By hand',
    ],
    'mesh' => [
        ['type' => 'paint', 'mix' => [['paint' => 'white']], 'technique' => ['name' => 'mesh'], 'where' => ['zone' => 'whole']],
        'Stretch the mesh tight',
    ],
    'coats' => [
        [
            'type' => 'paint',
            'mix' => [['paint' => 'white']],
            'technique' => ['name' => 'spray'],
            'where' => ['zone' => 'whole'],
            'coats' => 2,
        ],
        'Set between the coats',
    ],
    'eye' => [
        ['type' => 'eye', 'diameter_mm' => 5.5, 'pupil' => 'slit slanted'],
        'Set a 5.5 mm eye on each side with tacky glue. Both pupils slit slanted.',
    ],
    'clear' => [['type' => 'clear', 'clear' => 'two-part epoxy'], 'the nose last'],
    'task' => [['type' => 'prep', 'task' => 'Wipe it'], 'Wipe it'],
    'no task' => [['type' => 'inspect'], 'Look it over'],
]);

it('warns of what can hurt, where it applies', function (array $step, string $caution): void {
    $said = implode(' ', Build::recipe($step)->steps[0]->cautions());
    $caution === '' ? expect($said)->toBe('') : expect($said)->toContain($caution);
})->with([
    'spraying' => [
        ['type' => 'paint', 'mix' => [['paint' => 'white']], 'technique' => ['name' => 'spray'], 'where' => ['zone' => 'whole']],
        'respirator',
    ],
    'lacquer' => [
        [
            'type' => 'paint',
            'mix' => [['paint' => 'lacquer']],
            'technique' => ['name' => 'line'],
            'where' => ['zone' => 'whole'],
            'set' => ['by' => 'air'],
        ],
        'fire and vapour',
    ],
    'a pen, air dried' => [
        [
            'type' => 'paint',
            'mix' => [['paint' => 'white']],
            'technique' => ['name' => 'line'],
            'where' => ['zone' => 'whole'],
            'set' => ['by' => 'air'],
        ],
        '',
    ],
    'heat' => [
        ['type' => 'paint', 'mix' => [['paint' => 'white']], 'technique' => ['name' => 'line'], 'where' => ['zone' => 'whole']],
        'Heat guns',
    ],
    'sanding' => [['type' => 'prep', 'task' => 'Sand the seam'], 'dust'],
    'alcohol' => [['type' => 'prep', 'task' => 'Wipe with alcohol'], 'Alcohol burns'],
    'a blade' => [['type' => 'prep', 'task' => 'Cut the tape'], 'Blades'],
    'epoxy' => [['type' => 'clear', 'clear' => 'two-part epoxy'], 'gloves'],
    'UV' => [['type' => 'clear', 'clear' => 'UV resin'], 'eyes'],
    'urethane' => [['type' => 'clear', 'clear' => 'moisture-cure urethane dip'], 'isocyanate'],
    'spray clear' => [['type' => 'clear', 'clear' => 'acrylic spray'], 'solvent'],
    'waiting' => [['type' => 'wait', 'minutes' => 5], ''],
]);

it('has a time, a thickness and a caution for every clear', function (Clear $clear): void {
    expect($clear->hardMinutes())->toBeGreaterThan(0)
        ->and($clear->thicknessUm())->toBeGreaterThan(0)
        ->and($clear->hazard()->caution())->not->toBe('')
        ->and($clear->rate(21))->toBe(1.0);
})->with(Clear::cases());

it('hurries two-part resins with warmth, and nothing else', function (): void {
    // The rate doubles every 10 C: common practice, no published source.
    expect(Clear::Epoxy->rate(31))->toEqualWithDelta(2, 1e-9)
        ->and(Clear::Resin->rate(11))->toEqualWithDelta(0.5, 1e-9)
        ->and(Clear::Urethane->rate(31))->toBe(1.0);
});

it('lays more with each heavier hand', function (): void {
    $films = array_map(static fn(Weight $w): float => $w->wetUm(), Weight::cases());
    $sorted = $films;
    sort($sorted);
    expect($films)->toBe($sorted);
});

it('numbers steps as the ladder does, whether on or off', function (): void {
    $recipe = Build::recipe(['type' => 'wait', 'minutes' => 1, 'on' => false], ['type' => 'wait', 'minutes' => 2]);
    expect($recipe->number('step-1'))->toBe(2)
        ->and($recipe->number('nobody'))->toBe(0)
        ->and($recipe->enabled())->toHaveCount(1)
        ->and($recipe->coats())->toBe([]);
});
