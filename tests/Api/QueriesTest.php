<?php

declare(strict_types=1);

namespace Tests\Api;

// How often the database is asked does not grow with what is in it. Speed itself is measured by bin/bench.

use App\Models\Bait;
use Illuminate\Support\Facades\DB;
use Tests\ApiCase;

/** @return list<string> the questions that a request puts to the database */
function questions(ApiCase $case, callable $request): array
{
    DB::flushQueryLog();
    DB::enableQueryLog();
    $request();
    $asked = array_column(DB::getQueryLog(), 'query');
    DB::disableQueryLog();

    return $asked;
}

/** Once so that what is computed once is there, then counted. */
function asks(ApiCase $case, string $path): int
{
    $case->ask($path)->assertOk();

    return \count(questions($case, fn() => $case->ask($path)->assertOk()));
}

it('asks no more often for a list of many than for a list of two', function (string $path, callable $another): void {
    $another($this, 1);
    $another($this, 2);
    $few = asks($this, $path);
    foreach (range(3, 6) as $n) {
        $another($this, $n);
    }
    expect(asks($this, $path))->toBe($few);
})->with([
    'paints' => ['/paints', fn(ApiCase $case, int $n) => $case->paint("Paint {$n}")],
    'paints in patterns' => ['/paints', fn(ApiCase $case, int $n) => $case->pattern()],
    'bodies' => ['/bodies', fn(ApiCase $case, int $n) => $case->body("Body {$n}", 50 + $n)],
    'bodies with lots' => [
        '/bodies',
        fn(ApiCase $case, int $n) => $case->send(
            'POST',
            '/bodies/'.$case->body("Body {$n}", 50 + $n)->id.'/lots',
            ['count' => 3, 'price' => 2],
        )->assertCreated(),
    ],
    'patterns' => ['/patterns', fn(ApiCase $case, int $n) => $case->pattern()],
    'masks' => [
        '/masks',
        fn(ApiCase $case, int $n) => $case->send(
            'POST',
            '/masks',
            ['name' => "Mask {$n}", 'body_id' => $case->body("Body {$n}", 50 + $n)->id, 'technique' => ['name' => 'punch']],
        )->assertCreated(),
    ],
    'runs' => ['/runs', fn(ApiCase $case, int $n) => $case->startedRun($case->pattern()['version'])],
]);

it('asks no more often for a log of many baits', function (): void {
    $finish = function (): void {
        ['version' => $version] = $this->pattern();
        $run = $this->startedRun($version, 2);
        $this->send(
            'POST',
            "/runs/{$run['id']}/events",
            ['events' => array_map(fn(array $s): array => $this->event('done', $s['document']['id']), $run['steps'])],
        )->assertOk();
        $this->send('POST', "/runs/{$run['id']}/finish")->assertOk();
    };
    $finish();
    $few = asks($this, '/baits');
    $finish();
    $finish();
    expect(Bait::query()->count())->toBe(6)->and(asks($this, '/baits'))->toBe($few);
});

it('answers an edit with a dozen questions at most, and none of them twice', function (): void {
    ['version' => $v] = $this->pattern();
    $this->travel(5)->seconds();
    $asked = questions($this, function () use ($v): void {
        $this->send('POST', "/versions/{$v['id']}/edits", [
            'revision' => $v['revision'], 'show' => ['upto' => null, 'look' => 'clear'],
            'change' => ['op' => 'change', 'step' => $v['steps'][2]['document']['id'], 'set' => ['width_mm' => 23.5]],
        ])->assertOk();
    });
    $reads = array_values(array_filter($asked, static fn(string $q): bool => str_starts_with($q, 'select')));
    expect(\count($asked))->toBeLessThanOrEqual(12)->and($reads)->toBe(array_values(array_unique($reads)));
});

it('asks the same of a sheet of many steps as of one of few', function (): void {
    ['version' => $v] = $this->pattern();
    $few = asks($this, "/versions/{$v['id']}");
    $white = $v['steps'][1]['document']['mix'][0]['paint'];
    foreach (range(1, 5) as $n) {
        $v = $this->edit(
            $v,
            ['op' => 'add', 'step' => $this->coat($n % 2 === 0 ? $white : $this->paint("Paint {$n}")->id)],
        )->json('version');
    }
    expect(asks($this, "/versions/{$v['id']}"))->toBe($few)
        ->and(asks($this, "/versions/{$v['id']}/advice"))->toBeLessThanOrEqual($few);
});

it('asks the same of a bench after many events as after none', function (): void {
    ['version' => $version] = $this->pattern();
    $run = $this->startedRun($version, 4);
    $few = asks($this, "/runs/{$run['id']}");
    foreach (range(1, 4) as $bait) {
        $this->send(
            'POST',
            "/runs/{$run['id']}/events",
            ['events' => [
                $this->event('done', $version['steps'][0]['document']['id'], $bait),
                $this->event('note', $version['steps'][0]['document']['id'], $bait, ['text' => 'well']),
            ]],
        )->assertOk();
    }
    expect(asks($this, "/runs/{$run['id']}"))->toBe($few);
});
