<?php

declare(strict_types=1);

namespace Tests\Api;

use Closure;
use Illuminate\Support\Facades\DB;
use Tests\LiveServer;

// Each kind of trouble with the place where the data lies, brought about for real, has its own words and status.

/** A database file of its own, on which the next question is asked. */
function onFile(): string
{
    $file = tempnam(sys_get_temp_dir(), 'hb').'.sqlite';
    copy(LiveServer::migrated(), $file);
    config([
        'database.connections.file' => ['database' => $file] + (array) config('database.connections.sqlite'),
        'database.default' => 'file',
    ]);

    return $file;
}

it('says what is wrong with the database, and what to do', function (Closure $trouble, string $type, int $status, string $words): void {
    $trouble(onFile());
    // The pages there are take one or two before the disk is full.
    for ($i = 0; $i < 9 && (! isset($answer) || $answer->getStatusCode() === 201); $i++) {
        $answer = $this->json(
            'POST',
            '/api/v1/paints',
            ['name' => "Bone {$i}", 'kind' => 'opaque', 'hex' => '#eeeeee'],
            ['X-Hawkbrush' => '1'],
        );
    }
    $answer->assertStatus($status)->assertJsonPath('type', "urn:hawkbrush:problem:{$type}");
    expect($answer->json('detail'))->toContain($words);
})->with([
    // SQLite says the same when it may not have another page.
    'a full disk' => [
        fn() => DB::select('PRAGMA max_page_count = '.DB::selectOne('PRAGMA page_count')->page_count),
        'disk-full',
        507,
        'Make room',
    ],
    'a database that may only be read' => [fn() => DB::statement('PRAGMA query_only = ON'), 'read-only', 503, 'right to write'],
    'an emptied database' => [
        fn() => DB::statement('PRAGMA foreign_keys = OFF') && DB::statement('DROP TABLE paints'),
        'database-empty',
        503,
        'bin/restore',
    ],
    'a damaged one' => [
        fn(string $file) => file_put_contents($file, str_repeat('no database ', 900)),
        'database-damaged',
        503,
        'bin/restore',
    ],
    'none at all' => [fn(string $file) => unlink($file), 'database-missing', 503, 'bin/restore'],
]);

it('lists every type of problem in docs/problems.md', function (): void {
    $listed = (string) file_get_contents(base_path('docs/problems.md'));
    $types = [];
    foreach ([
        'app/Http/Problems.php',
        'app/Exceptions/NotNow.php',
        'app/Keeping/StorageTrouble.php',
        'app/Http/Middleware/OnceOnly.php',
    ] as $file) {
        preg_match_all(
            "/(?:=> \\['|self\\('|case \\w+ = '|\\]\\], '|\\[\\], ')([a-z]+(?:-[a-z]+)*)'/",
            (string) file_get_contents(base_path($file)),
            $found,
        );
        $types = [...$types, ...$found[1]];
    }
    expect(\count($types))->toBeGreaterThan(20);
    foreach ($types as $type) {
        expect($listed)->toContain("`{$type}`");
    }
});
