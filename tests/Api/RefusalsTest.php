<?php

declare(strict_types=1);

namespace Tests\Api;

use Closure;
// What is refused is said with what was wrong, where it stands and what would do; nothing is changed by it.

use Illuminate\Support\Facades\DB;
use Tests\ApiCase;

/**
 * Requests that are good, each with ways to spoil it: a field's new value, where the answer points, and words it says.
 *
 * @return array<string, array{Closure(ApiCase): array{string, string, array<string, mixed>}, list<array{array<string, mixed>, string, string}>}>
 */
function spoiltRequests(): array
{
    return [
        'a paint' => [
            static fn(): array => ['POST', '/paints', ['name' => 'Moss', 'kind' => 'transparent', 'hex' => '#4d6340']],
            [
                [['name' => str_repeat('x', 121)], '/name', 'characters'],
                [['name' => 7], '/name', 'text'],
                [['kind' => 'glossy'], '/kind', 'transparent'],
                [['kind' => null], '/kind', 'missing'],
                [['hex' => '#12'], '/hex', '#'],
                [['hex' => ['#123456']], '/hex', 'text'],
                [['solids' => 1.01], '/solids', '1'],
                [['solids' => 'half'], '/solids', 'number'],
                [['drop_ml' => 0], '/drop_ml', 'number'],
                [['left_ml' => 1e9], '/left_ml', 'number'],
                [['family' => str_repeat('x', 200)], '/family', 'characters'],
                [['finish' => str_repeat('x', 200)], '/finish', 'characters'],
                [['opened_on' => 'yesterday'], '/opened_on', '20'],
                [['opened_on' => '2026-02-30'], '/opened_on', '20'],
                [['colour' => 'green'], '/colour', 'not known here'],
            ],
        ],
        'a body' => [
            static fn(): array => [
                'POST',
                '/bodies',
                ['name' => 'Test 70', 'length_mm' => 70, 'exponent' => 2.2, 'stations' => [[0, 1, 1, 1], [0.4, 11, 10, 7], [1, 2, 2, 1]]],
            ],
            [
                [['name' => ''], '/name', 'empty'],
                [['length_mm' => 4], '/length_mm', 'number from'],
                [['length_mm' => 5000], '/length_mm', 'number from'],
                [['exponent' => 0.5], '/exponent', 'number from'],
                [['stations' => 'round'], '/stations', 'list'],
                [['stations' => [[0, 1, 1, 1], [0.4, -1, 10, 7], [1, 2, 2, 1]]], '/stations/1/1', 'number from'],
                [['stations' => [[0, 1, 1, 1], [0.4, 11, 10], [1, 2, 2, 1]]], '/stations/1', 'list of 4'],
                [['marks' => ['eye_u' => 2]], '/marks/eye_u', 'number from'],
                [['marks' => ['joints_u' => 0.4]], '/marks/joints_u', 'list'],
                [['marks' => ['ears_u' => 0.4]], '/marks/ears_u', 'not known here'],
                [['weight_g' => 'heavy'], '/weight_g', 'number'],
                [['stock' => 1.5], '/stock', 'whole number'],
                [['condition' => 'mint'], '/condition', 'raw wood'],
                [['fittings' => ['wheels']], '/fittings/0', 'fixed bill'],
            ],
        ],
        'a pattern' => [
            static fn(ApiCase $case): array => [
                'POST',
                '/patterns',
                ['name' => 'Dace', 'species' => 'dace', 'body_id' => $case->body()->id],
            ],
            [
                [['name' => null], '/name', 'missing'],
                [['name' => str_repeat('x', 121)], '/name', 'characters'],
                [['species' => str_repeat('x', 61)], '/species', 'characters'],
                [['body_id' => 'none'], '/body_id', 'body'],
                [['body_id' => 3], '/body_id', 'text'],
                [['prepare' => 'yes'], '/prepare', 'true or false'],
                [['steps' => []], '/steps', 'not known here'],
            ],
        ],
        'a run' => [
            static function (ApiCase $case): array {
                ['version' => $v] = $case->pattern();

                return ['POST', '/runs', ['version_id' => $v['id'], 'baits' => 2, 'air_c' => 20, 'humidity_percent' => 50]];
            },
            [
                [['baits' => 0], '/baits', 'from 1'],
                [['baits' => 10_000], '/baits', 'from 1'],
                [['baits' => '2'], '/baits', 'number'],
                [['air_c' => null], '/air_c', 'missing'],
                [['air_c' => -80], '/air_c', 'number from'],
                [['humidity_percent' => 101], '/humidity_percent', 'number from'],
                [['starts_at' => '25.11.2026'], '/starts_at', '2026'],
                [['version_id' => ['x']], '/version_id', 'text'],
                [['repeat_of' => 'H-9999'], '/repeat_of', 'bait'],
            ],
        ],
        'what was done' => [
            static function (ApiCase $case): array {
                ['version' => $v] = $case->pattern();
                $run = $case->startedRun($v);

                return [
                    'POST',
                    "/runs/{$run['id']}/events",
                    ['events' => [$case->event('figures', $v['steps'][1]['document']['id'], 1, ['psi' => 20])]],
                ];
            },
            [
                [['events' => []], '/events', 'list of 1'],
                [['events' => 'done'], '/events', 'list'],
                [['events' => [['id' => 'x']]], '/events/0/id', '8 to 40'],
                [['events.0.id' => 'drop table!'], '/events/0/id', '8 to 40'],
                [['events.0.at' => '10 past 9'], '/events/0/at', '2026-11-25T09:30:00Z'],
                [['events.0.type' => 'dance'], '/events/0/type', 'note'],
                [['events.0.bait' => 0], '/events/0/bait', 'from 1'],
                [['events.0.bait' => 3], '/events/0/bait', 'bait'],
                [['events.0.step' => 'nobody'], '/events/0/step', 'step'],
                [['events.0.data' => ['psi' => 500]], '/events/0/data/psi', 'number from'],
                [['events.0.data' => ['coats' => 1.5]], '/events/0/data/coats', 'whole number'],
                [['events.0.type' => 'side'], '/events/0/data/side', 'missing'],
                [['events.0.type' => 'note'], '/events/0/data/text', 'missing'],
                [['events.0.type' => 'timer', 'events.0.data' => ['seconds' => 0]], '/events/0/data/seconds', 'number from'],
            ],
        ],
        'a mix wanted' => [
            static function (ApiCase $case): array {
                $case->paint();

                return ['POST', '/mixes/search', ['target' => ['hex' => '#d08080'], 'over' => 'white', 'coats' => 2]];
            },
            [
                [['target' => null], '/target', 'missing'],
                [['target' => ['hex' => 'rose']], '/target/hex', '#'],
                [['target' => []], '/target', ''],
                [['target' => ['lab' => [50, 0]]], '/target/lab', ''],
                [['over' => 'plaid'], '/over', 'white'],
                [['coats' => 0], '/coats', 'from 1'],
                [['coats' => 99], '/coats', 'from 1'],
                [['in_stock' => 1], '/in_stock', 'true or false'],
                [['without' => 'all'], '/without', 'list'],
                [['weight' => 'huge'], '/weight', 'light'],
                [['thinning_percent' => 96], '/thinning_percent', 'number from'],
            ],
        ],
        'a mix kept' => [
            static fn(ApiCase $case): array => [
                'POST',
                '/mixes',
                [
                    'name' => 'Fen',
                    'parts' => [
                        ['paint' => $case->paint()->id, 'drops' => 3],
                        ['paint' => $case->paint('Red', 'opaque', '#b02020')->id, 'drops' => 1],
                    ],
                ],
            ],
            [
                [['name' => null], '/name', 'missing'],
                [['parts' => []], '/parts', 'list of 1'],
                [['parts.0.drops' => 0], '/parts/0/drops', 'from 1'],
                [['parts.0.drops' => 2.5], '/parts/0/drops', 'whole number'],
                [['parts.1.paint' => 'nobody'], '/parts/1/paint', 'paint'],
                [['parts.1.amount' => 2], '/parts/1/amount', 'not known here'],
            ],
        ],
        'a mask' => [
            static fn(ApiCase $case): array => [
                'POST',
                '/masks',
                ['name' => 'Bars', 'body_id' => $case->body()->id, 'technique' => ['name' => 'bars', 'count' => 6]],
            ],
            [
                [['name' => ''], '/name', 'empty'],
                [['body_id' => 'none'], '/body_id', 'body'],
                [['technique' => ['name' => 'sponge']], '/technique/name', 'bars'],
                [['technique' => ['name' => 'bars', 'count' => 900]], '/technique/count', 'number from'],
                [['technique' => ['name' => 'bars', 'holes' => 3]], '/technique/holes', 'not known here'],
                [['technique' => ['name' => 'outline', 'outline' => 'M0 0L9 9L9 0L0 4Z']], '/technique/outline', 'cross'],
                [['technique' => ['name' => 'outline', 'outline' => 'circle']], '/technique/outline', ''],
                [['sheet' => str_repeat('x', 200)], '/sheet', 'characters'],
                [['lasts' => 0], '/lasts', 'from 1'],
                [['seed' => -1], '/seed', 'from 0'],
            ],
        ],
        'a lot' => [
            static fn(ApiCase $case): array => ['POST', "/bodies/{$case->body()->id}/lots", ['supplier' => 'a friend', 'count' => 12]],
            [
                [['count' => 0], '/count', 'from 1'],
                [['count' => null], '/count', 'missing'],
                [['price' => -1], '/price', 'number from'],
                [['bought_on' => '1 May'], '/bought_on', '20'],
                [['supplier' => str_repeat('x', 200)], '/supplier', 'characters'],
            ],
        ],
        'the room' => [
            static fn(): array => ['PUT', '/settings', ['air_c' => 20, 'humidity_percent' => 50]],
            [
                [['air_c' => 90], '/air_c', 'number from'],
                [['humidity_percent' => 0], '/humidity_percent', 'number from'],
                [['length' => 'cubit'], '/length', 'mm'],
                [['pressure' => 'atm'], '/pressure', 'psi'],
                [['moon' => 'full'], '/moon', 'not known here'],
            ],
        ],
        'a trace' => [
            static fn(): array => [
                'POST',
                '/bodies/trace',
                [
                    'length_mm' => 60,
                    'side' => ['nose' => [0, 0], 'tail' => [60, 0], 'upper' => [[15, -9], [30, -12]], 'lower' => [[30, 14]]],
                    'width_share' => 0.6,
                ],
            ],
            [
                [['length_mm' => 0], '/length_mm', 'number from'],
                [['side.nose' => [0]], '/side/nose', 'list of 2'],
                [['side.upper' => 'round'], '/side/upper', 'list'],
                [['side.tail' => [0, 0]], '/side/tail', 'pull them apart'],
                [['width_share' => 9], '/width_share', 'number from'],
            ],
        ],
    ];
}

/** @return list<int> rows by table */
function countedRows(): array
{
    return array_map(
        static fn(string $table): int => DB::table($table)->count(),
        ['paints', 'bodies', 'patterns', 'versions', 'edits', 'runs', 'bench_events', 'masks', 'lots', 'settings'],
    );
}

it('takes it as it should be', function (string $name): void {
    [$method, $path, $body] = spoiltRequests()[$name][0]($this);
    expect($this->send($method, $path, $body)->getStatusCode())->toBeLessThan(300);
})->with(array_keys(spoiltRequests()));

it('says what is wrong with it, where, and what would do; and changes nothing', function (string $name): void {
    [$good, $ways] = spoiltRequests()[$name];
    [$method, $path, $body] = $good($this);
    $before = countedRows();
    foreach ($ways as [$change, $pointer, $words]) {
        $spoilt = $body;
        foreach ($change as $field => $value) {
            data_set($spoilt, $field, $value);
        }
        // What is null is left out.
        $answer = $this->send($method, $path, array_filter($spoilt, static fn(mixed $value): bool => $value !== null));
        $said = "{$name}, ".json_encode($change).': '.$answer->getContent();
        expect($answer->getStatusCode())->toBe(422, $said)
            ->and($answer->json('errors.0.pointer'))->toBe($pointer, $said)
            ->and((string) $answer->json('errors.0.detail'))->toContain($words)
            ->and(countedRows())->toBe($before, $said);
    }
})->with(array_keys(spoiltRequests()));
