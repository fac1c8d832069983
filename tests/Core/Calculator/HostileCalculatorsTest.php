<?php

declare(strict_types=1);

namespace Tests\Core\Calculator;

use Hawkbrush\Core\Calculator\Calculators;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Tests\Hostile;

/** @return list<string> where a number stands that is none */
function notFinite(mixed $value, string $at = ''): array
{
    if (\is_array($value)) {
        return array_merge(
            ...array_map(
                static fn(int|string $key, mixed $inner): array => notFinite($inner, "{$at}/{$key}"),
                array_keys($value),
                array_values($value),
            ),
            ...[[]],
        );
    }

    return \is_float($value) && ! is_finite($value) ? [$at] : [];
}

it('works with what it is given or says what is wrong, whatever stands in the place of a value', function (string $name): void {
    $calculator = Calculators::named($name);
    \assert($calculator !== null);
    $example = $calculator->example();
    expect(notFinite($calculator->calculate(Node::root($example))))->toBe([]);
    $refused = 0;
    foreach (Hostile::places($example) as $at) {
        foreach (Hostile::values() as $bad) {
            try {
                $answer = $calculator->calculate(Node::fromJson((string) json_encode(Hostile::spoilt($example, $at, $bad))));
                expect(notFinite($answer))->toBe([])->and(json_encode($answer))->toBeString();
            } catch (Refused $e) {
                $refused++;
                expect($e->getMessage())->not->toBe('')->and($e->pointer)->toBeString();
            }
        }
    }
    expect($refused)->toBeGreaterThan(0);
})->with(['colour', 'difference', 'film', 'stack', 'drawdown', 'mix', 'hide', 'spread', 'climate', 'dry', 'advise', 'render']);
