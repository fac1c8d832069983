<?php

declare(strict_types=1);

use Tests\LiveServer;

// What four callers do at the very same time, against a server of four processes.

beforeEach(function (): void {
    $this->server = LiveServer::start();
});
afterEach(fn() => $this->server->remove());

const FOUR = 4;
const ROUNDS = 15;

it('does a thing once for a key, however many bring it at once, and answers all alike', function (): void {
    for ($round = 0; $round < ROUNDS; $round++) {
        $answers = $this->server->atOnce(array_fill(
            0,
            FOUR,
            [
                'POST',
                '/paints',
                ['name' => "Paint {$round}", 'kind' => 'opaque', 'hex' => '#404040'],
                ['Idempotency-Key' => "the-same-key-{$round}"],
            ],
        ));
        expect(array_column($answers, 0))->toBe(array_fill(0, FOUR, 201))
            ->and(array_unique(array_map(static fn(array $a): string => $a[1]['id'], $answers)))->toHaveCount(1);
    }
    expect($this->server->ask('GET', '/paints')[1]['paints'])->toHaveCount(ROUNDS);
});

it('lets go of a key when its write was refused', function (): void {
    $key = ['Idempotency-Key' => 'refused-at-first'];
    expect($this->server->ask('POST', '/paints', ['name' => ''], $key)[0])->toBe(422)
        ->and($this->server->ask('POST', '/paints', ['name' => 'Bone', 'kind' => 'opaque', 'hex' => '#eeeeee'], $key)[0])->toBe(201);
});

it('takes one of several changes made on one revision, of everything that has one', function (string $kind): void {
    $body = [
        'name' => 'Test 60',
        'length_mm' => 60,
        'exponent' => 2,
        'stations' => [[0, 1, 1, 1], [0.3, 10, 10, 6], [0.7, 7, 7, 4], [1, 1, 1, 1]],
    ];
    $body = $this->server->ask('POST', '/bodies', $body)[1];
    [$path, $change] = match ($kind) {
        'a paint' => [
            '/paints/'.$this->server->ask('POST', '/paints', ['name' => 'Bone', 'kind' => 'opaque', 'hex' => '#eeeeee'])[1]['id'],
            fn(int $i): array => ['left_ml' => $i],
        ],
        'a body' => ["/bodies/{$body['id']}", fn(int $i): array => ['stock' => $i]],
        'a mask' => [
            '/masks/'.$this->server->ask(
                'POST',
                '/masks',
                ['name' => 'Bars', 'body_id' => $body['id'], 'technique' => ['name' => 'bars']],
            )[1]['id'],
            fn(int $i): array => ['uses' => $i],
        ],
        'a pattern' => [
            '/patterns/'.$this->server->ask('POST', '/patterns', ['name' => 'Ruffe', 'body_id' => $body['id']])[1]['pattern']['id'],
            fn(int $i): array => ['notes' => "note {$i}"],
        ],
    };
    for ($revision = 1; $revision <= ROUNDS; $revision++) {
        $answers = $this->server->atOnce(array_map(
            static fn(int $i): array => ['PATCH', $path, ['revision' => $revision] + $change(10 * $revision + $i)],
            range(1, FOUR),
        ));
        $statuses = array_column($answers, 0);
        sort($statuses);
        expect($statuses)->toBe([200, 409, 409, 409]);
    }
})->with(['a paint', 'a body', 'a mask', 'a pattern']);

it('takes one of several edits of a version on one revision', function (): void {
    $body = $this->server->ask(
        'POST',
        '/bodies',
        [
            'name' => 'Test 60',
            'length_mm' => 60,
            'exponent' => 2,
            'stations' => [[0, 1, 1, 1], [0.3, 10, 10, 6], [0.7, 7, 7, 4], [1, 1, 1, 1]],
        ],
    )[1];
    $version = $this->server->ask('POST', '/patterns', ['name' => 'Ruffe', 'body_id' => $body['id'], 'prepare' => false])[1]['version'];
    for ($round = 0; $round < ROUNDS; $round++) {
        $answers = $this->server->atOnce(array_fill(
            0,
            FOUR,
            [
                'POST',
                "/versions/{$version['id']}/edits",
                ['revision' => 1 + $round, 'change' => ['op' => 'add', 'step' => ['type' => 'wait', 'title' => 'Wait', 'minutes' => 5]]],
            ],
        ));
        $statuses = array_column($answers, 0);
        sort($statuses);
        expect($statuses)->toBe([200, 409, 409, 409]);
    }
    expect($this->server->ask('GET', "/versions/{$version['id']}")[1]['steps'])->toHaveCount(ROUNDS);
});

it('starts and finishes a run once, and keeps settings that were set side by side', function (): void {
    $body = $this->server->ask(
        'POST',
        '/bodies',
        [
            'name' => 'Test 60',
            'length_mm' => 60,
            'exponent' => 2,
            'stations' => [[0, 1, 1, 1], [0.3, 10, 10, 6], [0.7, 7, 7, 4], [1, 1, 1, 1]],
            'stock' => 9,
        ],
    )[1];
    $version = $this->server->ask('POST', '/patterns', ['name' => 'Ruffe', 'body_id' => $body['id']])[1]['version'];
    $bone = $this->server->ask('POST', '/paints', ['name' => 'Bone', 'kind' => 'opaque', 'hex' => '#eeeeee'])[1];
    $coat = [
        'type' => 'paint',
        'mix' => [['paint' => $bone['id'], 'drops' => 1]],
        'technique' => ['name' => 'spray'],
        'where' => ['zone' => 'flank'],
    ];
    $version = $this->server->ask(
        'POST',
        "/versions/{$version['id']}/edits",
        ['revision' => 1, 'change' => ['op' => 'add', 'step' => $coat]],
    )[1]['version'];
    $run = $this->server->ask('POST', '/runs', ['version_id' => $version['id'], 'baits' => 2, 'air_c' => 20, 'humidity_percent' => 50])[1];
    expect(array_column($this->server->atOnce(array_fill(0, FOUR, ['POST', "/runs/{$run['id']}/start"])), 0))->toBe([200, 200, 200, 200]);
    $event = [
        'id' => 'an-event-0001',
        'type' => 'note',
        'step' => $version['steps'][0]['document']['id'],
        'bait' => null,
        'at' => '2026-11-25T10:00:00Z',
        'data' => ['text' => 'once'],
    ];
    expect(array_column(
        $this->server->atOnce(array_fill(0, FOUR, ['POST', "/runs/{$run['id']}/events", ['events' => [$event]]])),
        0,
    ))->toBe([200, 200, 200, 200])
        ->and(array_column(
            $this->server->atOnce(array_fill(0, FOUR, ['POST', "/runs/{$run['id']}/finish"])),
            0,
        ))->toBe([200, 200, 200, 200]);
    $now = $this->server->ask('GET', "/runs/{$run['id']}")[1];
    expect($now['baits'])->toHaveCount(2)->and($now['record']['notes'])->toHaveCount(1)
        ->and($this->server->ask('GET', '/bodies')[1]['bodies'][0]['stock'])->toBe(7);
    $set = ['length' => 'in', 'pressure' => 'bar', 'volume' => 'ml', 'temperature' => 'F'];
    $this->server->atOnce(array_map(static fn(string $name): array => ['PUT', '/settings', [$name => $set[$name]]], array_keys($set)));
    expect($this->server->ask('GET', '/settings')[1])->toMatchArray($set);
});
