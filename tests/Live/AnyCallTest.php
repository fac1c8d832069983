<?php

declare(strict_types=1);

use Tests\AnyCall;
use Tests\Artisan;
use Tests\LiveServer;

// HAWKBRUSH_CALLS=10000 makes as many calls as docs/operations.md speaks of; HAWKBRUSH_SEED others than these.

it('answers any call made up from the contract without breaking', function (): void {
    $data = LiveServer::demo();
    $ids = [];
    foreach (['patterns', 'versions', 'runs', 'baits', 'paints', 'bodies', 'masks', 'lots', 'pictures', 'photos'] as $table) {
        array_push($ids, ...Artisan::database($data)->query("SELECT id FROM {$table} LIMIT 6")->fetchAll(PDO::FETCH_COLUMN));
    }
    $server = LiveServer::start([], $data);
    $any = new AnyCall((int) (getenv('HAWKBRUSH_SEED') ?: 1), $ids);
    $broken = [];
    $tally = [];
    for ($left = (int) (getenv('HAWKBRUSH_CALLS') ?: 1200); $left > 0; $left -= 8) {
        $calls = array_map(static fn(): array => $any->next(), range(1, 8));
        foreach ($server->atOnce($calls) as $i => [$status, $answer]) {
            $tally[intdiv($status, 100)] = ($tally[intdiv($status, 100)] ?? 0) + 1;
            if ($status >= 500 || $status === 0) {
                $broken[] = [$status, $calls[$i][0], $calls[$i][1], json_encode($calls[$i][2]), $answer];
            }
        }
    }
    $server->remove();
    expect($broken)->toBe([])->and($tally[2] ?? 0)->toBeGreaterThan(100);
});
