<?php

declare(strict_types=1);

namespace Tests\Core\Pattern;

// What must hold of any recipe at all, tried on many made by chance.

use Hawkbrush\Core\Advice\Advisor;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Coat\Hazard;
use Hawkbrush\Core\Colour\Bands;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Exchange\RecipeReader;
use Hawkbrush\Core\Exchange\RecipeWriter;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Pattern\Scaling;
use Hawkbrush\Core\Render\CoreSample;
use Hawkbrush\Core\Render\Coverage;
use Hawkbrush\Core\Render\Field;
use Hawkbrush\Core\Render\Symmetry;
use Hawkbrush\Core\Render\Texture;
use Hawkbrush\Core\Run\Cautions;
use Hawkbrush\Core\Run\Plan;
use Hawkbrush\Core\Shop\Shop;
use Hawkbrush\Core\Step\Step;
use Tests\AnyRecipe;

function anyRecipe(int $seed): Recipe
{
    return RecipeReader::read(Node::root(AnyRecipe::document($seed)));
}

dataset('seeds', range(1, 24));

it('is read back from what was written, to the last digit', function (int $seed): void {
    $recipe = anyRecipe($seed);
    $written = RecipeWriter::write($recipe);
    $text = json_encode($written, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
    $again = RecipeReader::read(Node::root(json_decode($text, true, 512, JSON_THROW_ON_ERROR)));
    expect(RecipeWriter::write($again))->toEqual($written);
    $surface = Surface::of($recipe->body, 32, 16);
    expect(Texture::draw(Field::painted($again, Surface::of($again->body, 32, 16), Climate::ordinary()), SurfaceFinish::Clear))
        ->toEqual(Texture::draw(Field::painted($recipe, $surface, Climate::ordinary()), SurfaceFinish::Clear));
})->with('seeds');

it('keeps light within its bounds: nothing is lost twice, nothing comes from nowhere', function (int $seed): void {
    $recipe = anyRecipe($seed);
    foreach (Field::painted($recipe, Surface::of($recipe->body, 32, 16), Climate::ordinary())->states as $state) {
        expect(min($state->r))->toBeGreaterThanOrEqual(0.0)
            ->and(max($state->r))->toBeLessThanOrEqual(1.0)
            ->and(array_sum($state->glow ?? []))->toBeLessThan(INF);
        foreach ([...($state->glint ?? []), ...($state->glow ?? [])] as $light) {
            expect($light)->toBeGreaterThanOrEqual(0.0)->toBeLessThan(INF);
        }
    }
})->with('seeds');

it('covers no cell with less than nothing or more than all, and only cells that there are', function (int $seed): void {
    $recipe = anyRecipe($seed);
    $surface = Surface::of($recipe->body, 64, 32);
    foreach (array_merge([], ...array_map(static fn(Step $step): array => $step->films(), $recipe->enabled())) as $step) {
        $cover = Coverage::land($step, $surface);
        foreach ([$cover->left, $cover->right] as $half) {
            foreach ($half as $cell => $share) {
                expect(
                    $share > 0 && $share <= 1.0 && $cell >= 0 && $cell < 64 * 16,
                )->toBeTrue("{$step->technique->name()} covers {$cell} with {$share}");
            }
        }
        expect($cover->mirrored && $cover->left !== $cover->right)->toBeFalse();
    }
})->with('seeds');

it('builds up coat by coat to what it is in one go', function (int $seed): void {
    $recipe = anyRecipe($seed);
    $surface = Surface::of($recipe->body, 32, 16);
    $field = Field::bare($surface, Bands::EveryThird);
    foreach ($recipe->enabled() as $step) {
        foreach ($step->films() as $film) {
            $field = $field->with($film, Climate::ordinary());
        }
        $field = $field->under($step->overAll());
    }
    expect(Texture::draw($field, SurfaceFinish::Matte))->toEqual(Texture::draw(
        Field::painted($recipe, $surface, Climate::ordinary(), null, Bands::EveryThird),
        SurfaceFinish::Matte,
    ));
})->with('seeds');

it('gives advice that can be followed', function (int $seed): void {
    $document = AnyRecipe::document($seed);
    $recipe = RecipeReader::read(Node::root($document));
    $ids = array_column($document['steps'], 'id');
    foreach (Advisor::advise($recipe, Climate::ordinary()) as $finding) {
        expect($ids)->toContain($finding->stepId)
            ->and($finding->headline)->not->toBe('')
            ->and($finding->reason.$finding->headline)->not->toMatch('/nan|inf/i');
        $fix = $finding->fix;
        if ($fix === null) {
            continue;
        }
        // What the button puts in or sets makes a document that is read.
        $steps = $document['steps'];
        $at = (int) array_search($fix->stepId, $ids, true);
        if ($fix->insert !== null) {
            array_splice($steps, $at, 0, [['id' => 'put-in'] + $fix->insert]);
        }
        $set = $fix->insert === null ? array_search($fix->stepId, array_column($steps, 'id'), true) : false;
        if ($set !== false) {
            $steps[$set] = array_replace($steps[$set], $fix->set);
        }
        expect(RecipeReader::read(Node::root(['steps' => $steps] + $document))->steps)->toHaveCount(\count($steps));
    }
})->with('seeds');

it('is planned with times and drops that are finite, and cautions that end with whose word goes first', function (int $seed): void {
    $recipe = anyRecipe($seed);
    $plan = Plan::of($recipe, 3, Shop::ordinary(Climate::of(17, 60)));
    expect($plan->handsOnMin())->toBeLessThan(INF)->toBeGreaterThanOrEqual(0.0)
        ->and($plan->totalMin())->toBeLessThan(INF)->toBeGreaterThanOrEqual($plan->handsOnMin() - 1e-9);
    foreach ($plan->steps as $step) {
        expect($step->step->how())->not->toBe('');
        foreach ($step->work->cup->paints ?? [] as $paint) {
            expect($paint['drops'])->toBeGreaterThan(0);
        }
    }
    $cautions = Cautions::of($recipe);
    expect(end($cautions))->toBe(Hazard::LAST)->and($cautions)->toBe(array_values(array_unique($cautions)));
})->with('seeds');

it('is cut through anywhere with shares that add up to no more than the light there is', function (int $seed): void {
    $recipe = anyRecipe($seed);
    $surface = Surface::of($recipe->body, 32, 16);
    foreach ([[0.05, 90], [0.5, 5], [0.5, 175], [0.8, 250]] as [$u, $deg]) {
        $core = CoreSample::at($recipe, $surface, Climate::ordinary(), SurfaceFinish::Clear, $u, $deg);
        expect($core->cause)->not->toBe('');
        foreach ($core->coats as $coat) {
            expect($coat->passes + $coat->returns)->toBeLessThanOrEqual(1.0 + 1e-9)
                ->and($coat->dryUm)->toBeLessThan(INF)->toBeGreaterThanOrEqual(0.0);
        }
    }
})->with('seeds');

it('fits another body and can be painted there', function (int $seed): void {
    $recipe = anyRecipe($seed);
    mt_srand($seed + 1000);
    $other = RecipeReader::read(Node::root(['steps' => [], 'body' => AnyRecipe::body()]))->body;
    $fitted = Scaling::fit($recipe, $other);
    expect($fitted->body)->toBe($other)->and($fitted->steps)->toHaveCount(\count($recipe->steps));
    // All that was scaled is still within its bounds: it is read back.
    $again = RecipeReader::read(Node::root(json_decode((string) json_encode(RecipeWriter::write($fitted)), true)));
    expect(RecipeWriter::write($again))->toEqual(RecipeWriter::write($fitted));
})->with('seeds');

it('is as like on both sides as its two halves are', function (int $seed): void {
    $recipe = anyRecipe($seed);
    $field = Field::painted($recipe, Surface::of($recipe->body, 32, 16), Climate::ordinary(), null, Bands::EveryThird);
    $symmetry = Symmetry::compare($field, SurfaceFinish::Clear);
    expect(array_sum($symmetry->shares))->toEqualWithDelta(1.0, 1e-9)
        ->and($symmetry->mean)->toBeGreaterThanOrEqual(0.0)->toBeLessThanOrEqual($symmetry->most + 1e-9);
    if ($field->mirrored) {
        expect($symmetry->most)->toBe(0.0)->and($symmetry->shares[0])->toEqualWithDelta(1.0, 1e-9);
    }
})->with('seeds');
