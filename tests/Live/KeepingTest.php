<?php

declare(strict_types=1);

namespace Tests\Live;

use App\Keeping\BackupFile;
use App\Keeping\DatabaseFile;
use App\Keeping\KeepingTrouble;
use App\Keeping\ReadableTables;
use App\Stores\Stores;
use Closure;
use PDO;
use Tests\Artisan;
use Tests\LiveServer;
use ZipArchive;

/** @return list<string> what is wrong with a database; nothing, if it can be worked with */
function wrongWith(string $data): array
{
    return Artisan::database($data)->query('PRAGMA integrity_check')->fetchAll(PDO::FETCH_COLUMN) === ['ok'] ? [] : ['damaged'];
}

/** A backup of an empty Hawkbrush, made once to be copied from then on. */
function goodBackup(): string
{
    static $path = null;
    if ($path === null) {
        $data = LiveServer::folder();
        copy(LiveServer::migrated(), $data.'/hawkbrush.sqlite');
        $path = sys_get_temp_dir().'/hawkbrush-good-backup-'.getmypid().'.zip';
        @unlink($path);
        Artisan::run($data, ['hawkbrush:backup', $path]);
    }

    return $path;
}

/** Does something to the database within a backup, and makes the backup look whole again. */
function respoilt(string $path, Closure $spoil): void
{
    $zip = new ZipArchive();
    $zip->open($path);
    $data = LiveServer::folder();
    $zip->extractTo($data, ['hawkbrush.sqlite']);
    $spoil(Artisan::database($data));
    $manifest = json_decode((string) $zip->getFromName('manifest.json'), true);
    $manifest['sha256']['hawkbrush.sqlite'] = hash_file('sha256', $data.'/hawkbrush.sqlite');
    $zip->addFromString('manifest.json', (string) json_encode($manifest));
    $zip->addFile($data.'/hawkbrush.sqlite', 'hawkbrush.sqlite');
    $zip->close();
    exec('rm -rf '.escapeshellarg($data));
}

afterEach(function (): void {
    foreach (glob(sys_get_temp_dir().'/hawkbrush-live-*') ?: [] as $folder) {
        if (filemtime($folder) < time() - 600 || isset($this->data) && str_starts_with($folder, $this->data)) {
            exec('rm -rf '.escapeshellarg($folder));
        }
    }
});

it('brings a database of the first day up to date, so that it takes edits again', function (): void {
    $this->data = Artisan::firstDay();
    expect(Artisan::run($this->data, ['hawkbrush:ready']))->toBe([0, '']);
    $server = LiveServer::start([], $this->data);
    $body = $server->ask(
        'POST',
        '/bodies',
        [
            'name' => 'Test 60',
            'length_mm' => 60,
            'exponent' => 2,
            'stations' => [[0, 1, 1, 1], [0.3, 10, 10, 6], [0.7, 7, 7, 4], [1, 1, 1, 1]],
        ],
    )[1];
    $version = $server->ask('POST', '/patterns', ['name' => 'Ruffe', 'body_id' => $body['id']])[1]['version'];
    expect($server->ask(
        'POST',
        "/versions/{$version['id']}/edits",
        ['revision' => 1, 'change' => ['op' => 'remove', 'step' => $version['steps'][0]['document']['id']]],
    )[0])->toBe(200);
    $server->remove();
});

it('is as it was before, or up to date, whenever it is killed on the way', function (): void {
    $this->data = Artisan::firstDay();
    Artisan::database($this->data)->exec("INSERT INTO settings (id, \"values\") VALUES (1, '{}')");
    for ($i = 0; $i < 12; $i++) {
        $data = LiveServer::folder();
        copy($this->data.'/hawkbrush.sqlite', $data.'/hawkbrush.sqlite');
        $process = Artisan::start($data, ['hawkbrush:ready'], $pipes);
        usleep(random_int(100_000, 500_000));
        proc_terminate($process, SIGKILL);
        proc_close($process);
        expect(wrongWith($data))->toBe([])
            ->and(Artisan::run($data, ['hawkbrush:ready']))->toBe([0, ''])
            ->and(DatabaseFile::check($data.'/hawkbrush.sqlite'))->toHaveCount(
                \count(glob(\dirname(__DIR__, 2).'/database/migrations/*.php') ?: []),
            );
        exec('rm -rf '.escapeshellarg($data));
    }
});

it('backs up before it brings up to date', function (): void {
    $this->data = Artisan::firstDay();
    Artisan::run($this->data, ['hawkbrush:ready']);
    expect(glob($this->data.'/backups/before-update-*.zip'))->toHaveCount(1);
    Artisan::run($this->data, ['hawkbrush:ready']);
    expect(glob($this->data.'/backups/*.zip'))->toHaveCount(1);
});

it('backs up one moment whole while others write', function (): void {
    $server = LiveServer::start();
    $this->data = $server->data;
    for ($i = 0; $i < 8; $i++) {
        $backup = Artisan::start($this->data, ['hawkbrush:backup', $this->data."/{$i}.zip"], $pipes);
        $server->atOnce(array_map(
            static fn(int $n): array => ['POST', '/paints', ['name' => "Paint {$i}-{$n}", 'kind' => 'opaque', 'hex' => '#404040']],
            range(1, 8),
        ));
        expect(proc_close($backup))->toBe(0);
        $zip = new ZipArchive();
        $zip->open($this->data."/{$i}.zip");
        $zip->extractTo($this->data."/{$i}");
        expect(wrongWith($this->data."/{$i}"))->toBe([]);
    }
    $server->kill();
});

it('does not replace the data of a server that runs', function (): void {
    $this->data = LiveServer::folder();
    Artisan::run($this->data, ['hawkbrush:ready']);
    Artisan::run($this->data, ['hawkbrush:backup', $this->data.'.zip']);
    $lock = fopen($this->data.'/.lock', 'c');
    flock($lock, LOCK_SH);
    [$code, $said] = Artisan::run($this->data, ['hawkbrush:restore', $this->data.'.zip']);
    expect($code)->toBe(1)->and($said)->toContain('Stop it first');
});

it('brings a backup back beside what is there, and keeps that', function (): void {
    $this->data = LiveServer::demo();
    $demo = Artisan::database($this->data)->query('SELECT name FROM patterns ORDER BY id')->fetchAll(PDO::FETCH_COLUMN);
    $photographs = array_map(basename(...), glob($this->data.'/photos/*.jpg') ?: []);
    expect(Artisan::run($this->data, ['hawkbrush:backup', $this->data.'.zip']))->toBe([0, "Backed up to {$this->data}.zip\n"]);

    $zip = new ZipArchive();
    $zip->open($this->data.'.zip');
    expect((string) $zip->getFromName('tables/patterns.csv'))->toContain('Roach')
        ->and((string) $zip->getFromName('tables/log.csv'))->toContain('H-0001')
        ->and((string) $zip->getFromName('tables/bench.csv'))->toContain(',6,"Blue pearl, soft fade down",,figures,');
    $zip->close();

    Artisan::database($this->data)->exec("UPDATE patterns SET name = 'Spoilt'");
    [$code, $said] = Artisan::run($this->data, ['hawkbrush:restore', $this->data.'.zip']);
    expect($code)->toBe(0, $said)
        ->and(Artisan::database($this->data)->query('SELECT name FROM patterns ORDER BY id')->fetchAll(PDO::FETCH_COLUMN))->toBe($demo)
        ->and(array_map(basename(...), glob($this->data.'/photos/*.jpg') ?: []))->toBe($photographs);
    preg_match('/kept in (\S+)\./', $said, $kept);
    expect(Artisan::database($kept[1])->query("SELECT count(*) FROM patterns WHERE name = 'Spoilt'")->fetchColumn())->toBe(\count($demo));
});

it('refuses what is no backup, with the reason, and leaves the data as it is', function (Closure $spoil, string $why): void {
    $this->data = LiveServer::folder();
    copy(LiveServer::migrated(), $this->data.'/hawkbrush.sqlite');
    copy(goodBackup(), $this->data.'.zip');
    $spoil($this->data.'.zip');
    $before = hash_file('sha256', $this->data.'/hawkbrush.sqlite');
    [$code, $said] = Artisan::run($this->data, ['hawkbrush:restore', $this->data.'.zip']);
    expect($code)->toBe(1)->and($said)->toContain($why)
        ->and(hash_file('sha256', $this->data.'/hawkbrush.sqlite'))->toBe($before)
        ->and(glob($this->data.'.restored-*'))->toBe([]);
})->with([
    'a text' => [fn(string $path) => file_put_contents($path, 'not a backup'), 'is no backup of Hawkbrush'],
    'half of one' => [
        fn(string $path) => file_put_contents($path, substr((string) file_get_contents($path), 0, (int) (filesize($path) / 2))),
        'is no backup of Hawkbrush, or it is damaged',
    ],
    'another zip' => [function (string $path): void {
        $zip = new ZipArchive();
        $zip->open($path, ZipArchive::OVERWRITE | ZipArchive::CREATE);
        $zip->addFromString('../../etc/cron.d/x', 'x');
        $zip->close();
    }, 'does not belong'],
    'one with a spoilt database' => [function (string $path): void {
        $zip = new ZipArchive();
        $zip->open($path);
        $zip->addFromString('hawkbrush.sqlite', 'SQLite format 3 and nothing else');
        $zip->close();
    }, 'is not as it was backed up'],
    'one of a newer Hawkbrush' => [
        fn(string $path) => respoilt(
            $path,
            fn(PDO $db) => $db->exec("INSERT INTO migrations (migration, batch) VALUES ('2099_01_01_000001_later', 9)"),
        ),
        'newer Hawkbrush',
    ],
    'none at all' => [fn(string $path) => unlink($path), 'There is no file'],
    'one with a trigger that does something' => [
        fn(string $path) => respoilt($path, fn(PDO $db) => $db->exec('CREATE TRIGGER t AFTER INSERT ON paints BEGIN DELETE FROM bodies; END')),
        'the trigger “t”, which Hawkbrush does not make',
    ],
    'one with a view' => [
        fn(string $path) => respoilt($path, fn(PDO $db) => $db->exec('CREATE VIEW v AS SELECT * FROM paints')),
        'the view “v”',
    ],
    'one with a table of somebody else' => [
        fn(string $path) => respoilt($path, fn(PDO $db) => $db->exec('CREATE TABLE others (x)')),
        'the table “others” does not belong there',
    ],
    'one that lacks a table' => [
        fn(string $path) => respoilt($path, fn(PDO $db) => $db->exec('DROP TABLE sprayed')),
        'the table “sprayed” is missing',
    ],
    'one that lacks a column' => [
        fn(string $path) => respoilt($path, fn(PDO $db) => $db->exec('ALTER TABLE paints DROP COLUMN finish')),
        'the table “paints” is not as it should be',
    ],
    'one without what keeps the record from being changed' => [
        fn(string $path) => respoilt($path, fn(PDO $db) => $db->exec('DROP TRIGGER bench_events_no_UPDATE')),
        'the trigger “bench_events_no_UPDATE” of “bench_events” is missing',
    ],
    'one with entries that refer to nothing' => [
        fn(string $path) => respoilt($path, fn(PDO $db) => $db->exec("INSERT INTO cards VALUES ('c', 'none', '{}', 1, 'matte', 'x', '2026-11-25')")),
        'refer to what is not there (1 in “cards”)',
    ],
    'one that would grow without end' => [function (string $path): void {
        $zip = new ZipArchive();
        $zip->open($path);
        $zip->addFromString('tables/log.csv', str_repeat("\0", 60_000_000));
        $zip->close();
    }, 'would grow far too large'],
    'one whose manifest is a bomb' => [function (string $path): void {
        $zip = new ZipArchive();
        $zip->open($path);
        $zip->addFromString('manifest.json', str_repeat(' ', 60_000_000).'{}');
        $zip->close();
    }, 'would grow far too large'],
    'one that names files elsewhere' => [function (string $path): void {
        $zip = new ZipArchive();
        $zip->open($path);
        $manifest = json_decode((string) $zip->getFromName('manifest.json'), true);
        $manifest['beside'] = ['photos/../../../etc/passwd' => 'x', 'photos/01m8jr2cba7ac7yd5966jmgyq3.jpg' => 'x'];
        $zip->addFromString('manifest.json', (string) json_encode($manifest));
        $zip->close();
    }, '1 of 1 are gone or damaged'],
]);

it('says in words what is wrong with a backup, whichever byte of it is damaged', function (): void {
    $this->data = LiveServer::folder();
    Artisan::run($this->data, ['hawkbrush:ready']);
    mkdir($this->data.'/photos');
    file_put_contents($this->data.'/photos/01m8jr2cba7ac7yd5966jmgyq3.jpg', random_bytes(3000));
    Artisan::run($this->data, ['hawkbrush:backup', $this->data.'.zip']);
    $good = (string) file_get_contents($this->data.'.zip');
    $unharmed = BackupFile::read($this->data.'.zip')->manifest;
    $refused = 0;
    // All of what the file is made of (its ends), and every so many bytes of what is packed in it.
    $length = \strlen($good);
    $bytes = [...range(0, 200), ...range(200, $length - 1500, max(1, intdiv($length, 700))), ...range($length - 1500, $length - 1)];
    // A damaged stream is warned of, which is no fault here.
    set_error_handler(static fn(): bool => true);
    foreach ($bytes as $at) {
        $bad = $good;
        $bad[$at] = \chr(\ord($bad[$at]) ^ 1 << $at % 8);
        file_put_contents($this->data.'.zip', $bad);
        try {
            // What was not noticed was not what is brought back: a date in the archive, a table to read.
            expect(BackupFile::read($this->data.'.zip')->manifest['sha256'])->toBe($unharmed['sha256']);
        } catch (KeepingTrouble $e) {
            expect($e->getMessage())->toContain($this->data.'.zip');
            $refused++;
        }
    }
    restore_error_handler();
    unlink($this->data.'.zip');
    expect($refused)->toBeGreaterThan(\count($bytes) / 2);
});

it('brings back one of its own backups with the photographs beside it, and says when those are gone', function (): void {
    $this->data = LiveServer::folder();
    Artisan::run($this->data, ['hawkbrush:ready']);
    mkdir($this->data.'/photos');
    $photo = '/photos/01m8jr2cba7ac7yd5966jmgyq3.jpg';
    file_put_contents($this->data.$photo, random_bytes(3000));
    $was = hash_file('sha256', $this->data.$photo);
    Artisan::run($this->data, ['hawkbrush:backup']);
    unlink($this->data.$photo);
    [$backup] = glob($this->data.'/backups/by-hand-*.zip');
    expect(Artisan::run($this->data, ['hawkbrush:restore', $backup])[0])->toBe(0)
        ->and(hash_file('sha256', $this->data.$photo))->toBe($was);
    exec('rm -rf '.escapeshellarg($this->data.'/backups/photos'));
    [$code, $said] = Artisan::run($this->data, ['hawkbrush:restore', $backup]);
    expect($code)->toBe(1)->and($said)->toContain('1 of 1 are gone or damaged')->toContain('--without-photographs');
    // Two within a second would put aside to the same place.
    sleep(1);
    expect(Artisan::run($this->data, ['hawkbrush:restore', '--without-photographs', $backup])[0])->toBe(0)
        ->and(is_file($this->data.$photo))->toBeFalse();
});

it('looks for room before it brings a backup back, and says when there is none', function (): void {
    $this->data = LiveServer::folder();
    $disk = $this->data.'/disk';
    mkdir($disk);
    exec('mount -t tmpfs -o size=16m tmpfs '.escapeshellarg($disk).' 2>&1', $said, $code);
    if ($code !== 0) {
        $this->markTestSkipped('A disk of its own takes the right to mount one.');
    }
    try {
        $own = $this->data.'/own';
        mkdir($own);
        Artisan::run($own, ['hawkbrush:ready']);
        Artisan::run($own, ['hawkbrush:backup', $this->data.'/all.zip']);
        [$code, $told] = Artisan::run($disk.'/there', ['hawkbrush:restore', $this->data.'/all.zip']);
        // Full already: the data there says so too, and goes on once there is room.
        exec('head -c 17000000 /dev/zero 2>/dev/null >'.escapeshellarg($disk.'/filler').' 2>/dev/null');
        [$full, $fullTold] = Artisan::run($disk.'/other', ['hawkbrush:ready']);
    } finally {
        exec('umount '.escapeshellarg($disk));
    }
    expect([$code, $full])->toBe([1, 1])->and($told)->toContain('The disk is full')->and($fullTold)->toContain('disk is full');
});

it('does not start on what it cannot work with, and says why', function (Closure $spoil, string $why): void {
    $this->data = LiveServer::folder();
    Artisan::run($this->data, ['hawkbrush:ready']);
    $spoil($this->data);
    [$code, $said] = Artisan::run($this->data, ['hawkbrush:ready']);
    expect($code)->toBe(1)->and($said)->toContain($why);
})->with([
    'a damaged database' => [
        fn(string $data) => file_put_contents($data.'/hawkbrush.sqlite', 'SQLite format 3'.str_repeat("\0x", 3000)),
        'bin/restore',
    ],
    'another file in its place' => [fn(string $data) => file_put_contents($data.'/hawkbrush.sqlite', 'hello'), 'is no database'],
    'photographs without a database' => [function (string $data): void {
        unlink($data.'/hawkbrush.sqlite');
        mkdir($data.'/photos');
        touch($data.'/photos/one.jpg');
    }, '1 photographs, but no database'],
    'a database of another program' => [function (string $data): void {
        Artisan::database($data)->exec('DROP TABLE migrations');
    }, 'not one of Hawkbrush'],
    'a database of a newer Hawkbrush' => [function (string $data): void {
        Artisan::database($data)->exec("INSERT INTO migrations (migration, batch) VALUES ('2099_01_01_000001_later', 9)");
    }, 'newer Hawkbrush'],
]);

it('lays the demo out where nothing is, and nowhere else', function (): void {
    $this->data = LiveServer::demo();
    Artisan::database($this->data)->exec("UPDATE patterns SET name = 'Mine'");
    // As a folder brought back without what only the demo knew of it.
    Artisan::run($this->data, ['hawkbrush:demo']);
    expect(array_unique(Artisan::database($this->data)->query('SELECT name FROM patterns')->fetchAll(PDO::FETCH_COLUMN)))->toBe(['Mine']);
});

it('writes every store into the tables of a backup that any program reads', function (): void {
    $this->data = LiveServer::demo();
    $tables = (new ReadableTables())->inDatabase("{$this->data}/hawkbrush.sqlite");
    foreach (Stores::ALL as $store) {
        foreach (array_keys($store::tables()) as $name) {
            expect($tables)->toHaveKey($name);
            $rows = array_map(static fn(string $line): int => \count(str_getcsv($line)), explode("\r\n", trim($tables[$name])));
            expect(\count($rows))->toBeGreaterThan($name === 'habits' ? 0 : 1, "{$name} is empty");
        }
    }
});
