<?php

declare(strict_types=1);

namespace Tests\Api;

// Lists come by the page, each thing once, and what the log and the shelf are searched by never goes stale.

use App\Actions\Runs\LogWords;
use App\Models\Bait;
use App\Models\Pattern;
use App\Models\Run;
use App\Models\Version;
use Illuminate\Support\Facades\DB;
use Tests\ApiCase;

/**
 * All pages of a list.
 *
 * @return list<list<array<string, mixed>>>
 */
function pages(ApiCase $case, string $path): array
{
    $pages = [];
    $after = '';
    do {
        $page = $case->ask($path.$after)->assertOk()->json();
        $pages[] = array_values(array_filter($page, is_array(...)))[0] ?? [];
        $after = (str_contains($path, '?') ? '&' : '?').'after='.$page['next'];
    } while ($page['next'] !== null);

    return $pages;
}

/** Rows of a table copied under other ids and names, so that there are many. */
function many(string $table, int $count, callable $change): void
{
    $row = (array) DB::table($table)->orderByDesc('id')->first();
    foreach (range(1, $count) as $n) {
        DB::table($table)->insert($change($n) + $row);
    }
}

it('gives each pattern once, by name, page after page', function (): void {
    $this->pattern();
    many('patterns', 150, static fn(int $n): array => [
        'id' => \sprintf('01many%020d', $n), 'name' => 'Roach '.intdiv($n, 3), 'words' => 'roach '.intdiv($n, 3),
    ]);
    $pages = pages($this, '/patterns');
    $listed = array_merge(...$pages);
    $names = array_column($listed, 'name');
    $sorted = $names;
    sort($sorted);
    expect(array_map(count(...), $pages))->toBe([60, 60, 31])
        ->and(array_unique(array_column($listed, 'id')))->toHaveCount(151)
        ->and($names)->toBe($sorted)
        ->and(array_merge(...pages($this, '/patterns?q=ROACH+12')))->toHaveCount(3);
});

it('gives each paint, run and bait once, and stays below 100 kB a page', function (): void {
    ['version' => $version] = $this->pattern();
    $run = $this->startedRun($version, 2);
    many('paints', 250, static fn(int $n): array => ['id' => \sprintf('01many%020d', $n), 'name' => str_repeat('Long name ', 7).$n]);
    many('runs', 220, static fn(int $n): array => ['id' => \sprintf('01many%020d', $n), 'number' => 1 + $n, 'finished_at' => now()]);
    many('baits', 130, static fn(int $n): array => [
        'id' => \sprintf('01many%020d', $n), 'number' => 2 + $n, 'position' => $n, 'run_id' => \sprintf('01many%020d', 1 + $n % 220),
    ]);
    LogWords::keep(Run::query());
    $count = static fn(array $pages): array => array_map(count(...), $pages);
    $baits = pages($this, '/baits');
    $labels = array_map(static fn(int $n): string => \sprintf('H-%04d', $n), range(132, 3));
    expect($count(pages($this, '/paints')))->toBe([120, 120, 12])
        ->and($count(pages($this, '/runs')))->toBe([100, 100, 21])
        ->and($count($baits))->toBe([60, 60, 10])
        ->and(array_column(array_merge(...$baits), 'label'))->toBe(array_map(static fn(int $n): string => \sprintf('H-%04d', $n), range(132, 3)))
        ->and(array_column($this->ask('/runs?state=open')->json('runs'), 'id'))->toBe([$run['id']]);
    foreach (['/paints', '/runs', '/baits'] as $path) {
        expect(\strlen((string) $this->ask($path)->getContent()))->toBeLessThan(100_000, $path);
    }
});

it('refuses a place in a list that is none', function (string $query, string $pointer): void {
    $this->ask("/patterns?{$query}")->assertStatus(422)->assertJsonPath('errors.0.pointer', $pointer);
})->with([
    'no base64' => ['after=%25%25', '/after'], 'no list' => ['after='.base64_encode('{"a":1}'), '/after'],
    'too short' => ['after='.base64_encode('["x"]'), '/after'], 'of lists' => ['after='.base64_encode('[[1],[2]]'), '/after'],
    'several' => ['after[]=x', '/after'], 'a state that is none' => ['state=best', '/state'], 'several words' => ['q[]=x', '/q'],
    'no UTF-8' => ['q=%ff', '/q'], 'something else' => ['page=2', '/page'],
]);

it('finds a name with letters that SQLite does not fold, and takes signs of LIKE for what they are', function (): void {
    $sheet = $this->pattern();
    $this->send('PATCH', "/patterns/{$sheet['pattern']['id']}", ['revision' => 1, 'name' => 'ÄSCHE 100%'])->assertOk();
    $found = fn(string $q): int => \count($this->ask('/patterns?q='.rawurlencode($q))->json('patterns'));
    expect($found('äsche'))->toBe(1)->and($found('100%'))->toBe(1)->and($found('1%0'))->toBe(0)->and($found('_sche'))->toBe(0);
});

it('says the state that it finds a pattern by', function (): void {
    [$proven, $run] = $this->finishedRun();
    $this->send('POST', "/baits/{$run['baits'][0]['id']}/stamp")->assertOk();
    [$tried] = $this->finishedRun();
    ['pattern' => $sketch] = $this->pattern();
    ['pattern' => $retired] = $this->pattern();
    $this->send('PATCH', "/patterns/{$retired['id']}", ['revision' => 1, 'retired' => true])->assertOk();
    $in = fn(string $state): array => array_column($this->ask("/patterns?state={$state}")->json('patterns'), 'state', 'id');
    expect($in('proven'))->toBe([$proven['pattern']['id'] => 'proven'])->and($in('tried'))->toBe([$tried['pattern']['id'] => 'tried'])
        ->and($in('sketch'))->toBe([$sketch['id'] => 'sketch'])->and($in('retired'))->toBe([$retired['id'] => 'retired'])
        ->and($in('all'))->toEqual([$proven['pattern']['id'] => 'proven', $tried['pattern']['id'] => 'tried', $sketch['id'] => 'sketch']);
});

it('finds a bait by all that is said of it, whenever that was said', function (): void {
    [$sheet, $run] = $this->finishedRun(2);
    [$first, $second] = array_column($run['baits'], 'id');
    $found = fn(string $q): array => array_column($this->ask('/baits?q='.rawurlencode($q))->json('baits'), 'id');
    expect($found('gudgeon gravel'))->toBe([$second, $first])->and($found('h-0001'))->toBe([$first])
        ->and($found("run {$run['number']}"))->toHaveCount(2)->and($found('quay'))->toBe([]);

    // After each change what is kept is what would be found anew: a later change must not put it right.
    $change = function (string $method, string $path, array $data): void {
        $this->send($method, $path, $data)->assertOk();
        $kept = Bait::query()->pluck('words', 'id')->all();
        LogWords::keep(Run::query());
        expect(Bait::query()->pluck('words', 'id')->all())->toBe($kept, $path);
    };
    $note = $this->event('note', $run['steps'][0]['document']['id'], 2, ['text' => 'Quay light']);
    $body = $sheet['version']['body'];
    $change('PATCH', "/baits/{$first}", ['revision' => 1, 'lesson' => 'Larger SPOTS']);
    $change('POST', "/runs/{$run['id']}/events", ['events' => [$note]]);
    $change('PATCH', "/patterns/{$sheet['pattern']['id']}", ['revision' => 1, 'name' => 'Ruffe, sand']);
    $revision = $this->ask("/bodies/{$body['id']}")->json('body.revision');
    $change('PATCH', "/bodies/{$body['id']}", ['revision' => $revision, 'name' => 'Wader']);
    expect($found('larger spots'))->toBe([$first])->and($found('quay'))->toBe([$second])->and($found('ruffe'))->toHaveCount(2)
        ->and($found('gudgeon'))->toBe([])->and($found('wader'))->toHaveCount(2);
});

it('finds a rejected bait by its reason, and one at the bench not at all', function (): void {
    ['version' => $version] = $this->pattern();
    $run = $this->startedRun($version, 2);
    $last = $run['steps'][2]['document']['id'];
    $rejected = $this->event('rejected', $last, 2, ['reason' => 'ran at the belly']);
    $this->send('POST', "/runs/{$run['id']}/events", ['events' => [$rejected]])->assertOk();
    expect($this->ask('/baits')->json('baits'))->toBe([]);
    $this->send('POST', "/runs/{$run['id']}/finish")->assertOk();
    expect(array_column($this->ask('/baits?q=belly')->json('baits'), 'position'))->toBe([2]);
});

it('always knows the version worked on', function (): void {
    [$sheet, $run] = $this->finishedRun();
    $version = $this->ask("/versions/{$sheet['version']['id']}")->json();
    $this->edit($version, ['op' => 'duplicate', 'step' => $run['steps'][0]['document']['id']])->assertOk();
    $room = ['air_c' => 20, 'humidity_percent' => 50];
    $body = $this->body('Test 120', 120)->id;
    $this->send('POST', '/runs', ['repeat_of' => $run['baits'][0]['id'], 'body_id' => $body, 'baits' => 1] + $room)->assertCreated();
    $this->send('POST', "/versions/{$sheet['version']['id']}/go-on")->assertCreated();
    foreach (Pattern::query()->get() as $pattern) {
        $newest = Version::query()->where('pattern_id', $pattern->id)->whereNull('fitted_from_id')->orderByDesc('number')->firstOrFail();
        expect($pattern->current_id)->toBe($newest->id)->and($newest->number)->toBe(3);
    }
});
