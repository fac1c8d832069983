<?php

declare(strict_types=1);

namespace Tests\Core\Render;

use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Exchange\RecipeReader;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Render\EyeInPlace;
use Tests\PaintedRecipes;

/**
 * @param array<string, mixed> $fields
 *
 * @return array<string, mixed>
 */
function eyed(string $id, array $fields = []): array
{
    return $fields + ['id' => $id, 'type' => 'eye', 'diameter_mm' => 5];
}

/** @param list<array<string, mixed>> $steps */
function irisAfter(array $steps, ?string $upto = null): ?string
{
    $recipe = RecipeReader::read(Node::root(PaintedRecipes::document($steps)));
    $step = $recipe->eyeStep($upto);
    $eye = $step?->eye();

    return $step === null || $eye === null ? null : EyeInPlace::of($recipe, $step->id, $eye)->irisHex;
}

it('has the eye from its step on, the one that was set last, and none that is switched off', function (): void {
    $base = ['id' => 'base'] + PaintedRecipes::base();
    $steps = [$base, eyed('one', ['iris' => '#d0842a']), eyed('two', ['iris' => '#20a040']), eyed('off', ['on' => false])];
    expect(irisAfter($steps, 'base'))->toBeNull()->and(irisAfter($steps, 'one'))->toBe('#d0842a')
        ->and(irisAfter($steps, 'two'))->toBe('#20a040')->and(irisAfter($steps, 'off'))->toBe('#20a040')
        ->and(irisAfter($steps))->toBe('#20a040')->and(irisAfter([$base, eyed('off', ['on' => false])]))->toBeNull();
});

it('paints an eye on the films that lie there before it, and on none after', function (): void {
    $eye = eyed('eye', ['kind' => 'painted', 'rings' => [['paint' => 'moss', 'percent' => 80]]]);
    $light = static fn(array ...$steps): float => Colour::fromHex(irisAfter(array_values($steps)) ?? '#000000')->lab->l;
    [$white, $black] = [PaintedRecipes::base(), PaintedRecipes::base('black')];
    expect($light($white, $eye))->toBeGreaterThan($light($black, $eye) + 10)
        ->and($light($white, $eye, $black))->toBe($light($white, $eye));
});
