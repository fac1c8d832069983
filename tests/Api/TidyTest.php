<?php

declare(strict_types=1);

use App\Keeping\Backup;
use App\Keeping\BackupKind;
use App\Keeping\DataFolder;
use App\Keeping\PictureCache;
use App\Keeping\Tidy;
use App\Models\Answer;
use App\Models\Preference;
use Illuminate\Support\Facades\File;
use Tests\LiveServer;

beforeEach(function (): void {
    $this->data = new DataFolder(LiveServer::folder());
    copy(LiveServer::migrated(), $this->data->database());
});
afterEach(fn() => File::deleteDirectory($this->data->path));

it('drops answers after a week, and keeps younger ones', function (): void {
    foreach ([1, 6, 8, 30] as $days) {
        Answer::query()->create(['key' => "of-{$days}-days", 'request' => 'x', 'status' => 201, 'body' => '{}']);
        Answer::query()->whereKey("of-{$days}-days")->update(['created_at' => now()->subDays($days)]);
    }
    app(Tidy::class)->all($this->data);
    expect(Answer::query()->orderBy('created_at')->pluck('key')->all())->toBe(['of-6-days', 'of-1-days']);
});

it('makes one backup a day, keeps the last seven, and none where none is wanted', function (): void {
    app(Tidy::class)->all($this->data);
    app(Tidy::class)->all($this->data);
    expect(glob($this->data->backups().'/daily-*.zip'))->toHaveCount(1);
    for ($day = 1; $day <= 9; $day++) {
        $this->travel(1)->days();
        app(Backup::class)->make($this->data, BackupKind::Daily);
    }
    expect(glob($this->data->backups().'/daily-*.zip'))->toHaveCount(7);
    File::deleteDirectory($this->data->backups());
    Preference::change(['daily_backup' => 'off']);
    app(Tidy::class)->all($this->data);
    expect(glob($this->data->backups().'/*.zip'))->toBe([]);
});

it('clears half-written files away once nobody can be writing them', function (): void {
    mkdir($this->data->photos());
    touch($this->data->photos().'/.one.jpg.aa.part', time() - 7200);
    touch($this->data->photos().'/.two.jpg.bb.part');
    app(Tidy::class)->all($this->data);
    expect(scandir($this->data->photos()))->toBe(['.', '..', '.two.jpg.bb.part']);
});

it('keeps pictures to what there is room for, the youngest of them', function (): void {
    $folder = $this->data->path.'/cache';
    mkdir($folder);
    config(['cache.stores.file.path' => $folder]);
    // A file of the framework's cache is due to be dropped at its time.
    foreach (['old' => 30, 'young' => 60, 'youngest' => 90] as $name => $due) {
        file_put_contents("{$folder}/{$name}", str_repeat('x', 20_000_000));
        touch("{$folder}/{$name}", time() + $due);
    }
    expect(PictureCache::prune())->toBe(40_000_000)->and(scandir($folder))->toBe(['.', '..', 'young', 'youngest']);
});

it('cuts a log that has grown, keeping its end', function (): void {
    $log = storage_path('logs/growing-test.log');
    file_put_contents($log, str_repeat("a line\n", 900_000).'the last line');
    app(Tidy::class)->all($this->data);
    $left = (string) file_get_contents($log);
    unlink($log);
    expect(strlen($left))->toBeLessThan(1_100_000)->and($left)->toEndWith('the last line');
});
