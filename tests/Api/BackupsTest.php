<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Keeping\Backup;
use App\Keeping\BackupFile;
use App\Keeping\BackupKind;
use App\Keeping\Backups;
use App\Keeping\DataFolder;
use App\Keeping\KeepingTrouble;
use App\Keeping\Tidy;
use App\Models\Preference;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Tests\LiveServer;
use ZipArchive;

const DAY_S = 24 * 3600;

/** The name of a photograph, as an id. */
function photograph(int $number): string
{
    return \sprintf('01m8jr2cba7ac7yd5966jmgy%02d', $number);
}

beforeEach(function (): void {
    $this->data = new DataFolder(LiveServer::folder());
    config(['hawkbrush.data' => $this->data->path]);
    copy(LiveServer::migrated(), $this->data->database());
    mkdir($this->data->photos());
    foreach ([1, 2, 3] as $number) {
        file_put_contents($this->data->photos().'/'.photograph($number).'.jpg', random_bytes(50_000));
    }
});
afterEach(fn() => File::deleteDirectory($this->data->path));

it('keeps a photograph once for all backups, and beyond its end', function (): void {
    $first = app(Backup::class)->make($this->data, BackupKind::ByHand);
    $this->travel(2)->seconds();
    $second = app(Backup::class)->make($this->data, BackupKind::ByHand);
    expect(filesize($first) + filesize($second))->toBeLessThan(150_000)
        ->and((new Backups($this->data))->bytes())->toMatchArray(['shared' => 150_000])
        ->and(stat($this->data->photos().'/'.photograph(1).'.jpg')['nlink'])->toBe(2);
    unlink($this->data->photos().'/'.photograph(1).'.jpg');
    expect(BackupFile::read($first)->missing())->toBe([])
        ->and((new Backups($this->data))->bytes()['own'])->toBe(50_000 + filesize($first) + filesize($second))
        ->and((new Backups($this->data))->bytes()['shared'])->toBe(100_000);
    // Only the first two name it; with the last of those it goes.
    unlink($first);
    unlink($second);
    $this->travel(2)->seconds();
    app(Backup::class)->make($this->data, BackupKind::ByHand);
    expect(array_map(basename(...), glob($this->data->backups().'/photos/*')))->toBe([photograph(2).'.jpg', photograph(3).'.jpg']);
});

it('says of a photograph that is gone or damaged beside its backup', function (): void {
    $backup = BackupFile::read(app(Backup::class)->make($this->data, BackupKind::ByHand));
    unlink($this->data->backups().'/photos/'.photograph(1).'.jpg');
    file_put_contents($this->data->backups().'/photos/'.photograph(2).'.jpg', 'x', FILE_APPEND);
    expect($backup->missing())->toBe(['photos/'.photograph(1).'.jpg', 'photos/'.photograph(2).'.jpg']);
});

it('hands a backup out as one file with its photographs', function (): void {
    $id = $this->send('POST', '/backups')->assertCreated()->json('id');
    $file = $this->get("/api/v1/backups/{$id}")->assertOk()->baseResponse->getFile()->getPathname();
    $whole = BackupFile::read($file);
    $zip = new ZipArchive();
    $zip->open($file);
    expect($whole->beside)->toBe([])
        ->and($zip->getFromName('photos/'.photograph(2).'.jpg'))
        ->toBe(file_get_contents($this->data->photos().'/'.photograph(2).'.jpg'));
    // It is among none of the backups, and goes by itself.
    $this->ask('/backups')->assertJsonCount(1, 'backups');
    touch($file, time() - 2 * 3600);
    app(Tidy::class)->all($this->data);
    expect(is_file($file))->toBeFalse();
});

it('makes the daily one though others are dated into the future, and keeps it', function (): void {
    mkdir($this->data->backups());
    // A week of a clock that was ten years ahead.
    for ($day = 1; $day <= 7; $day++) {
        $path = $this->data->backups()."/daily-2036-01-0{$day}-000000.zip";
        file_put_contents($path, 'x');
        touch($path, time() + 3650 * DAY_S + $day * DAY_S);
    }
    $backups = new Backups($this->data);
    expect($backups->lastGood())->toBeNull()->and($backups->dailyIsDue())->toBeTrue();
    app(Tidy::class)->all($this->data);
    expect($backups->lastGood())->toBeGreaterThan(time() - 60)->and($backups->dailyIsDue())->toBeFalse()
        ->and(glob($this->data->backups().'/daily-*.zip'))->toHaveCount(7);
});

it('says how old the last good one is, why there is none since, and says it aloud after three days', function (): void {
    $this->ask('/backups')->assertJson(['last_good_at' => null, 'overdue' => false, 'trouble' => '']);
    $path = app(Backup::class)->make($this->data, BackupKind::Daily);
    $this->ask('/backups')->assertJson(['overdue' => false, 'trouble' => '']);
    // From then on the database cannot be read.
    $then = time() - 2 * DAY_S;
    touch($path, $then);
    $good = (string) file_get_contents($this->data->database());
    file_put_contents($this->data->database(), 'nonsense');
    expect(fn() => app(Tidy::class)->all($this->data))->toThrow(KeepingTrouble::class);
    $state = $this->ask('/backups')->assertJsonPath('overdue', false)->json();
    expect($state['trouble'])->toContain('could not be copied')->and(strtotime($state['last_good_at']))->toBe($then);
    touch($path, time() - 4 * DAY_S);
    $this->ask('/backups')->assertJsonPath('overdue', true);
    Preference::change(['daily_backup' => 'off']);
    $this->ask('/backups')->assertJsonPath('overdue', false);
    Preference::change(['daily_backup' => 'on']);
    file_put_contents($this->data->database(), $good);
    app(Tidy::class)->all($this->data);
    $this->ask('/backups')->assertJson(['overdue' => false, 'trouble' => '']);
});

it('says it aloud too when nobody has looked after it', function (): void {
    $path = app(Backup::class)->make($this->data, BackupKind::Daily);
    touch($path, time() - 4 * DAY_S);
    touch($this->data->backups().'/.tried', time() - 4 * DAY_S);
    $this->ask('/backups')->assertJsonPath('overdue', true);
    // A server that was just started is still at it.
    touch($this->data->backups().'/.tried');
    $this->ask('/backups')->assertJsonPath('overdue', false);
});

it('frees what it can where the database takes nothing any more', function (): void {
    touch($this->data->photos().'/.one.jpg.aa.part', time() - 2 * 3600);
    $log = storage_path('logs/growing-on-a-full-disk.log');
    file_put_contents($log, str_repeat("a line\n", 900_000));
    DB::statement('PRAGMA query_only = ON');
    try {
        app(Tidy::class)->all($this->data);
        $said = '';
    } catch (KeepingTrouble $e) {
        $said = $e->getMessage();
    } finally {
        DB::statement('PRAGMA query_only = OFF');
        $left = filesize($log);
        unlink($log);
    }
    expect($said)->toContain('cannot be written to')->and($left)->toBe(1_000_000)
        ->and(is_file($this->data->photos().'/.one.jpg.aa.part'))->toBeFalse();
});

it('leaves nothing for others to read', function (): void {
    $path = app(Backup::class)->make($this->data, BackupKind::Daily);
    chmod($this->data->path, 0755);
    chmod($this->data->database(), 0644);
    $this->data->shut();
    $mode = static fn(string $path): int => fileperms($path) & 0o777;
    expect(array_map($mode, [$this->data->path, $this->data->photos(), $this->data->backups(), $this->data->backups().'/photos']))
        ->toBe(array_fill(0, 4, 0o700))
        ->and(array_map($mode, [$path, $this->data->database()]))->toBe([0o600, 0o600]);
});
