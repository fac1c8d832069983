<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Pattern;
use App\Models\Photo;
use App\Models\Picture;
use App\Models\Run;
use Hawkbrush\Core\Refused;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\File;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/**
 * Keeps a photograph. It is drawn anew as JPEG before it is stored: whatever else was in the file (place, programs,
 * scripts) is left behind.
 */
final class KeepPhoto
{
    private const LONGEST_SIDE = 1600;

    private const MOST_PIXELS = 60_000_000;

    /** @throws Refused when it is no picture that can be read */
    public function of(Run $run, mixed $file): Photo
    {
        $photo = new Photo(['run_id' => $run->id]);
        $this->store($photo, $file);

        return $photo;
    }

    /** @throws Refused when it is no picture that can be read */
    public function picture(?Pattern $pattern, mixed $file): Picture
    {
        $picture = new Picture(['pattern_id' => $pattern?->id]);
        $this->store($picture, $file);

        return $picture;
    }

    private function store(Photo|Picture $kept, mixed $file): void
    {
        if (! $file instanceof UploadedFile) {
            throw Refused::at('/photo', 'Send a photograph as the form field “photo”.');
        }
        $max = config('hawkbrush.photo_max_bytes');
        if (! $file->isValid() || $file->getSize() > $max) {
            throw Refused::at('/photo', 'A photograph may have up to 12 MB; make it smaller first.');
        }
        $size = @getimagesize($file->getPathname());
        if ($size === false || ! \in_array($size[2], [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP], true)) {
            throw Refused::at('/photo', 'A photograph is a JPEG, PNG or WebP file; this is none.');
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw Refused::at('/photo', 'This photograph has more than 60 megapixels; make it smaller first.');
        }
        $image = @imagecreatefromstring((string) file_get_contents($file->getPathname()));
        if ($image === false) {
            throw Refused::at('/photo', 'This photograph is damaged and cannot be read.');
        }
        $by = min(1.0, self::LONGEST_SIDE / max($size[0], $size[1]));
        $small = imagescale($image, max(1, (int) round($size[0] * $by)), max(1, (int) round($size[1] * $by)));
        if ($small === false) {
            throw Refused::at('/photo', 'This photograph cannot be made smaller.');
        }
        // Only now: turning it at its full size would take as much memory again.
        $small = self::upright($small, $file->getPathname(), $size[2]);
        $kept->fill(['width' => imagesx($small), 'height' => imagesy($small)]);
        $kept->id = $kept->newUniqueId();
        File::ensureDirectoryExists(\dirname(self::path($kept->id)));
        imagejpeg($small, self::path($kept->id), 88);
        $kept->save();
    }

    /** A camera keeps the picture as it was held and writes beside it how; drawn anew, it has to stand upright by itself. */
    private static function upright(\GdImage $image, string $path, int $type): \GdImage
    {
        $held = $type === IMAGETYPE_JPEG ? (@exif_read_data($path) ?: [])['Orientation'] ?? 1 : 1;
        if (\in_array($held, [2, 4, 5, 7], true)) {
            imageflip($image, IMG_FLIP_HORIZONTAL);
        }
        $turn = match ($held) {
            3, 4 => 180,
            5, 8 => 90,
            6, 7 => 270,
            default => 0,
        };

        return $turn === 0 ? $image : (imagerotate($image, $turn, 0) ?: $image);
    }

    public static function answer(string $id): BinaryFileResponse
    {
        return (new BinaryFileResponse(self::path($id), 200, ['Content-Type' => 'image/jpeg']))->setPrivate()->setMaxAge(31_536_000);
    }

    public static function path(string $photoId): string
    {
        $data = config('hawkbrush.data');

        return (\is_string($data) ? $data : base_path('data/own')).'/photos/'.$photoId.'.jpg';
    }
}
