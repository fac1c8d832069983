<?php

declare(strict_types=1);

namespace Tests\Api;

it('says what each further coat of a step changes, and draws it', function (): void {
    $version = $this->pattern()['version'];
    $step = $version['steps'][1]['document'];
    $passes = $this->ask("/versions/{$version['id']}/steps/{$step['id']}/passes")->assertOk()->json();
    expect($passes['planned'])->toBe($step['coats'])
        ->and(array_column($passes['passes'], 'coats'))->toBe(range(0, $step['coats'] + 3))
        ->and($passes['passes'][0])->toMatchArray(['delta_e' => 0, 'says' => 'as it lies below'])
        ->and($passes['passes'][1]['delta_e'])->toBeGreaterThan($passes['passes'][2]['delta_e']);
    $draw = fn(int $coats): array => $this->ask("/versions/{$version['id']}/steps/{$step['id']}/passes/{$coats}")->assertOk()->json();
    $upto = $this->ask("/versions/{$version['id']}/texture?upto={$step['id']}")->assertOk()->json();
    // The planned number is the bait as it is drawn up to that step; none is the bait as it was before.
    expect($draw($step['coats'])['cells'])->toBe($upto['cells'])
        ->and($draw($step['coats'])['palette'])->toBe($upto['palette'])
        ->and($draw(0)['palette'])->not->toBe($upto['palette']);
});

it('refuses a step that lays no paint, and one that there is not', function (): void {
    $version = $this->pattern()['version'];
    $prep = $version['steps'][0]['document']['id'];
    $this->ask("/versions/{$version['id']}/steps/{$prep}/passes")->assertStatus(422);
    $this->ask("/versions/{$version['id']}/steps/{$prep}/passes/2")->assertStatus(422);
    $this->ask("/versions/{$version['id']}/steps/none/passes")->assertNotFound();
    $this->ask("/versions/none/steps/{$prep}/passes")->assertNotFound();
    $paint = $version['steps'][1]['document']['id'];
    $this->ask("/versions/{$version['id']}/steps/{$paint}/passes/999")->assertStatus(422);
    $this->ask("/versions/{$version['id']}/steps/{$paint}/passes/many")->assertNotFound();
});
