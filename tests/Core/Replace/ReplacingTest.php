<?php

declare(strict_types=1);

namespace Tests\Core\Replace;

use Hawkbrush\Core\Calculator\Examples;
use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Exchange\RecipeReader;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Film\Unmeasured;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Replace\Replacement;
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
    $gold = Paint::read('gold', Node::root($document['paints']['gold']));
    $ranked = (new Replacing([$recipe], 'amber', Climate::ordinary()))->rank([[[$recipe->paints()['white'], 1]], [[$gold, 1]]]);
    expect($ranked[0]->for[0][0]->id)->toBe('gold')->and($ranked[0]->deltaE())->toBeGreaterThan(0.5)
        ->and(array_column($ranked[1]->zones, 1))->toBe(['eye'])->and($ranked[1]->deltaE())->toBeGreaterThan(20.0);
});

it('sees a painted eye on what lies below it: over black a transparent colour is hardly missed', function (): void {
    $apart = static function (string $base): float {
        $eye = ['id' => 'eye', 'type' => 'eye', 'diameter_mm' => 5, 'kind' => 'painted', 'rings' => [['paint' => 'moss', 'percent' => 90]]];
        $recipe = RecipeReader::read(Node::root(PaintedRecipes::document([PaintedRecipes::base($base), $eye])));
        $sepia = Paint::read('sepia', Node::root(['hex' => '#6a4524', 'kind' => 'transparent']));

        return (new Replacing([$recipe], 'moss', Climate::ordinary()))->rank([[[$sepia, 1]]])[0]->deltaE();
    };
    expect($apart('black'))->toBeLessThan(2.5)->and($apart('white'))->toBeGreaterThan(3 * $apart('black'));
});

it('finds the nearest of hundreds of paints as the ranking of all of them does', function (string $replaced): void {
    $recipe = RecipeReader::read(Node::root(Examples::recipe()));
    $kinds = [Kind::Opaque, Kind::SemiOpaque, Kind::Transparent, Kind::Pearl];
    $candidates = [];
    for ($n = 0; $n < 240; $n++) {
        $hex = \sprintf('#%02x%02x%02x', 40 + ($n * 53) % 190, 40 + ($n * 97) % 190, 40 + ($n * 29) % 190);
        $kind = $kinds[$n % 4];
        $optics = Unmeasured::optics(Colour::fromHex($hex)->reflectance(), $kind);
        $candidates[] = [[new Paint("p{$n}", "Paint {$n}", $kind, $optics, $hex), 1]];
    }
    // Of six patterns, so that few of the paints are drawn on all of them.
    $replacing = new Replacing(array_fill(0, 6, $recipe), $replaced, Climate::ordinary());
    $ids = static fn(array $ranked): array => array_map(static fn(Replacement $one): string => $one->for[0][0]->id, $ranked);
    expect($ids($replacing->nearest($candidates, 8)))->toBe(\array_slice($ids($replacing->rank($candidates)), 0, 8));
})->with(['an opaque one' => 'white', 'a transparent one' => 'moss']);
