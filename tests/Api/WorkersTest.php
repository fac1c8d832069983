<?php

declare(strict_types=1);

use App\Parallel\ForkedWorkers;
use Hawkbrush\Core\Parallel\OneWorker;
use Hawkbrush\Core\Parallel\Workers;

it('does each piece in a process of its own, and gives what came of them in their order', function (): void {
    $pieces = array_map(static fn(int $i): callable => static function () use ($i): array {
        // The first one is the last to be done.
        usleep(20_000 * (3 - $i));

        return [$i, getmypid(), 0.1 + 0.2, 2.0, 'größer', []];
    }, [0, 1, 2]);
    $done = ForkedWorkers::of(3)->do($pieces);
    expect(array_column($done, 0))->toBe([0, 1, 2])
        ->and(array_unique(array_column($done, 1)))->toHaveCount(3)
        ->and($done[0][1])->toBe(getmypid())
        ->and(array_slice($done[2], 2))->toBe([0.1 + 0.2, 2.0, 'größer', []]);
});

it('leaves no process behind, and nothing that others changed', function (): void {
    $seen = [];
    $see = static function () use (&$seen): int {
        return $seen[] = 1;
    };
    ForkedWorkers::of(2)->do([$see, $see]);
    expect($seen)->toBe([1])->and(pcntl_wait($status, WNOHANG))->toBe(-1);
});

it('does here what came to nothing elsewhere', function (): void {
    $here = getmypid();
    $done = ForkedWorkers::of(3)->do([
        static fn(): string => 'first',
        static fn(): string => getmypid() === $here ? 'here' : (string) posix_kill(posix_getpid(), SIGKILL),
        static fn(): string => getmypid() === $here ? 'here as well' : throw new RuntimeException('lost'),
    ]);
    expect($done)->toBe(['first', 'here', 'here as well']);
});

it('lets trouble be seen', function (): void {
    ForkedWorkers::of(2)->do([static fn(): int => 1, static fn(): int => throw new RuntimeException('no such paint')]);
})->throws(RuntimeException::class, 'no such paint');

it('waits for nobody after trouble of its own', function (): void {
    $begun = microtime(true);
    expect(fn() => ForkedWorkers::of(2)->do([static fn(): int => throw new RuntimeException('no such paint'), static fn(): int => sleep(20)]))->toThrow(RuntimeException::class, 'no such paint');
    expect(microtime(true) - $begun)->toBeLessThan(10)->and(pcntl_wait($status, WNOHANG))->toBe(-1);
});

it('needs no other process for one', function (): void {
    expect(ForkedWorkers::of(1))->toBeInstanceOf(OneWorker::class)
        ->and(ForkedWorkers::of(1000)->count())->toBe(16)
        ->and(ForkedWorkers::of(0)->count())->toBe(1)
        ->and(ForkedWorkers::of(1)->do([static fn(): int => getmypid()]))->toBe([getmypid()]);
});

it('finds the same mixes however many share the search', function (): void {
    mt_srand(5);
    for ($i = 0; $i < 30; $i++) {
        $this->paint("Bottle {$i}", ['opaque', 'transparent', 'pearl', 'ink'][$i % 4], sprintf('#%02x%02x%02x', mt_rand(10, 245), mt_rand(10, 245), mt_rand(10, 245)));
    }
    $offers = function (Workers $workers, string $hex): array {
        $this->app->instance(Workers::class, $workers);

        return $this->send('POST', '/mixes/search', ['target' => ['hex' => $hex], 'coats' => 3])->assertOk()->json('offers');
    };
    foreach (['#5d6f7a', '#e20eb8'] as $hex) {
        expect($offers(ForkedWorkers::of(3), $hex))->toBe($offers(new OneWorker(), $hex))->toHaveCount(6);
    }
});
