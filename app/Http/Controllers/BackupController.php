<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Exceptions\NotNow;
use App\Keeping\Backup;
use App\Keeping\BackupKind;
use App\Keeping\DataFolder;
use App\Keeping\KeepingTrouble;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Backups of all the data, made and fetched. Bringing one back is done with the server stopped: bin/restore. */
final class BackupController
{
    /** @return JsonResponse the latest first */
    public function index(): JsonResponse
    {
        $files = glob(DataFolder::current()->backups().'/*.zip') ?: [];
        usort($files, static fn(string $a, string $b): int => filemtime($b) <=> filemtime($a));

        return new JsonResponse(['backups' => array_map(self::view(...), $files)]);
    }

    public function store(Backup $backup): JsonResponse
    {
        try {
            return new JsonResponse(self::view($backup->make(DataFolder::current(), BackupKind::ByHand)), 201);
        } catch (KeepingTrouble $e) {
            throw NotNow::notBackedUp($e->getMessage());
        }
    }

    public function show(string $id): BinaryFileResponse
    {
        $path = DataFolder::current()->backups().'/'.$id;
        if (preg_match('/^[a-z0-9-]+\.zip$/', $id) !== 1 || ! is_file($path)) {
            throw new NotFoundHttpException();
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
