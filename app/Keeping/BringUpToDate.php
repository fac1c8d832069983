<?php

declare(strict_types=1);

namespace App\Keeping;

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Database\Migrations\Migrator;
use Illuminate\Support\Facades\DB;

/**
 * Prepares the data folder: checks it, creates the database if there is none, and brings it up to
 * date, all of that or nothing. What it brings up to date it backs up first.
 */
final readonly class BringUpToDate
{
    public function __construct(private Migrator $migrator, private Kernel $artisan, private Backup $backup) {}

    /** @throws KeepingTrouble with what is wrong and what to do; nothing was changed then */
    public function folder(DataFolder $data): void
    {
        $this->writable($data);
        $data->shut();
        $path = $data->database();
        if (! is_file($path) || filesize($path) === 0) {
            $photographs = \count($data->photographs());
            if ($photographs > 0) {
                throw new KeepingTrouble(
                    "{$data->path} holds {$photographs} photographs, but no database. An empty one is not made beside them: bring back a backup with bin/restore, or move the photographs elsewhere to begin anew.",
                );
            }
            is_file($path) || touch($path);
            $done = [];
        } else {
            $done = $this->known($path);
        }
        $all = $this->migrations();
        if (array_diff($all, $done) === []) {
            return;
        }
        if ($done !== []) {
            $this->backup->make($data, BackupKind::BeforeUpdate);
        }
        $this->migrate();
    }

    /** How many steps the database in use lacks to be up to date. */
    public function missing(): int
    {
        $done = array_filter(DB::table('migrations')->pluck('migration')->all(), is_string(...));

        return \count(array_diff($this->migrations(), $done));
    }

    /** @return list<string> */
    private function migrations(): array
    {
        return array_map(strval(...), array_keys($this->migrator->getMigrationFiles(database_path('migrations'))));
    }

    /** @return list<string> what it has been through */
    private function known(string $path): array
    {
        try {
            $done = DatabaseFile::check($path);
        } catch (KeepingTrouble $e) {
            throw new KeepingTrouble($e->getMessage().' Keep the folder as it is, and bring back the latest backup with bin/restore.');
        }
        $newer = array_diff($done, $this->migrations());
        if ($newer !== []) {
            throw new KeepingTrouble(
                "{$path} was made by a newer Hawkbrush (it knows “"
                    .implode('”, “', $newer)
                    .'”). Start that one, or bring back a backup of this one with bin/restore.',
            );
        }

        return $done;
    }

    private function writable(DataFolder $data): void
    {
        if (! is_dir($data->path) && ! @mkdir($data->path, 0700, true)) {
            throw new KeepingTrouble("{$data->path} cannot be made: may this user write in the folder above it?");
        }
        $try = $data->path.'/.try-'.getmypid();
        if (@file_put_contents($try, '1') !== 1) {
            throw new KeepingTrouble("{$data->path} cannot be written to: its disk is full, or this user may not write there.");
        }
        unlink($try);
        foreach ([$data->database(), $data->photos()] as $place) {
            if (file_exists($place) && ! is_writable($place)) {
                throw new KeepingTrouble("{$place} may only be read. Give this user the right to write there.");
            }
        }
    }

    /** In one transaction: ended in the middle, the database is as it was before. */
    private function migrate(): void
    {
        try {
            // Tables that are built anew would take what refers to them along; it is checked as a whole at the end.
            DB::statement('PRAGMA foreign_keys = OFF');
            DB::transaction(function (): void {
                $this->artisan->call('migrate', ['--force' => true]);
                $loose = DB::select('PRAGMA foreign_key_check');
                if ($loose !== []) {
                    throw new KeepingTrouble('entries would have lost what they refer to');
                }
            });
        } catch (\Throwable $e) {
            $reason = StorageTrouble::of($e)?->title() ?? $e->getMessage();
            throw new KeepingTrouble("The database could not be brought up to date; it is as it was before. The reason: {$reason}.", 0, $e);
        } finally {
            DB::statement('PRAGMA foreign_keys = ON');
        }
    }
}
