<?php

declare(strict_types=1);

use Hawkbrush\Core\Body\Around;
use Hawkbrush\Core\Body\Index;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Render\CoreSample;
use Tests\Build;

it('cuts the bait across: its outline closes, and the film lies where the core has it', function (): void {
    $recipe = Build::example();
    $surface = Surface::of($recipe->body, 64, 32);
    $at = static fn(float $deg): CoreSample => CoreSample::at($recipe, $surface, Climate::ordinary(), SurfaceFinish::Clear, 0.4, $deg);
    $slice = $at(90)->slice;
    expect($slice->yMm)->toHaveCount(32)->and($slice->zMm)->toHaveCount(32)->and($slice->um)->toHaveCount(32)
        ->and(max($slice->yMm))->toEqualWithDelta($recipe->body->halfWidthAt(0.4), 0.01)
        ->and($slice->zMm[0])->toEqualWithDelta($recipe->body->topAt(0.4), 0.01)
        ->and($slice->zMm[16])->toEqualWithDelta(-$recipe->body->bottomAt(0.4), 0.01)
        ->and(array_sum($slice->yMm))->toEqualWithDelta(0.0, 1e-6);
    foreach ([0 => 5.0, 8 => 95.0, 15 => 175.0, 23 => 265.0] as $corner => $deg) {
        $um = array_sum(array_map(static fn($coat): float => $coat->dryUm, $at($deg)->coats));
        expect($slice->um[$corner])->toEqualWithDelta($um, 0.6);
    }
});

it('goes around a section in mm and back in degrees', function (): void {
    $body = Build::example()->body;
    foreach ([0.1, 0.4, 0.8] as $u) {
        $around = Around::at($body, $u);
        foreach ([0.0, 12.5, 45.0, 90.0, 133.3, 180.0] as $deg) {
            expect($around->deg($around->mm($deg)))->toEqualWithDelta($deg, 1e-6);
        }
        expect($around->deg(-1))->toBe(0.0)->and($around->deg(1e6))->toBe(180.0)
            ->and(Index::arcMm($body, $u, 20, 70))->toEqualWithDelta($around->mm(70) - $around->mm(20), 1e-9);
    }
});

// On a ball a quarter of the way around is a quarter of the circle: elementary geometry.
it('measures a round section as a circle', function (): void {
    $body = Build::example(static fn(array $document): array => array_replace_recursive($document, [
        'body' => ['stations' => [[0, 10, 10, 10], [0.15, 10, 10, 10], [0.4, 10, 10, 10], [0.7, 10, 10, 10], [1, 10, 10, 10]]],
    ]))->body;
    expect(Around::at($body, 0.5)->mm(90))->toEqualWithDelta(M_PI * 10 / 2, 0.01);
});
