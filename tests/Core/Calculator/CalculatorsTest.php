<?php

declare(strict_types=1);

namespace Tests\Core\Calculator;

use Hawkbrush\Core\Calculator\Calculator;
use Hawkbrush\Core\Calculator\Calculators;
use Hawkbrush\Core\Calculator\Examples;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Symfony\Component\Process\Process;

/** @return array{int, string, string} exit code, standard output, standard error */
function hawk(string $input, string ...$arguments): array
{
    $process = new Process([\dirname(__DIR__, 3).'/bin/hawk', ...$arguments]);
    $process->setInput($input);
    $process->run();

    return [(int) $process->getExitCode(), $process->getOutput(), $process->getErrorOutput()];
}

/** @return array<string, mixed> */
function worked(string $name, array $in): array
{
    $calculator = Calculators::named($name);
    \assert($calculator !== null);

    return $calculator->calculate(Node::fromJson((string) json_encode($in)));
}

it('lists every calculator of the design, each with an example that runs', function (string $name): void {
    [$code, $listed] = hawk('');
    [, $help] = hawk('', $name, '--help');
    expect($code)->toBe(0)
        ->and($listed)->toContain("  {$name}\n")
        ->and($help)->toContain('in:')->toContain('out:');
    $example = explode("example:\n", $help)[1];
    [$code, $out, $error] = hawk($example, $name);
    expect($code)->toBe(0)
        ->and($error)->toBe('')
        ->and(json_decode($out, true))->toBeArray()->not->toBe([]);
})->with(['colour', 'difference', 'film', 'stack', 'drawdown', 'mix', 'hide', 'area', 'spread', 'climate', 'dry', 'pressure', 'fault',
    'clean', 'order', 'passes', 'rescue', 'advise', 'render']);

it('reads from a file as well', function (): void {
    $file = (string) tempnam(sys_get_temp_dir(), 'hawk');
    file_put_contents($file, '{"hex": "#a1431a"}');
    expect(json_decode(hawk('', 'colour', $file)[1], true)['hex'])->toBe('#a1431a')
        ->and(hawk('', 'colour', '/nowhere.json')[0])->toBe(2);
});

it('says what is wrong and where, on standard error alone', function (string $name, string $input, string $pointer): void {
    [$code, $out, $error] = hawk($input, $name);
    expect($code)->toBe(2)
        ->and($out)->toBe('')
        ->and(json_decode($error, true)['error']['pointer'])->toBe($pointer)
        ->and(json_decode($error, true)['error']['message'])->not->toBe('');
})->with([
    ['nonsense', '{}', ''],
    ['colour', '{', ''],
    ['colour', '[]', ''],
    ['colour', '{"hex": "red"}', '/hex'],
    [
        'stack',
        '{"substrate": {"hex": "#ffffff"}, "layers": [{"paint": {"hex": "#ffffff", "kind": "opaque"}, "dry_um": -1}]}',
        '/layers/0/dry_um',
    ],
    ['film', '{"paint": {"hex": "#ffffff", "kind": "sticky"}, "dry_um": 1}', '/paint/kind'],
    ['area', '{"body": {"length_mm": 50, "stations": [[0, 1, 1, 1]]}}', '/body/stations'],
    ['spread', '{"area_mm2": 1000, "wet_um": 20, "transfer_efficiency": 0}', '/transfer_efficiency'],
    ['climate', '{"air_c": 20, "humidity_percent": 0}', '/humidity_percent'],
    ['dry', '{"wet_um": 9, "volatile_fraction": 1.2, "air_c": 20, "humidity_percent": 50}', '/volatile_fraction'],
    ['render', '{"recipe": {"body": {"length_mm": 50, "stations": []}, "steps": []}}', '/recipe/body/stations'],
]);

it('has the shapes of the design', function (): void {
    $colour = worked('colour', ['hex' => '#ffffff']);
    expect($colour['xyz'][1])->toEqualWithDelta(100, 1e-3)
        ->and($colour['in_gamut'])->toBeTrue()
        ->and($colour['reflectance']['values'])->toHaveCount(31)
        ->and($colour['lch'])->toHaveCount(3);
    expect(worked(
        'film',
        ['paint' => ['k' => array_fill(0, 31, 0.0), 's' => array_fill(0, 31, 0.0)], 'dry_um' => 9],
    )['transmittance'][0])->toEqual(1);
    expect(worked('hide', ['paint' => ['hex' => '#f5d000', 'kind' => 'transparent']]))->toMatchArray(['dry_um' => null, 'coats' => null])
        ->and(worked('hide', ['paint' => ['hex' => '#f0f1ec', 'kind' => 'opaque']])['coats'])->toBeBetween(2, 3);
    $area = worked('area', ['body' => Examples::body()]);
    expect(array_keys($area['zones']))->toContain('back', 'lateral line')
        ->and(max($area['zones']))->toBeLessThan($area['area_mm2']);
    expect(worked(
        'spread',
        ['area_mm2' => 1000, 'wet_um' => 20, 'coats' => 1, 'transfer_efficiency' => 1, 'solids' => 0.35, 'thinning' => 0],
    )['ml'])->toEqualWithDelta(0.02, 1e-12);
    expect(worked('climate', ['air_c' => 20, 'humidity_percent' => 50, 'surface_c' => 11])['clear_coat_ok'])->toBeFalse();
    expect(worked(
        'dry',
        ['wet_um' => 9, 'volatile_fraction' => 0.65, 'air_c' => 20, 'humidity_percent' => 100],
    ))->toMatchArray(['touch_dry_s' => null, 'mask_safe_s' => null]);
    expect(worked('advise', Examples::recipe())['findings'][0])->toHaveKeys(['rule', 'severity', 'step', 'reason', 'fix']);
});

it('stacks films in their order over a ground', function (): void {
    $paint = static fn(string $hex): array => ['hex' => $hex, 'kind' => 'opaque'];
    $after = worked(
        'stack',
        [
            'substrate' => ['hex' => '#ffffff'],
            'layers' => [['paint' => $paint('#aa2222'), 'dry_um' => 200], ['paint' => $paint('#2222aa'), 'dry_um' => 200]],
            'surface' => 'none',
        ],
    )['after'];
    expect($after[0]['hex'])->toBe('#aa2222')->and($after[1]['hex'])->toBe('#2222aa')
        ->and(worked('stack', ['substrate' => ['hex' => '#ffffff'], 'layers' => []])['after'])->toBe([]);
});

it('renders a recipe, upto a step, on another body, at the size that was asked for', function (): void {
    $recipe = Examples::recipe();
    $all = worked('render', ['recipe' => $recipe, 'width' => 40, 'height' => 20]);
    expect(\strlen((string) base64_decode($all['cells'], true)))->toBe(40 * 20 * $all['bytes_per_cell'])
        ->and(worked('render', ['recipe' => $recipe, 'width' => 40, 'height' => 20, 'upto' => 'base'])['palette'])->toHaveCount(1)
        ->and(worked('render', $recipe + ['width' => 40, 'height' => 20]))->toBe($all)
        ->and(worked(
            'render',
            ['recipe' => $recipe, 'body' => ['length_mm' => 120] + Examples::body(), 'width' => 40, 'height' => 20],
        )['cells'])->not->toBe($all['cells']);
});

it('refuses nothing in its own examples', function (Calculator $calculator): void {
    expect($calculator->calculate(Node::fromJson((string) json_encode($calculator->example()))))->not->toBe([]);
})->with(array_map(static fn(Calculator $c): array => [$c], Calculators::all()));

it('works out air, faults and cleaning', function (): void {
    $air = worked('pressure', ['work' => 'coat', 'kind' => 'transparent', 'thinning_percent' => 60, 'nozzle_mm' => 0.35]);
    expect($air['psi'][0])->toBeLessThan($air['set_psi'])->and($air['set_psi'])->toBeBetween(10, 15)
        ->and($air['reasons'][0]['why'])->toContain('ordinary coat')
        ->and($air['thinning']['percent'][1])->toBe(60.0);
    $fault = worked('fault', ['fault' => 'spider legs', 'psi' => 30, 'thinning_percent' => 60]);
    expect($fault['causes'][0]['cause'])->toBe('too much air')->and((array) $fault['causes'][0]['sets'])->toHaveKey('psi');
    $clean = worked('clean', ['from' => ['hex' => '#111213', 'kind' => 'opaque'], 'to' => ['hex' => '#f2f2ee', 'kind' => 'opaque']]);
    expect($clean['level'])->toBe('flush')->and($clean['delta_e']['blow'])->toBeGreaterThan($clean['delta_e']['strip']);
    $free = worked('pressure', ['weight' => 'light', 'width_mm' => 5, 'zone' => 'belly', 'kind' => 'pearl', 'craft' => true]);
    expect($free['psi'][1])->toBeLessThan(20)->and($free['thinning']['set_percent'])->toBeGreaterThanOrEqual(15);
});

it('refuses air, thinning and nozzles that there are not, and says what is possible', function (array $in, string $pointer): void {
    expect(fn() => worked('pressure', $in + ['work' => 'coat']))
        ->toThrow(fn(Refused $e) => expect($e->pointer)->toBe($pointer)->and($e->getMessage())->toMatch('/\d|base/'));
})->with([
    [['thinning_percent' => 100], '/thinning_percent'],
    [['nozzle_mm' => 5], '/nozzle_mm'],
    [['work' => 'dipping'], '/work'],
]);

it('refuses no air at all and a room that nobody paints in', function (array $in, string $pointer): void {
    expect(fn() => worked('fault', $in + ['fault' => 'spit']))->toThrow(fn(Refused $e) => expect($e->pointer)->toBe($pointer));
})->with([
    [['psi' => 0], '/psi'], [['air_c' => 80], '/air_c'],
    [['humidity_percent' => 0], '/humidity_percent'], [['fault' => 'hiccup'], '/fault'],
]);

it('prints no digits that only show how a figure was rounded', function (): void {
    // Drops came out as 0.39999999999999997.
    [$code, $out] = hawk('{"area_mm2":1000,"wet_um":20,"coats":1,"transfer_efficiency":1,"solids":0.5,"thinning":0.2}', 'spread');
    expect($code)->toBe(0)->and($out)->toBe('{"ml":0.02,"drops":0.4,"dry_um":8.0}'."\n");
});
