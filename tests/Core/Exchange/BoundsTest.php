<?php

declare(strict_types=1);

namespace Tests\Core\Exchange;

// Every figure of a document has bounds; one step beyond is refused at its own place, the bound itself is taken.

use Hawkbrush\Core\Body\Shine;
use Hawkbrush\Core\Calculator\Examples;
use Hawkbrush\Core\Exchange\RecipeReader;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** @return string|null where it was refused, or null when it was taken */
function refusedIn(array $document): ?string
{
    try {
        RecipeReader::read(Node::root($document));
    } catch (Refused $e) {
        return $e->pointer;
    }

    return null;
}

/** @param array<string, mixed> $step */
function withStep(array $step): array
{
    return ['steps' => [$step + ['id' => 'a']]] + Examples::recipe();
}

/** @return array<string, mixed> */
function plainCoat(string $field, mixed $value): array
{
    return [$field => $value] + [
        'type' => 'paint',
        'mix' => [['paint' => 'white']],
        'technique' => ['name' => 'spray'],
        'where' => ['zone' => 'whole'],
    ];
}

it('bounds the figures of a paint step', function (string $field, mixed $least, mixed $most, mixed $below, mixed $above): void {
    expect(refusedIn(withStep(plainCoat($field, $least))))->toBeNull()
        ->and(refusedIn(withStep(plainCoat($field, $most))))->toBeNull()
        ->and(refusedIn(withStep(plainCoat($field, $below))))->toBe("/steps/0/{$field}")
        ->and(refusedIn(withStep(plainCoat($field, $above))))->toBe("/steps/0/{$field}");
})->with([
    ['psi', 0.5, 120, 0.4, 121],
    ['thinning_percent', 0, 95, -1, 96],
    ['coats', 1, 40, 0, 41],
    ['strokes', 1, 200, 0, 201],
    ['aim_deg', 0, 180, -1, 181],
    ['slant_deg', -70, 70, -71, 71],
    ['width_mm', 0.5, 300, 0.4, 301],
    ['seed', 0, 2_000_000_000, -1, 2_000_000_001],
]);

it('takes only the words it knows', function (string $field, mixed $value, string $pointer): void {
    expect(refusedIn(withStep(plainCoat($field, $value))))->toBe($pointer);
})->with([
    ['weight', 'enormous', '/steps/0/weight'],
    ['set', ['by' => 'prayer'], '/steps/0/set/by'],
    ['set', ['by' => 'air', 'minutes' => -1], '/steps/0/set/minutes'],
    ['set', ['by' => 'air', 'minutes' => 10_081], '/steps/0/set/minutes'],
    ['set', 'heat', '/steps/0/set'],
    ['where', ['zone' => 'moon'], '/steps/0/where/zone'],
    ['where', ['zone' => 'back', 'soft' => 1], '/steps/0/where/soft'],
    ['where', [], '/steps/0/where/from_u'],
    ['technique', ['name' => 'spray', 'pitch_mm' => 3], '/steps/0/technique/pitch_mm'],
    ['technique', [], '/steps/0/technique/name'],
    ['mix', [], '/steps/0/mix'],
    ['mix', [['paint' => 'white', 'drops' => 0]], '/steps/0/mix/0/drops'],
    ['mix', [['paint' => 'white', 'drops' => 1.5]], '/steps/0/mix/0/drops'],
    ['mix', [['drops' => 1]], '/steps/0/mix/0/paint'],
    ['on', 'yes', '/steps/0/on'],
    ['title', str_repeat('x', 81), '/steps/0/title'],
    ['check', str_repeat('x', 301), '/steps/0/check'],
    ['id', 'a b', '/steps/0/id'],
    ['id', '', '/steps/0/id'],
]);

it('bounds the other steps', function (array $step, string $pointer): void {
    expect(refusedIn(withStep($step)))->toBe($pointer);
})->with([
    [['type' => 'eye'], '/steps/0/diameter_mm'],
    [['type' => 'eye', 'diameter_mm' => 0.9], '/steps/0/diameter_mm'],
    [['type' => 'eye', 'diameter_mm' => 5, 'iris' => 'gold'], '/steps/0/iris'],
    [['type' => 'eye', 'diameter_mm' => 5, 'pupil' => 'star'], '/steps/0/pupil'],
    [['type' => 'clear'], '/steps/0/clear'],
    [['type' => 'clear', 'clear' => 'varnish'], '/steps/0/clear'],
    [['type' => 'clear', 'clear' => 'UV resin', 'coats' => 7], '/steps/0/coats'],
    [['type' => 'wait', 'minutes' => 10_081], '/steps/0/minutes'],
    [['type' => 'prep', 'task' => str_repeat('x', 501)], '/steps/0/task'],
    [['type' => 'dance'], '/steps/0/type'],
    [['type' => 'wait', 'psi' => 4], '/steps/0/psi'],
]);

it('bounds a paint', function (array $change, string $pointer): void {
    $document = Examples::recipe();
    $document['paints']['white'] = array_replace($document['paints']['white'], $change);
    expect(refusedIn($document))->toBe($pointer);
})->with([
    [['kind' => 'sticky'], '/paints/white/kind'],
    [['solids' => 1.1], '/paints/white/solids'],
    [['drop_ml' => 0], '/paints/white/drop_ml'],
    [['family' => str_repeat('x', 41)], '/paints/white/family'],
    [['k' => array_fill(0, 31, 0.1)], '/paints/white/s'],
    [['k' => array_fill(0, 31, -0.1), 's' => array_fill(0, 31, 0.1)], '/paints/white/k/0'],
    [['k' => array_fill(0, 31, 0.1), 's' => array_fill(0, 31, 101)], '/paints/white/s/0'],
    [['seen' => 'at night'], '/paints/white/seen'],
    [['price' => 4], '/paints/white/price'],
    [['from_card' => 1], '/paints/white/from_card'],
]);

it('bounds the marks of a body', function (array $marks, string $pointer): void {
    $document = Examples::recipe();
    $document['body']['marks'] = $marks;
    expect(refusedIn($document))->toBe($pointer);
})->with([
    [['gill_u' => 0.7], '/body/marks/gill_u'],
    [['eye_u' => 0], '/body/marks/eye_u'],
    [['eye_deg' => 140], '/body/marks/eye_deg'],
    [['eye_socket_mm' => 41], '/body/marks/eye_socket_mm'],
    [['eye_socket_mm' => 8, 'eye_socket_depth_mm' => 21], '/body/marks/eye_socket_depth_mm'],
    [['bill_angle_deg' => 91], '/body/marks/bill_angle_deg'],
    [['joints_u' => [1.2]], '/body/marks/joints_u/0'],
    [['hooks_u' => array_fill(0, 13, 0.5)], '/body/marks/hooks_u'],
    [['whiskers' => 2], '/body/marks/whiskers'],
]);

it('takes sixty steps and no more', function (): void {
    $steps = static fn(int $count): array => array_map(
        static fn(int $i): array => ['id' => "s{$i}", 'type' => 'wait', 'minutes' => 1],
        range(1, $count),
    );
    expect(refusedIn(['steps' => $steps(60)] + Examples::recipe()))->toBeNull()
        ->and(refusedIn(['steps' => $steps(61)] + Examples::recipe()))->toBe('/steps');
});

it('names in the schema every kind of paint there is', function (): void {
    /** @var array<string, mixed> $schema */
    $schema = json_decode((string) file_get_contents(__DIR__.'/../../../contract/recipe.schema.json'), true);
    expect(data_get($schema, '$defs.paint.properties.kind.enum'))->toEqualCanonicalizing(Kind::names())
        ->and(data_get($schema, '$defs.body.properties.shine.enum'))->toBe(Shine::names());
});
