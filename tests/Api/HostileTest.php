<?php

declare(strict_types=1);

namespace Tests\Api;

use Closure;
use Illuminate\Support\Facades\DB;
use Tests\ApiCase;
use Tests\Hostile;

/**
 * Requests that are good, and the questions whose answers hang on what they change.
 *
 * @return array<string, Closure(ApiCase): array{string, string, array<string, mixed>, list<string>}>
 */
function goodRequests(): array
{
    $edit = static fn(array $set): Closure => static function (ApiCase $case) use ($set): array {
        ['version' => $v] = $case->pattern();
        $change = ['op' => 'change', 'step' => $v['steps'][1]['document']['id'], 'set' => $set];

        return [
            'POST',
            "/versions/{$v['id']}/edits",
            ['revision' => $v['revision'], 'change' => $change],
            ["/versions/{$v['id']}", "/versions/{$v['id']}/advice", "/versions/{$v['id']}/texture"],
        ];
    };

    return [
        'a step’s place and brush' => $edit([
            'where' => ['from_u' => 0.2, 'to_u' => 0.8, 'from_deg' => 20, 'to_deg' => 90, 'soft' => 0.4, 'side' => 'left'],
            'aim_deg' => 30,
            'width_mm' => 9,
            'coats' => 2,
        ]),
        'a step’s figures' => $edit([
            'psi' => 12,
            'thinning_percent' => 40,
            'strokes' => 3,
            'weight' => 'light',
            'set' => ['by' => 'air', 'minutes' => 12],
            'title' => 'Veil',
            'check' => 'Even',
            'on' => true,
        ]),
        'a step’s mesh' => $edit([
            'technique' => ['name' => 'mesh', 'pitch_mm' => 3, 'age' => 'stiff', 'run' => 'nose', 'lie' => 'square', 'strand' => 0.2],
            'seed' => 7,
        ]),
        'a step’s own outline' => $edit(['technique' => [
            'name' => 'outline',
            'outline' => 'M0 0L6 0L6 6Z',
            'long_mm' => 6,
            'u' => 0.4,
            'deg' => 80,
            'turn_deg' => 10,
        ]]),
        'an own eye' => static function (ApiCase $case): array {
            ['version' => $v] = $case->pattern();

            return [
                'POST',
                "/versions/{$v['id']}/edits",
                [
                    'revision' => $v['revision'],
                    'show' => ['upto' => null, 'look' => 'clear'],
                    'change' => [
                        'op' => 'add',
                        'after' => null,
                        'step' => ['type' => 'eye', 'diameter_mm' => 5, 'iris' => '#d0a040', 'pupil' => 'round'],
                    ],
                ],
                ["/versions/{$v['id']}"],
            ];
        },
        'a pattern' => static fn(ApiCase $case): array => [
            'POST',
            '/patterns',
            ['name' => 'Dace', 'species' => 'dace', 'water' => 'clear', 'body_id' => $case->body()->id, 'prepare' => true],
            ['/patterns'],
        ],
        'a fit' => static function (ApiCase $case): array {
            ['version' => $v] = $case->pattern();

            return [
                'POST',
                "/versions/{$v['id']}/fit",
                ['body_id' => $case->body('Test 90', 90)->id, 'marks' => 'scale', 'look' => 'matte'],
                [],
            ];
        },
        'a paint' => static fn(ApiCase $case): array => [
            'POST',
            '/paints',
            [
                'name' => 'Moss',
                'kind' => 'transparent',
                'hex' => '#4d6340',
                'solids' => 0.3,
                'bottle_ml' => 30,
                'left_ml' => 20,
                'drop_ml' => 0.05,
                'family' => 'acrylic ink',
                'finish' => 'satin',
                'opened_on' => '2026-10-01',
            ],
            ['/paints', '/rack.csv'],
        ],
        'a paint changed' => static function (ApiCase $case): array {
            $paint = $case->paint();

            return [
                'PATCH',
                "/paints/{$paint->id}",
                ['revision' => 1, 'name' => 'Chalk', 'left_ml' => 3, 'opened_on' => '2026-11-01'],
                ['/paints', '/rack.csv'],
            ];
        },
        'a card' => static function (ApiCase $case): array {
            $paint = $case->paint('Moss', 'transparent', '#4d6340');

            return [
                'POST',
                "/paints/{$paint->id}/drawdown",
                [
                    'revision' => 1,
                    'over_white' => ['hex' => '#5f7a4d'],
                    'over_black' => ['hex' => '#1b1f19'],
                    'white' => ['hex' => '#f2f2ee'],
                    'black' => ['hex' => '#131313'],
                    'film' => ['wet_um' => 60, 'thinning_percent' => 10],
                    'seen' => 'clear',
                    'source' => 'typed',
                    'keep' => true,
                ],
                ['/paints'],
            ];
        },
        'coats to hide' => static fn(ApiCase $case): array => [
            'POST',
            "/paints/{$case->paint()->id}/coats",
            ['over' => 'black', 'weight' => 'medium', 'thinning_percent' => 20, 'until' => ['hidden' => true]],
            [],
        ],
        'a mix' => static fn(ApiCase $case): array => [
            'POST',
            '/mixes/look',
            [
                'parts' => [
                    ['paint' => $case->paint()->id, 'drops' => 3],
                    ['paint' => $case->paint('Red', 'opaque', '#b02020')->id, 'drops' => 1],
                ],
                'over' => 'white',
                'coats' => 2,
                'weight' => 'light',
                'thinning_percent' => 30,
            ],
            [],
        ],
        'a mix wanted' => static function (ApiCase $case): array {
            $case->paint();
            $case->paint('Red', 'opaque', '#b02020');

            return [
                'POST',
                '/mixes/search',
                ['target' => ['hex' => '#d08080'], 'over' => 'white', 'coats' => 2, 'in_stock' => true, 'without' => ['x']],
                [],
            ];
        },
        'a body measured' => static fn(ApiCase $case): array => [
            'POST',
            '/bodies',
            [
                'name' => 'Test 70',
                'length_mm' => 70,
                'exponent' => 2.2,
                'stations' => [[0, 1, 1, 1], [0.4, 11, 10, 7], [1, 2, 2, 1]],
                'marks' => ['eye_u' => 0.12, 'gill_u' => 0.25, 'eye_socket_mm' => 5, 'bill_length_mm' => 12],
                'weight_g' => 12,
                'material' => 'plastic',
            ],
            ['/bodies'],
        ],
        'a body traced' => static fn(ApiCase $case): array => [
            'POST',
            '/bodies/trace',
            [
                'length_mm' => 60,
                'side' => ['nose' => [0, 0], 'tail' => [60, 0], 'upper' => [[15, -9], [30, -12]], 'lower' => [[30, 14]]],
                'width_share' => 0.6,
            ],
            [],
        ],
        'a lot' => static function (ApiCase $case): array {
            $body = $case->body();

            return [
                'POST',
                "/bodies/{$body->id}/lots",
                ['supplier' => 'a friend', 'count' => 12, 'price' => 14.5, 'bought_on' => '2026-11-01'],
                ["/bodies/{$body->id}"],
            ];
        },
        'a bait looked over' => static function (ApiCase $case): array {
            $body = $case->body();
            $lot = $case->send('POST', "/bodies/{$body->id}/lots", ['count' => 4])->json('lots.0.id');

            return ['POST', "/lots/{$lot}/inspections", ['number' => 2, 'rejected' => true, 'fault' => 'seam'], ["/bodies/{$body->id}"]];
        },
        'a body changed' => static function (ApiCase $case): array {
            $body = $case->body();

            return [
                'PATCH',
                "/bodies/{$body->id}",
                ['revision' => 1, 'name' => 'Test 61', 'weight_g' => 11, 'fittings' => ['jointed'], 'stock' => 3],
                ["/bodies/{$body->id}"],
            ];
        },
        'a mask changed' => static function (ApiCase $case): array {
            $mask = $case->send(
                'POST',
                '/masks',
                ['name' => 'Bars', 'body_id' => $case->body()->id, 'technique' => ['name' => 'bars']],
            )->json('id');

            return [
                'PATCH',
                "/masks/{$mask}",
                ['revision' => 1, 'name' => 'Broad bars', 'sheet' => 'vinyl', 'uses' => 3, 'lasts' => 20, 'retired' => false],
                ['/masks'],
            ];
        },
        'a variant' => static function (ApiCase $case): array {
            ['pattern' => $pattern, 'version' => $v] = $case->pattern();

            return [
                'POST',
                "/patterns/{$pattern['id']}/variants",
                [
                    'name' => 'Gudgeon, red',
                    'swaps' => [[
                        'paint' => $v['steps'][2]['document']['mix'][0]['paint'],
                        'for' => [['paint' => $case->paint('Red', 'transparent', '#b02020')->id, 'drops' => 2]],
                    ]],
                ],
                ['/patterns'],
            ];
        },
        'a palette' => static fn(ApiCase $case): array => [
            'POST',
            '/palettes/read',
            ['text' => "GIMP Palette\nName: Dusk\n#\n10 20 30 Night\n"],
            [],
        ],
        'a rack' => static fn(ApiCase $case): array => [
            'POST',
            '/rack/import',
            ['csv' => "Name,Kind,Swatch (hex)\nChalk,opaque,#eeeeee\n"],
            ['/paints'],
        ],
        'a mask' => static fn(ApiCase $case): array => [
            'POST',
            '/masks',
            [
                'name' => 'Bars',
                'body_id' => $case->body()->id,
                'technique' => ['name' => 'bars', 'count' => 6, 'width_mm' => 2],
                'seed' => 3,
                'sheet' => 'film',
                'lasts' => 30,
            ],
            ['/masks'],
        ],
        'an outline' => static fn(ApiCase $case): array => [
            'POST',
            '/masks/outline',
            [
                'svg' => '<svg xmlns="http://www.w3.org/2000/svg" width="20mm" height="10mm" viewBox="0 0 20 10"><path d="M0 0H20V10Z"/></svg>',
            ],
            [],
        ],
        'a run' => static function (ApiCase $case): array {
            ['version' => $v] = $case->pattern();

            return [
                'POST',
                '/runs',
                [
                    'version_id' => $v['id'],
                    'body_id' => $v['body']['id'],
                    'baits' => 2,
                    'air_c' => 20,
                    'humidity_percent' => 50,
                    'starts_at' => '2026-11-25T09:00:00Z',
                ],
                ['/runs'],
            ];
        },
        'what was done' => static function (ApiCase $case): array {
            ['version' => $v] = $case->pattern();
            $run = $case->startedRun($v);
            $step = $v['steps'][1]['document']['id'];

            return [
                'POST',
                "/runs/{$run['id']}/events",
                ['events' => [
                    $case->event('side', $step, 1, ['side' => 'left', 'done' => true]),
                    $case->event('figures', $step, 1, ['psi' => 20, 'strokes' => 3]),
                    $case->event('timer', $step, 1, ['seconds' => 60, 'label' => 'set']),
                ]],
                ["/runs/{$run['id']}"],
            ];
        },
        'the room' => static fn(ApiCase $case): array => [
            'PUT',
            '/settings',
            ['air_c' => 20, 'humidity_percent' => 50, 'pressure' => 'bar', 'length' => 'in'],
            ['/settings'],
        ],
    ];
}

it('takes a good request, refuses a spoilt one with a reason, and is whole after both', function (string $name): void {
    [$method, $path, $body, $hanging] = goodRequests()[$name]($this);
    $ask = fn(string $method, string $path, string $json) => $this->call(
        $method,
        '/api/v1'.$path,
        [],
        [],
        [],
        ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json', 'HTTP_X_HAWKBRUSH' => '1'],
        $json,
    );
    $whole = static function () use ($ask, $hanging, $name): void {
        foreach ($hanging as $question) {
            expect($ask('GET', $question, '')->getStatusCode())->toBe(200, "{$name}: {$question} after it was taken");
        }
        expect(DB::select('PRAGMA foreign_key_check'))->toBe([]);
    };
    // Each on its own: nothing of one is there for the next.
    $alone = static function (Closure $do): void {
        DB::beginTransaction();
        try {
            $do();
        } finally {
            DB::rollBack();
        }
    };
    $alone(static function () use ($ask, $method, $path, $body, $whole, $name): void {
        $answer = $ask($method, $path, (string) json_encode($body));
        expect($answer->getStatusCode())->toBeLessThan(300, $name.': '.$answer->getContent());
        $whole();
    });
    foreach (Hostile::places($body) as $at) {
        foreach (Hostile::values() as $what => $bad) {
            $said = "{$name}: {$what} at /".implode('/', $at);
            $alone(static function () use ($ask, $method, $path, $body, $whole, $at, $bad, $said): void {
                $answer = $ask($method, $path, (string) json_encode(Hostile::spoilt($body, $at, $bad)));
                expect($answer->getStatusCode())->toBeLessThan(500, $said);
                if ($answer->getStatusCode() < 300) {
                    $whole();

                    return;
                }
                expect($answer->headers->get('Content-Type'))->toBe('application/problem+json', $said)
                    ->and(\strlen((string) $answer->json('detail')))->toBeGreaterThan(8, $said);
            });
        }
    }
})->with(array_keys(goodRequests()));
