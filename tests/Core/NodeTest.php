<?php

declare(strict_types=1);

namespace Tests\Core;

use Hawkbrush\Core\Calculator\Examples;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Exchange\RecipeReader;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** @param callable(): mixed $work */
function refusedAt(callable $work): string
{
    try {
        $work();
    } catch (Refused $e) {
        expect($e->getMessage())->not->toBe('');

        return $e->pointer;
    }

    return 'not refused';
}

it('says where, with the pointer escaped', function (): void {
    expect(refusedAt(fn() => Node::root(['a/b' => ['c~d' => 'x']])->field('a/b')->field('c~d')->number()))->toBe('/a~1b/c~0d')
        ->and(refusedAt(fn() => Node::root(['list' => [1, 'two']])->field('list')->numbers(2, 0, 9)))->toBe('/list/1')
        ->and(refusedAt(fn() => Node::root([])->field('name')))->toBe('/name');
});

it('refuses what is no JSON, too deep, or no text fit to keep', function (mixed $value): void {
    expect(refusedAt(fn() => Node::root(['t' => $value])->field('t')->text(10)))->toBe('/t');
})->with([
    'nothing' => [''],
    'spaces' => ['   '],
    'eleven letters' => [str_repeat('x', 11)],
    'a control character' => ["a\x00b"],
    'no UTF-8' => ["\xff\xfe"],
    'a number' => [12],
    'null' => [null],
    'a list' => [[]],
]);

it('refuses numbers that are none', function (mixed $value): void {
    expect(refusedAt(fn() => Node::root(['n' => $value])->field('n')->integer(0, 10)))->toBe('/n');
})->with([['3'], [3.5], [-1], [11], [true], [null], [[3]], [NAN], [INF]]);

it('refuses deep nesting instead of running out of stack', function (): void {
    expect(fn() => Node::fromJson(str_repeat('[', 200).str_repeat(']', 200)))->toThrow(Refused::class, 'not JSON');
});

it('refuses a recipe that cannot be painted, saying where', function (callable $break, string $pointer): void {
    expect(refusedAt(fn() => RecipeReader::read(Node::root($break(Examples::recipe())))))->toBe($pointer);
})->with([
    'another format' => [static fn(array $d): array => ['format' => 'other/2'] + $d, '/format'],
    'an unknown paint' => [static function (array $d): array {
        $d['steps'][0]['mix'][0]['paint'] = 'rust';

        return $d;
    }, '/steps/0/mix/0/paint'],
    'an unknown technique' => [static function (array $d): array {
        $d['steps'][1]['technique']['name'] = 'bucket';

        return $d;
    }, '/steps/1/technique/name'],
    'a setting out of bounds' => [static function (array $d): array {
        $d['steps'][1]['technique']['pitch_mm'] = 400;

        return $d;
    }, '/steps/1/technique/pitch_mm'],
    'a zone nobody has' => [static function (array $d): array {
        $d['steps'][0]['where'] = ['zone' => 'elbow'];

        return $d;
    }, '/steps/0/where/zone'],
    'a range turned round' => [static function (array $d): array {
        $d['steps'][0]['where'] = ['from_u' => 0.8, 'to_u' => 0.2, 'from_deg' => 0, 'to_deg' => 90];

        return $d;
    }, '/steps/0/where/to_u'],
    'two steps of one id' => [static function (array $d): array {
        $d['steps'][1]['id'] = $d['steps'][0]['id'];

        return $d;
    }, '/steps/1/id'],
    'a negative pressure' => [static function (array $d): array {
        $d['steps'][0]['psi'] = -4;

        return $d;
    }, '/steps/0/psi'],
    'a curve too short' => [static function (array $d): array {
        $d['paints']['white'] += ['k' => array_fill(0, 30, 0.1), 's' => array_fill(0, 31, 0.1)];

        return $d;
    }, '/paints/white/k'],
    'no colour' => [static function (array $d): array {
        $d['paints']['white']['hex'] = 'white';

        return $d;
    }, '/paints/white/hex'],
    'an unknown field' => [static function (array $d): array {
        $d['steps'][0]['script'] = '<script>';

        return $d;
    }, '/steps/0/script'],
]);

it('reads a colour given in any of three ways', function (): void {
    expect(Colour::read(Node::root(['hex' => '#a1431a']))->hex())->toBe('#a1431a')
        ->and(Colour::read(Node::root(['lab' => [50, 0, 0]]))->lab->l)->toBe(50.0)
        ->and(
            Colour::read(Node::root(['reflectance' => ['start' => 400, 'step' => 10, 'values' => array_fill(0, 31, 1)]]))->hex(),
        )->toBe('#ffffff')
        ->and(refusedAt(fn() => Colour::read(Node::root(['hex' => '#a1431a', 'lab' => [1, 2, 3]]))))->toBe('/lab')
        ->and(refusedAt(fn() => Colour::read(Node::root(['cmyk' => [1]]))))->toBe('');
});

it('takes a swatch as it was seen', function (): void {
    $under = Optics::read(Node::root(['hex' => '#804020', 'kind' => 'opaque', 'seen' => 'clear']));
    $plain = Optics::read(Node::root(['hex' => '#804020', 'kind' => 'opaque']));
    expect($under->k->values[5] / $under->s->values[5])->toBeLessThan($plain->k->values[5] / $plain->s->values[5]);
});
