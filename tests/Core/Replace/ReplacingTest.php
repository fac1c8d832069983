<?php

declare(strict_types=1);

namespace Tests\Core\Replace;

use Hawkbrush\Core\Calculator\Examples;
use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Exchange\PaintReader;
use Hawkbrush\Core\Exchange\RecipeReader;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Film\Unmeasured;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Replace\Replacing;
use Tests\PaintedRecipes;

it('ranks the same paint under another name first, with nothing changed', function (): void {
    $recipe = RecipeReader::read(Node::root(Examples::recipe()));
    $used = $recipe->coats()[1]->mixture->parts[0][0];
    $twin = new Paint('twin', 'Twin', $used->kind, $used->optics, $used->hex, $used->solids, $used->dropMl, $used->family);
    $other = new Paint(
        'other',
        'Other',
        Kind::Opaque,
        Unmeasured::optics(Colour::fromHex('#d02020')->reflectance(), Kind::Opaque),
        '#d02020',
    );
    $ranked = (new Replacing([$recipe], $used->id, Climate::ordinary()))->rank([[[$other, 1]], [[$twin, 1]]]);
    expect($ranked[0]->for[0][0]->id)->toBe('twin')
        ->and($ranked[0]->deltaE())->toBeLessThan(1e-6)
        ->and($ranked[1]->deltaE())->toBeGreaterThan(3.0)
        ->and((new Replacing([$recipe], $used->id, Climate::ordinary()))->wanted()?->shows($used->optics))->not->toBeNull();
});

it('holds a replacement against what is stirred into a clear', function (): void {
    $document = Examples::recipe();
    $document['paints']['blue'] = ['hex' => '#2040c0', 'kind' => 'transparent'];
    $document['steps'][] = ['id' => 'end', 'type' => 'clear', 'clear' => 'two-part epoxy', 'coats' => 2, 'stirred' => [
        ['paint' => 'moss', 'percent' => 3, 'where' => ['zone' => 'back']],
        ['paint' => 'blue', 'percent' => 3, 'where' => ['zone' => 'back']],
    ]];
    $recipe = RecipeReader::read(Node::root($document));
    $paints = $recipe->paints();
    $replacing = new Replacing([$recipe], 'blue', Climate::ordinary());
    $ranked = $replacing->rank([[[$paints['white'], 1]], [[$paints['blue'], 1]]]);
    expect($ranked[0]->for[0][0]->id)->toBe('blue')->and($ranked[0]->deltaE())->toBeLessThan(1e-6)
        ->and($ranked[1]->deltaE())->toBeGreaterThan(3.0)
        ->and(array_column($ranked[1]->zones, 1))->toContain('back')->not->toContain('belly')
        ->and($replacing->takesAlone(0))->toBeTrue()
        ->and((new Replacing([$recipe], 'white', Climate::ordinary()))->takesAlone(0))->toBeFalse();
});

it('holds a replacement against the disc of a painted eye', function (): void {
    $document = Examples::recipe();
    $document['paints']['amber'] = ['hex' => '#d89020', 'kind' => 'opaque'];
    $document['paints']['gold'] = ['hex' => '#d8982a', 'kind' => 'opaque'];
    $document['steps'][] = ['id' => 'eye', 'type' => 'eye', 'diameter_mm' => 5, 'kind' => 'painted', 'rings' => [
        ['paint' => 'white', 'percent' => 100, 'by' => 'punch'], ['paint' => 'amber', 'percent' => 80, 'by' => 'punch'],
    ]];
    $recipe = RecipeReader::read(Node::root($document));
    $gold = PaintReader::paint('gold', Node::root($document['paints']['gold']));
    $ranked = (new Replacing([$recipe], 'amber', Climate::ordinary()))->rank([[[$recipe->paints()['white'], 1]], [[$gold, 1]]]);
    expect($ranked[0]->for[0][0]->id)->toBe('gold')->and($ranked[0]->deltaE())->toBeGreaterThan(0.5)
        ->and(array_column($ranked[1]->zones, 1))->toBe(['eye'])->and($ranked[1]->deltaE())->toBeGreaterThan(20.0);
});

it('sees a painted eye on what lies below it: over black a transparent colour is hardly missed', function (): void {
    $apart = static function (string $base): float {
        $eye = ['id' => 'eye', 'type' => 'eye', 'diameter_mm' => 5, 'kind' => 'painted', 'rings' => [['paint' => 'moss', 'percent' => 90]]];
        $recipe = RecipeReader::read(Node::root(PaintedRecipes::document([PaintedRecipes::base($base), $eye])));
        $sepia = PaintReader::paint('sepia', Node::root(['hex' => '#6a4524', 'kind' => 'transparent']));

        return (new Replacing([$recipe], 'moss', Climate::ordinary()))->rank([[[$sepia, 1]]])[0]->deltaE();
    };
    expect($apart('black'))->toBeLessThan(2.5)->and($apart('white'))->toBeGreaterThan(3 * $apart('black'));
});
