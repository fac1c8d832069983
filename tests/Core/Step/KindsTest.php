<?php

declare(strict_types=1);

use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Step\Step;
use Hawkbrush\Core\Step\Steps;
use Tests\Build;
use Tests\StepDocuments;

// A kind of step with a part forgotten is caught here: each holds for every kind of the list.

it('is in the schema as it is in the list', function (): void {
    $kinds = Steps::names();
    expect(array_keys(StepDocuments::schemas()))->toEqualCanonicalizing($kinds)
        ->and(array_keys(StepDocuments::full()))->toEqualCanonicalizing($kinds)
        ->and(array_unique($kinds))->toHaveCount(count(Steps::KINDS));
});

it('has the fields that its schema has, no more and no fewer', function (string $class): void {
    $fields = array_keys((array) StepDocuments::schemas()[$class::kind()]->properties);
    expect(['type', ...$class::fields()->names()])->toEqualCanonicalizing($fields)
        ->and(array_keys(StepDocuments::full()[$class::kind()]))
        ->toEqualCanonicalizing(['id', 'title', 'on', 'check', 'meant', ...$fields]);
})->with('kinds of steps');

it('reads and writes every field', function (string $class): void {
    $full = StepDocuments::full()[$class::kind()];
    $written = Steps::write(StepDocuments::read($full));
    expect($written)->toEqual($full)
        ->and(array_keys($written))->toBe(['id', 'type', 'title', 'on', 'check', 'meant', ...$class::fields()->names()]);
})->with('kinds of steps');

it('takes the defaults that its schema names', function (string $class): void {
    $schema = StepDocuments::schemas()[$class::kind()];
    $full = StepDocuments::full()[$class::kind()];
    $least = ['id' => 'a', 'type' => $class::kind()] + array_intersect_key($full, array_flip($schema->required));
    $written = Steps::write(StepDocuments::read($least));
    foreach ((array) $schema->properties as $field => $property) {
        if (! in_array($field, $schema->required, true)) {
            expect($property)->toHaveProperty('default')
                ->and($written[$field])->toEqual(json_decode((string) json_encode($property->default), true), "{$class::kind()}: {$field}")
                // Else a field that is read and never written would pass for one that is kept.
                ->and($full[$field])->not->toEqual($written[$field]);
        }
    }
})->with('kinds of steps');

it('takes what its schema allows and refuses what it does not', function (string $class): void {
    foreach ((array) StepDocuments::schemas()[$class::kind()]->properties as $field => $property) {
        // About the bounds that it is declared with and those that its schema names, if they were not the same.
        $declared = $field === 'type' ? [] : $class::fields()->of($field)->bounds();
        $edges = array_filter([...$declared, $property->minimum ?? INF, $property->maximum ?? INF], is_finite(...));
        $about = array_merge(...array_map(static fn(float $at): array => [$at - 1, $at - 0.5, $at, $at + 0.5, $at + 1], $edges), ...[[]]);
        foreach ([-1, 0.25, 1e300, 'none', '', str_repeat('x', 501), [], ['a'], true, ...array_unique($about)] as $value) {
            $document = [$field => $value] + StepDocuments::full()[$class::kind()];
            $allowed = StepDocuments::allows($document, $class::kind());
            try {
                StepDocuments::read($document);
                $taken = true;
            } catch (Refused $e) {
                $taken = false;
                expect($e->pointer)->toStartWith('/'.$field);
            }
            // Names of the vocabulary are not in the schema.
            if ($field !== 'technique' && $field !== 'where' || ! $allowed) {
                expect($taken)->toBe($allowed, "{$class::kind()} with {$field} ".json_encode($value));
            }
        }
    }
})->with('kinds of steps');

it('refuses a field that is of another kind', function (string $class): void {
    expect(fn(): Step => StepDocuments::read(['of_no_kind' => 1] + StepDocuments::full()[$class::kind()]))->toThrow(
        Refused::class,
        '“of_no_kind” is not known here',
    );
})->with('kinds of steps');

it('has words for the ladder and the bench, and keeps its fields on another body', function (string $class): void {
    $step = StepDocuments::read(['title' => ''] + StepDocuments::full()[$class::kind()]);
    expect($step->label())->toBe($step->name())->not->toBe('')
        ->and($step->how())->toEndWith('.')
        ->and(array_keys(Steps::write($step->fitted(Build::example()->body, 1.0, true))))->toBe(array_keys(Steps::write($step)))
        ->and(Steps::write($step->asUsed([])))->toEqual(Steps::write($step));
})->with('kinds of steps');

it('takes over each figure that the bench may find', function (): void {
    foreach (StepDocuments::full() as $kind => $document) {
        $step = StepDocuments::read($document);
        foreach ($step->figures() as $figure) {
            expect(Steps::write($step->asUsed([$figure => 7]))[$figure])->toEqual(7, "{$kind}: {$figure}");
        }
    }
});

it('refuses a kind that is not in the list', function (): void {
    expect(fn(): Step => Steps::read(Node::root(['id' => 'a', 'type' => 'dance']), []))->toThrow(Refused::class, 'One of paint, prep, try');
});

dataset('kinds of steps', fn(): array => array_combine(Steps::names(), array_map(static fn(string $kind): array => [$kind], Steps::KINDS)));
