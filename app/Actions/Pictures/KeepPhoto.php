<?php

declare(strict_types=1);

namespace App\Actions\Pictures;

use App\Exceptions\NotNow;
use App\Keeping\NotWritten;
use App\Keeping\StorageTrouble;
use App\Keeping\WholeFile;
use App\Models\BenchPhoto;
use App\Models\Pattern;
use App\Models\ReferencePhoto;
use App\Models\Run;
use App\Photos\RedrawApart;
use Hawkbrush\Core\Refused;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Keeps a photograph, drawn anew. Its file is there whole or not at all, and before the database knows of it. */
final readonly class KeepPhoto
{
    public function __construct(private RedrawApart $redraw) {}

    /**
     * @param mixed $id a ULID that the bench has given it, null for one of ours: sent again, it is kept once
     *
     * @throws Refused when it is no picture that can be read
     * @throws NotWritten when there is no room for it
     */
    public function forRun(Run $run, mixed $file, mixed $id = null): BenchPhoto
    {
        if ($id !== null && (! \is_string($id) || preg_match('/^[0-7][0-9a-hjkmnp-tv-z]{25}$/', $id) !== 1)) {
            throw Refused::at('/id', 'The id of a photograph is a ULID in small letters.');
        }
        $there = $id === null ? null : BenchPhoto::query()->find($id);
        if ($there !== null) {
            return $there->run_id === $run->id ? $there : throw Refused::at('/id', 'This id belongs to a photograph of another run.');
        }
        $photo = new BenchPhoto(['run_id' => $run->id]);
        $photo->id = $id ?? $photo->newUniqueId();
        $this->store($photo, $file);

        return $photo;
    }

    /**
     * @throws Refused when it is no picture that can be read
     * @throws NotWritten when there is no room for it
     */
    public function picture(?Pattern $pattern, mixed $file): ReferencePhoto
    {
        $picture = new ReferencePhoto(['pattern_id' => $pattern?->id]);
        $picture->id = $picture->newUniqueId();
        try {
            $this->store($picture, $file);
        } catch (\Throwable $e) {
            // The same one sent twice at once, for instance: nobody would know of this file.
            @unlink(self::path($picture->id));
            throw $e;
        }

        return $picture;
    }

    private function store(BenchPhoto|ReferencePhoto $kept, mixed $file): void
    {
        if (! $file instanceof UploadedFile) {
            throw Refused::at('/photo', 'Send a photograph as the form field “photo”.');
        }
        if (\in_array($file->getError(), [UPLOAD_ERR_CANT_WRITE, UPLOAD_ERR_NO_TMP_DIR, UPLOAD_ERR_PARTIAL], true)) {
            throw NotWritten::because($file->getError() === UPLOAD_ERR_CANT_WRITE ? StorageTrouble::DiskFull : StorageTrouble::Unreachable);
        }
        $max = config('hawkbrush.photo_max_bytes');
        if (! $file->isValid() || $file->getSize() > $max) {
            throw Refused::at('/photo', 'A photograph may have up to 12 MB; make it smaller first.');
        }
        $from = $file->getPathname();
        WholeFile::write(self::path($kept->id), function (string $to) use ($kept, $from): bool {
            $kept->fill($this->redraw->file($from, $to));

            return $kept->width > 0;
        });
        DB::transaction(static function () use ($kept): void {
            if ($kept->newQuery()->whereKey($kept->id)->doesntExist()) {
                $kept->save();
            }
        });
    }

    /** @throws NotNow when its file is gone */
    public static function answer(string $id): BinaryFileResponse
    {
        if (! is_file(self::path($id))) {
            throw NotNow::photographLost();
        }

        return (new BinaryFileResponse(self::path($id), 200, ['Content-Type' => 'image/jpeg']))->setPrivate()->setMaxAge(31_536_000);
    }

    public static function path(string $photoId): string
    {
        $data = config('hawkbrush.data');

        return (\is_string($data) ? $data : base_path('data/own')).'/photos/'.$photoId.'.jpg';
    }
}
