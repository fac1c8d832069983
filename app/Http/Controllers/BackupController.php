<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Exceptions\NotNow;
use App\Keeping\Backup;
use App\Keeping\BackupFile;
use App\Keeping\BackupKind;
use App\Keeping\Backups;
use App\Keeping\DataFolder;
use App\Keeping\KeepingTrouble;
use App\Models\Preference;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Backups of all the data, made and fetched. Bringing one back is done with the server stopped: bin/restore. */
final class BackupController
{
    /** The latest first, with what all of them take and how things stand. */
    public function index(): JsonResponse
    {
        $backups = new Backups(DataFolder::current());
        $last = $backups->lastGood();
        ['own' => $own, 'shared' => $shared] = $backups->bytes();

        return new JsonResponse([
            'backups' => array_map(self::view(...), $backups->all()),
            'last_good_at' => $last === null ? null : Carbon::createFromTimestamp($last)->toIso8601ZuluString(),
            'overdue' => $backups->overdue(Preference::current()['daily_backup'] === 'on'),
            'trouble' => $backups->trouble()['said'] ?? '',
            'bytes' => $own,
            'shared_bytes' => $shared,
        ]);
    }

    public function store(Backup $backup): JsonResponse
    {
        try {
            return new JsonResponse(self::view($backup->make(DataFolder::current(), BackupKind::ByHand)), 201);
        } catch (KeepingTrouble $e) {
            throw NotNow::notBackedUp($e->getMessage());
        }
    }

    /** As one file with all of it, its photographs too. */
    public function show(string $id): BinaryFileResponse
    {
        $path = DataFolder::current()->backups().'/'.$id;
        if (preg_match('/^[a-z0-9-]+\.zip$/', $id) !== 1 || ! is_file($path)) {
            throw new NotFoundHttpException();
        }
        try {
            $backup = BackupFile::read($path);
            if ($backup->beside !== []) {
                $whole = \dirname($path).'/.whole-'.$id;
                is_file($whole) || Backup::whole($backup, $whole);
                touch($whole);
                $path = $whole;
            }
        } catch (KeepingTrouble $e) {
            throw NotNow::notBackedUp($e->getMessage());
        }

        return new BinaryFileResponse($path, 200, [
            'Content-Type' => 'application/zip',
            'Content-Disposition' => 'attachment; filename="hawkbrush-'.$id.'"',
        ]);
    }

    /** @return array{id: string, made_at: string, bytes: int} */
    private static function view(string $path): array
    {
        return [
            'id' => basename($path),
            'made_at' => Carbon::createFromTimestamp((int) filemtime($path))->toIso8601ZuluString(),
            'bytes' => (int) filesize($path),
        ];
    }
}
