<?php

declare(strict_types=1);

use App\Present\RunView;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Run\BenchEvent;
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
    $happened = array_map(static fn(array $event): BenchEvent => BenchEvent::read(Node::root($event)), $events);
    $read = Record::fold($recipe, 2, $happened, $oneSide);
    expect(json_decode((string) json_encode(RunView::record($read)), true))->toEqual($record);
})->with(array_column(array_map(
    static fn(array $case): array => ['name' => $case['name'], 'given' => [
        $case['events'], $case['record'], $case['try'] ?? false, $case['one_side'] ?? false,
    ]],
    json_decode((string) file_get_contents(__DIR__.'/../../fixtures/bench-records.json'), true)['cases'],
), 'given', 'name'));
