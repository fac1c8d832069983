<?php

declare(strict_types=1);

namespace Tests\Core\Safety;

use Hawkbrush\Core\Clear\Clear;
use Hawkbrush\Core\Coat\Hazard;
use Hawkbrush\Core\Step\Steps;
use Tests\Build;
use Tests\StepDocuments;

/** Kinds that need no caution of their own: nothing is sprayed, heated, cut or mixed in them. */
const HARMLESS = ['wait', 'inspect', 'try'];

it('says of every kind of step what can hurt, or that nothing does', function (): void {
    foreach (Steps::names() as $kind) {
        $full = StepDocuments::full()[$kind];
        $documents = match ($kind) {
            'prep' => array_map(static fn(string $task): array => ['task' => $task] + $full, ['Sand it', 'Wipe with alcohol', 'Seal with epoxy']),
            'eye' => array_map(static fn(string $with): array => ['set_with' => $with] + $full, ['gel superglue', 'epoxy', 'a dab of clear']),
            'clear' => array_map(static fn(string $clear): array => ['clear' => $clear] + $full, Clear::names()),
            default => [$full],
        };
        foreach ($documents as $document) {
            $hazards = StepDocuments::read($document)->hazards();
            expect($hazards === [])->toBe(\in_array($kind, HARMLESS, true), json_encode($document) ?: '');
        }
    }
});

it('says of each what it does and what is done against it, and of the gravest who leaves it alone', function (): void {
    foreach (Hazard::cases() as $hazard) {
        expect($hazard->hurts())->not->toBeEmpty()->and($hazard->caution())->not->toBe($hazard->hurts());
    }
    expect(Hazard::Isocyanate->everyTime())->toBeTrue()->and(Hazard::Vinyl->everyTime())->toBeTrue()
        ->and(Hazard::Mist->everyTime())->toBeFalse()
        ->and(Hazard::Isocyanate->never())->toContain('asthma')
        ->and(Hazard::Vinyl->never())->toContain('alone');
});

it('tells the hazards of a coat from how it is laid and set', function (array $step, array $hazards): void {
    expect(Build::coat($step)->hazards())->toBe($hazards);
})->with([
    [['set' => ['by' => 'heat']], [Hazard::Mist, Hazard::HotAir]],
    [['set' => ['by' => 'air']], [Hazard::Mist]],
    [['technique' => ['name' => 'brush'], 'set' => ['by' => 'air']], []],
]);
