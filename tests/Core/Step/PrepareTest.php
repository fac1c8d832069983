<?php

declare(strict_types=1);

namespace Tests\Core\Step;

// Every check here is common practice, no published source.

use Hawkbrush\Core\Step\Prepare\Condition;
use Hawkbrush\Core\Step\Prepare\Fitting;
use Hawkbrush\Core\Step\Prepare\Preparation;
use Hawkbrush\Core\Step\TaskWork;

/** @return list<string> */
function preparationTitles(Condition $condition, Fitting ...$fittings): array
{
    return array_map(static fn(TaskWork $s): string => $s->title, Preparation::steps($condition, array_values($fittings)));
}

function preparationTold(Condition $condition, Fitting ...$fittings): string
{
    return implode(' ', array_map(static fn(TaskWork $s): string => $s->task, Preparation::steps($condition, array_values($fittings))));
}

it('inspects first and wipes last, whatever the body', function (Condition $condition): void {
    $titles = preparationTitles($condition, ...Fitting::cases());
    expect($titles[0])->toBe('Inspect')->and(end($titles))->toBe('Wipe')
        ->and(array_unique($titles))->toHaveCount(\count($titles));
})->with(Condition::cases());

it('seals raw wood, lets it cure, and sands it back', function (): void {
    expect(preparationTitles(Condition::RawWood))->toBe(['Inspect', 'Seal', 'Sealer cures', 'Sand back', 'Wipe']);
    $cure = Preparation::steps(Condition::RawWood, [])[2];
    expect($cure->kind())->toBe('wait')->and($cure->minutes)->toBeGreaterThan(60.0);
});

it('leaves a good factory finish and a mirror unscuffed', function (): void {
    expect(preparationTitles(Condition::Scuffed))->toBe(['Inspect', 'Wipe'])
        ->and(preparationTitles(Condition::Mirror, Fitting::FixedEyes))->toBe(['Inspect', 'Mask', 'Wipe'])
        ->and(preparationTold(Condition::Mirror, Fitting::FixedEyes))->toContain('eyes with tape cut around them');
});

it('says what must be rejected, and what must fit again', function (): void {
    expect(preparationTold(Condition::Scuffed, Fitting::Rattle))->toContain('it leaks, reject it')
        ->and(preparationTold(Condition::Scuffed))->not->toContain('rattle')
        ->and(preparationTold(
            Condition::Resin,
            Fitting::Jointed,
            Fitting::RemovableTail,
        ))->toContain('Take it apart')->toContain('the tail')->toContain('socket')
        ->and(preparationTold(Condition::Repaint))->toContain('Sand the old finish down');
});

it('comes with the cautions of its work', function (): void {
    $cautions = array_merge(...array_map(
        static fn(TaskWork $s): array => $s->cautions(),
        Preparation::steps(Condition::Resin, [Fitting::Bill]),
    ));
    expect($cautions)->toContain('Sanding dust: wear a mask.', 'Alcohol burns: no flame or heat until it has gone.');
    $sealing = array_merge(...array_map(static fn(TaskWork $s): array => $s->cautions(), Preparation::steps(Condition::RawWood, [])));
    expect(implode(' ', $sealing))->toContain('gloves');
});
