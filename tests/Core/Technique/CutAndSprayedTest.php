<?php

declare(strict_types=1);

namespace Tests\Core\Technique;

// What is cut is what is sprayed: mask and picture come from one technique and must agree.

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Index;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Calculator\Examples;
use Hawkbrush\Core\Flat\Shape;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Render\Coverage;
use Hawkbrush\Core\Step\Step;
use Hawkbrush\Core\Technique\Anchor;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Cut;
use Hawkbrush\Core\Technique\Indexed;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\Technique;
use Hawkbrush\Core\Technique\Techniques;
use Tests\Build;

function fineSurface(): Surface
{
    static $surface = null;

    return $surface ??= Surface::of(
        Body::read(Node::root(Examples::body() + ['marks' => ['gill_u' => 0.25, 'hooks_u' => [0.4]]])),
        256,
        192,
    );
}

/**
 * @param array<string, mixed> $settings
 *
 * @return array{Shape, float, float, float} what is cut, the area that gets paint in mm2, and the middle of it as x and y in mm
 */
function cutAndSprayed(string $name, array $settings, int $seed = 3): array
{
    $surface = fineSurface();
    $technique = Techniques::named($name);
    \assert($technique instanceof Cut);
    $choices = Choices::read($technique, Node::root($settings));
    $area = $x = $y = 0.0;
    foreach ($technique->through($surface, $choices, $seed, OpenSpray::everywhere($surface)) as $cell => $share) {
        $column = $cell % $surface->columns;
        $area += $share * $surface->areaMm2[$cell];
        $x += $share * $surface->areaMm2[$cell] * $surface->u[$column] * $surface->body->lengthMm;
        $y += $share * $surface->areaMm2[$cell] * ($surface->arcMm[$cell] - $surface->flankMm[$column]);
    }

    return [$technique->cut($surface, $choices, $seed), $area, $x / $area, $y / $area];
}

it('sprays as much as is cut out, where it is cut out', function (string $name, array $settings, float $within): void {
    [$cut, $area, $x, $y] = cutAndSprayed($name, $settings);
    [$left, $top, $right, $bottom] = $cut->bounds();
    expect($area)->toEqualWithDelta($cut->areaMm2(), $within * $cut->areaMm2())
        ->and($x)->toBeBetween($left, $right)
        ->and($y)->toBeBetween($top, $bottom);
})->with([
    'a hard spot' => ['spot', ['u' => 0.45, 'deg' => 90, 'diameter_mm' => 6, 'soft' => 0.05], 0.05],
    'a round hole' => ['punch', ['u' => 0.45, 'deg' => 90, 'long_mm' => 6], 0.05],
    'an oval' => ['punch', ['shape' => 'oval', 'u' => 0.5, 'deg' => 85, 'long_mm' => 9], 0.06],
    'a drop' => ['punch', ['shape' => 'drop', 'u' => 0.5, 'deg' => 95, 'long_mm' => 9], 0.06],
    'a diamond, turned' => ['punch', ['shape' => 'diamond', 'u' => 0.45, 'deg' => 90, 'long_mm' => 9, 'turn_deg' => 40], 0.06],
    'a crescent' => ['punch', ['shape' => 'crescent', 'u' => 0.45, 'deg' => 90, 'long_mm' => 10], 0.08],
    'a row of circles' => ['circles', ['count' => 4, 'diameter_mm' => 4, 'from_u' => 0.35, 'to_u' => 0.7, 'deg' => 85], 0.05],
    'rings' => ['circles', ['count' => 3, 'diameter_mm' => 7, 'core' => 0.5, 'from_u' => 0.35, 'to_u' => 0.65, 'deg' => 88], 0.08],
    'straight bars' => [
        'bars',
        ['count' => 4, 'width_mm' => 4, 'waver' => 0, 'from_u' => 0.35, 'to_u' => 0.65, 'top_deg' => 40, 'bottom_deg' => 120],
        0.12,
    ],
    'an own outline' => ['outline', ['outline' => 'M0 0L8 0L10 3L2 5Z', 'long_mm' => 12, 'u' => 0.45, 'deg' => 90], 0.06],
    'a decal' => ['decal', ['outline' => 'M0 0L8 0L10 3L2 5Z', 'long_mm' => 12, 'u' => 0.45, 'deg' => 90], 0.06],
]);

it('lays a mark with its middle where its index says', function (string $name, array $settings): void {
    $surface = fineSurface();
    $technique = Techniques::named($name);
    \assert($technique instanceof Indexed);
    $settings += ['u' => 0.45, 'deg' => 80];
    [, , $x, $y] = cutAndSprayed($name, $settings);
    $anchor = $technique->anchors($surface->body, Choices::read($technique, Node::root($settings)))[0];
    expect($x)->toEqualWithDelta($anchor->u * $surface->body->lengthMm, 0.3)
        ->and(-$y)->toEqualWithDelta(Index::arcMm($surface->body, $anchor->u, $anchor->deg, 90), 0.35);
})->with([
    ['spot', ['diameter_mm' => 5]],
    ['punch', ['long_mm' => 5]],
    ['punch', ['long_mm' => 7, 'shape' => 'diamond', 'turn_deg' => 30]],
    ['outline', ['outline' => 'M0 0L6 0L6 6L0 6Z', 'long_mm' => 6]],
]);

it('tells of every indexed technique where it lies, in words', function (Technique $technique): void {
    \assert($technique instanceof Indexed);
    $body = fineSurface()->body;
    $anchors = $technique->anchors($body, Choices::read($technique, Node::root([])));
    foreach ($anchors as $anchor) {
        expect($anchor->u)->toBeBetween(0.0, 1.0)->and($anchor->deg)->toBeBetween(0.0, 180.0)
            ->and($anchor->say($body))->toMatch(
                '/^[A-Z][^:]+: (at|\d+\.\d mm (behind|in front of)) the [^,]+, (on the (midline|back ridge|keel)|\d+\.\d mm (above|below) the midline)$/',
            );
    }
})->with(array_values(array_map(
    static fn(Technique $t): array => [$t],
    array_filter(Techniques::all(), static fn(Technique $t): bool => $t instanceof Indexed),
)));

it('names both tapes, and none where there is none', function (array $settings, array $said): void {
    $tape = Techniques::named('tape');
    \assert($tape instanceof Indexed);
    expect(array_map(
        static fn(Anchor $a): string => $a->what,
        $tape->anchors(fineSurface()->body, Choices::read($tape, Node::root($settings))),
    ))->toBe($said);
})->with([
    [['top_deg' => 40, 'bottom_deg' => 110], ['edge of the upper tape', 'edge of the lower tape']],
    [['top_deg' => 0, 'bottom_deg' => 110], ['edge of the lower tape']],
    [['top_deg' => 0, 'bottom_deg' => 180], ['middle of the band']],
]);

it('begins its middle row of scallops at the gill edge, on the bait and on the strip', function (): void {
    $surface = fineSurface();
    $scallops = Techniques::named('scallops');
    \assert($scallops instanceof Cut);
    $choices = Choices::read($scallops, Node::root(['scale_mm' => 6, 'rim_mm' => 1]));
    $gill = 0.25 * $surface->body->lengthMm;
    $through = $scallops->through($surface, $choices, 1, OpenSpray::everywhere($surface));
    $at = static fn(float $mm): float => $through[$surface->cellAt($mm / $surface->body->lengthMm, 90)] ?? 0.0;
    // A rim stands half a scale behind the middle of each scallop; before it the scale is clear.
    expect($at($gill + 2.8))->toBeGreaterThan(0.5)->and($at($gill + 1.5))->toBeLessThan(0.1)
        ->and($at($gill + 8.8))->toBeGreaterThan(0.5);
    [$left] = $scallops->cut($surface, $choices, 1)->bounds();
    expect($left)->toEqualWithDelta($gill - 3, 1e-6);
});

it('leaves the centre of a spot free for another colour', function (): void {
    [, $whole] = cutAndSprayed('spot', ['u' => 0.45, 'deg' => 90, 'diameter_mm' => 8, 'soft' => 0.05]);
    [, $ring] = cutAndSprayed('spot', ['u' => 0.45, 'deg' => 90, 'diameter_mm' => 8, 'soft' => 0.05, 'core' => 0.5]);
    // A quarter of the disc lies within half its diameter (arithmetic).
    expect($ring / $whole)->toEqualWithDelta(0.75, 0.03);
});

it('lets more through the thinner the strand of a mesh, and stands in columns when it is square', function (): void {
    $surface = fineSurface();
    $mesh = Techniques::named('mesh');
    \assert($mesh !== null);
    $open = OpenSpray::everywhere($surface);
    $sum = static fn(array $settings): float => array_sum($mesh->through($surface, Choices::read($mesh, Node::root($settings)), 1, $open));
    expect($sum(['strand' => 0.1]))->toBeGreaterThan($sum(['strand' => 0.3]))
        ->and($sum(['strand' => 0.28]))->toEqualWithDelta($sum(['age' => 'new']), 1e-6);
    $square = $mesh->through($surface, Choices::read($mesh, Node::root(['lie' => 'square', 'pitch_mm' => 5, 'strand' => 0.3])), 1, $open);
    $slanted = $mesh->through($surface, Choices::read($mesh, Node::root(['lie' => 'slanted', 'pitch_mm' => 5, 'strand' => 0.3])), 1, $open);
    // Down a line between two columns of windows a square mesh lets nothing through; a slanted one does, in every second row.
    $between = (int) floor(32.5 / $surface->body->lengthMm * $surface->columns);
    $down = static fn(array $through): int => \count(array_filter(
        array_keys($through),
        static fn(int $cell): bool => $cell % $surface->columns === $between,
    ));
    expect($down($square))->toBe(0)->and($down($slanted))->toBeGreaterThan(10);
});

it('throws drops as the tool throws them: a toothbrush with tails, a stub brush in handfuls', function (): void {
    $surface = fineSurface();
    $splatter = Techniques::named('splatter');
    \assert($splatter !== null);
    $open = OpenSpray::everywhere($surface);
    $cells = static fn(string $by): array => array_keys($splatter->through(
        $surface,
        Choices::read($splatter, Node::root(['by' => $by, 'drop_mm' => 1, 'per_cm2' => 6])),
        5,
        $open,
    ));
    $air = $cells('low air');
    $tooth = $cells('toothbrush');
    expect(array_diff($air, $tooth))->toBe([])->and(\count($tooth))->toBeGreaterThan(\count($air));
    $stub = $cells('stub brush');
    expect($stub)->not->toBe($air)->and(\count($stub) / \count($air))->toBeBetween(0.4, 1.6);
});

it('covers with a brush nearly all, with glitter flake by flake', function (): void {
    $surface = fineSurface();
    $open = OpenSpray::everywhere($surface);
    $area = static function (string $name, array $settings) use ($surface, $open): float {
        $technique = Techniques::named($name);
        \assert($technique !== null);
        $sum = 0.0;
        foreach ($technique->through($surface, Choices::read($technique, Node::root($settings)), 2, $open) as $cell => $share) {
            $sum += $share * $surface->areaMm2[$cell % \count($surface->areaMm2)];
        }

        return $sum / array_sum($surface->areaMm2);
    };
    expect($area('brush', ['streaks' => 0]))->toBeBetween(0.75, 1.0)
        ->and($area('brush', ['streaks' => 1]))->toBeLessThan($area('brush', ['streaks' => 0.2]))
        ->and($area('glitter', ['per_cm2' => 20, 'flake_mm' => 0.5]))->toBeBetween(0.01, 0.12)
        ->and($area(
            'glitter',
            ['per_cm2' => 80, 'flake_mm' => 0.5],
        ))->toBeGreaterThan(3 * $area('glitter', ['per_cm2' => 20, 'flake_mm' => 0.5]));
});

it('throws finer drops the harder it blows, and none the finer by a brush', function (): void {
    $surface = Build::surface();
    $covered = static fn(string $by, float $psi): float => array_sum(Coverage::land(
        Build::coat(['technique' => ['name' => 'splatter', 'by' => $by, 'drop_mm' => 1.6, 'per_cm2' => 6], 'psi' => $psi]),
        $surface,
    )->left);
    // At four times the air drops are half as wide and cover a quarter.
    expect($covered('low air', 8))->toEqualWithDelta($covered('low air', 2) / 4, 0.12 * $covered('low air', 2))
        ->and($covered('low air', 1))->toBeGreaterThan(1.5 * $covered('low air', 2))
        ->and($covered('low air', 120))->toBeGreaterThan(0)->toBeLessThan($covered('low air', 8))
        ->and($covered('toothbrush', 8))->toBe($covered('toothbrush', 2))
        ->and($covered('stub brush', 40))->toBe($covered('stub brush', 2));
});

it('counts splatter by low air as sprayed: with its pressure, its mist and its own words', function (): void {
    $by = static fn(string $by): Step => Build::recipe([
        'type' => 'paint',
        'mix' => [['paint' => 'white']],
        'where' => ['zone' => 'whole'],
        'technique' => ['name' => 'splatter', 'by' => $by],
    ])->steps[0];
    expect($by('low air')->coat()?->byAir())->toBeTrue()->and($by('toothbrush')->coat()?->byAir())->toBeFalse()
        ->and(Build::coat()->byAir())->toBeTrue()->and(Build::coat(['technique' => ['name' => 'sponge']])->byAir())->toBeFalse()
        ->and($by('low air')->how())->toStartWith('In short bursts')->and($by('stub brush')->how())->toStartWith('By hand')
        ->and(implode(' ', $by('low air')->cautions()))->toContain('respirator')
        ->and(implode(' ', $by('toothbrush')->cautions()))->not->toContain('respirator');
});
