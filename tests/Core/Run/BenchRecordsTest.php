<?php

declare(strict_types=1);

use App\Present\RunView;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Run\BenchEvent;
use Hawkbrush\Core\Run\BenchEvents;
use Hawkbrush\Core\Run\Record;
use Tests\Build;

// The same cases hold for the page, in tests/Page/benchRecords.test.ts.

it('says what its events say', function (array $events, array $record, bool $try, bool $oneSide): void {
    $recipe = Build::recipe(...array_filter([
        ['id' => 'wipe', 'type' => 'prep', 'title' => 'Wipe', 'task' => 'Wipe', 'minutes' => 2],
        $try ? ['id' => 'card', 'type' => 'try'] : null,
        [
            'id' => 'base',
            'type' => 'paint',
            'mix' => [['paint' => 'white', 'drops' => 1]],
            'technique' => ['name' => 'spray'],
            'where' => ['zone' => 'whole'],
        ],
    ]));
    $happened = array_map(static fn(array $event): BenchEvent => BenchEvents::read(Node::root($event)), $events);
    $read = Record::fold($recipe, 2, $happened, $oneSide);
    expect(json_decode((string) json_encode(RunView::record($read)), true))->toEqual($record);
})->with(array_column(array_map(
    static fn(array $case): array => ['name' => $case['name'], 'given' => [
        $case['events'], $case['record'], $case['try'] ?? false, $case['one_side'] ?? false,
    ]],
    json_decode((string) file_get_contents(__DIR__.'/../../fixtures/bench-records.json'), true)['cases'],
), 'given', 'name'));

it('has a case for every kind of event, in the list, the contract and the cases', function (): void {
    $root = dirname(__DIR__, 3);
    $cases = json_decode((string) file_get_contents("{$root}/tests/fixtures/bench-records.json"), true)['cases'];
    $types = array_unique(array_column(array_merge(...array_column($cases, 'events')), 'type'));
    expect(BenchEvents::names())->toEqualCanonicalizing($types);

    preg_match('/mapping: \{(side: .*)\}/', (string) file_get_contents("{$root}/contract/openapi/runs.yaml"), $mapping);
    preg_match_all("/([\w-]+): '/", $mapping[1], $named);
    expect($named[1])->toEqualCanonicalizing($types);
});

it('applies what was kept, though it lies outside of today\'s bounds or names what is no longer known', function (): void {
    $recipe = Build::recipe(['id' => 'wipe', 'type' => 'prep', 'title' => 'Wipe', 'task' => 'Wipe', 'minutes' => 2]);
    $event = static fn(string $type, array $data): array => [
        'id' => "event-{$type}", 'type' => $type, 'step' => 'wipe', 'bait' => 1, 'at' => '2026-11-25T10:00:00Z', 'data' => $data,
    ];
    $kept = [
        $event('figures', ['psi' => 5000]), $event('fault', ['fault' => 'gremlins']), $event('note', ['text' => str_repeat('x', 1200)]),
    ];
    $record = Record::fold($recipe, 1, array_map(static fn(array $one): BenchEvent => BenchEvents::read(Node::kept($one)), $kept));
    expect($record->figures)->toEqual(['wipe' => ['psi' => 5000]])
        ->and($record->faults[0]['fault'])->toBe('gremlins')
        ->and($record->notes[0]['text'])->toHaveLength(1200);
    foreach ($kept as $one) {
        expect(static fn(): BenchEvent => BenchEvents::read(Node::root($one)))->toThrow(Refused::class);
    }
});
