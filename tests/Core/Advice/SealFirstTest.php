<?php

declare(strict_types=1);

namespace Tests\Core\Advice;

use Hawkbrush\Core\Advice\Advisor;
use Hawkbrush\Core\Advice\Finding;
use Hawkbrush\Core\Advice\Severity;
use Hawkbrush\Core\Calculator\Examples;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Exchange\RecipeReader;
use Hawkbrush\Core\Node;
use Tests\Build;

/** @return list<Finding> what is said of chemistry; common practice, no published source */
function chemistryOf(array ...$steps): array
{
    $document = ['steps' => array_map(static fn(array $step, int $i): array => $step + ['id' => "s{$i}"], $steps, array_keys($steps))]
        + Examples::recipe();
    $document['paints'] += [
        'ink' => ['hex' => '#141210', 'kind' => 'ink', 'family' => 'acrylic ink'],
        'enamel' => ['hex' => '#204060', 'kind' => 'opaque', 'family' => 'solvent enamel'],
    ];

    return array_values(array_filter(
        Advisor::advise(RecipeReader::read(Node::root($document)), Climate::ordinary()),
        static fn(Finding $f): bool => $f->rule === 'seal-first',
    ));
}

/** @return array<string, mixed> */
function cleared(string $clear): array
{
    return ['type' => 'clear', 'clear' => $clear, 'coats' => 1];
}

/** @return array<string, mixed> */
function lined(string $paint, string $technique): array
{
    return ['technique' => ['name' => $technique]] + Build::paintStep([], 'line', $paint);
}

it('wants a thin acrylic clear over ink and decals before epoxy, and is content once it is there', function (array $marks): void {
    $said = chemistryOf(Build::paintStep([], 'base'), $marks, cleared('two-part epoxy'));
    expect($said)->toHaveCount(1)->and($said[0]->severity)->toBe(Severity::Caution)
        ->and($said[0]->fix?->insert)->toMatchArray(['type' => 'clear', 'clear' => 'acrylic spray'])
        ->and(chemistryOf(Build::paintStep([], 'base'), $marks, cleared('acrylic spray'), cleared('two-part epoxy')))->toBe([])
        ->and(chemistryOf(Build::paintStep([], 'base'), $marks, cleared('UV resin')))->toBe([]);
})->with([[lined('ink', 'pen bars')], [lined('white', 'decal')]]);

it('is silent on paint by airbrush and by a pen of acrylic', function (array $step): void {
    expect(chemistryOf(Build::paintStep([], 'base'), $step, cleared('two-part epoxy')))->toBe([]);
})->with([[lined('white', 'pen bars')], [lined('ink', 'spray')]]);

it('stops spray clear over enamel', function (): void {
    $said = chemistryOf(Build::paintStep([], 'base', 'enamel'), cleared('acrylic spray'));
    expect($said)->toHaveCount(1)->and($said[0]->severity)->toBe(Severity::Stop);
});

it('lets a second coat of the same clear follow the first', function (string $clear): void {
    expect(chemistryOf(Build::paintStep([], 'base'), cleared($clear), cleared($clear)))->toBe([]);
})->with(['two-part epoxy', 'moisture-cure urethane dip', 'UV resin', 'acrylic spray']);

it('does not take sanding, or a name with sand in it, for a seal over ink', function (array $between): void {
    expect(chemistryOf(Build::paintStep([], 'base'), lined('ink', 'pen bars'), $between, cleared('two-part epoxy')))->toHaveCount(1);
})->with([[['type' => 'prep', 'task' => 'Sand it lightly']], [['type' => 'eye', 'title' => 'Sand eel eyes', 'diameter_mm' => 5]]]);

it('wants a hard clear dull under urethane', function (): void {
    $dip = cleared('moisture-cure urethane dip');
    $said = chemistryOf(Build::paintStep([], 'base'), cleared('two-part epoxy'), $dip);
    $sand = $said[0]->fix?->insert;
    expect($said)->toHaveCount(1)->and($sand)->toMatchArray(['type' => 'prep'])
        ->and(chemistryOf(Build::paintStep([], 'base'), cleared('two-part epoxy'), $sand + ['id' => 'sand'], $dip))->toBe([]);
});
