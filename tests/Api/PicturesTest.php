<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Actions\Pictures\KeepPhoto;
use App\Models\ReferencePhoto;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\DeltaE2000;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\File;
use Tests\ApiCase;

afterEach(fn() => File::deleteDirectory((string) config('hawkbrush.data')));

const CORNERS = ['#c03028', '#2850b0', '#28903c', '#d8b830'];

/**
 * Four colours, one in each corner: red, blue, green below, yellow below.
 *
 * @return array{string, GdImage}
 */
function fourCorners(int $width = 240, int $height = 160): array
{
    $image = imagecreatetruecolor($width, $height);
    foreach ([[0, 0], [1, 0], [0, 1], [1, 1]] as $i => [$x, $y]) {
        [$r, $g, $b] = array_map(hexdec(...), str_split(substr(CORNERS[$i], 1), 2));
        imagefilledrectangle(
            $image,
            intdiv($x * $width, 2),
            intdiv($y * $height, 2),
            intdiv(($x + 1) * $width, 2) - 1,
            intdiv(($y + 1) * $height, 2) - 1,
            (int) imagecolorallocate($image, $r, $g, $b),
        );
    }

    return [(string) tempnam(sys_get_temp_dir(), 'four'), $image];
}

function fileOf(string $path, string $name): UploadedFile
{
    return new UploadedFile($path, $name, null, null, true);
}

/** A JPEG as a camera writes it that was held in this way (Exif 2.3, tag 0x0112). */
function heldPhoto(int $orientation): UploadedFile
{
    [$path, $image] = fourCorners();
    // As the sensor has it: the upright picture turned back by how the camera was held.
    if (\in_array($orientation, [5, 6, 7, 8], true)) {
        $image = imagerotate($image, \in_array($orientation, [6, 7], true) ? 90 : 270, 0);
    } elseif (\in_array($orientation, [3, 4], true)) {
        $image = imagerotate($image, 180, 0);
    }
    if (\in_array($orientation, [2, 4, 5, 7], true)) {
        imageflip($image, IMG_FLIP_HORIZONTAL);
    }
    imagejpeg($image, $path, 95);
    $tiff = "MM\0*".pack('N', 8).pack('n', 1).pack('nnN', 0x0112, 3, 1).pack('nn', $orientation, 0).pack('N', 0);
    $exif = "Exif\0\0".$tiff;
    file_put_contents($path, "\xFF\xD8\xFF\xE1".pack('n', \strlen($exif) + 2).$exif.substr((string) file_get_contents($path), 2));

    return fileOf($path, 'held.jpg');
}

/** @return list<string> colours near the four corners of a kept picture */
function cornersOf(ApiCase $case, array $picture): array
{
    $spots = [['x' => 0.2, 'y' => 0.2], ['x' => 0.8, 'y' => 0.2], ['x' => 0.2, 'y' => 0.8], ['x' => 0.8, 'y' => 0.8]];

    return array_column($case->send('POST', "/pictures/{$picture['id']}/spots", ['spots' => $spots])->assertOk()->json('colours'), 'hex');
}

it('stands a photograph upright however the camera was held', function (int $orientation): void {
    $picture = $this->upload('/pictures', ['photo' => heldPhoto($orientation)])->assertCreated()->json();
    expect([$picture['width'], $picture['height']])->toBe([240, 160]);
    foreach (cornersOf($this, $picture) as $i => $hex) {
        expect(DeltaE2000::between(Colour::fromHex($hex)->lab, Colour::fromHex(CORNERS[$i])->lab))->toBeLessThan(2.0, "corner {$i}");
    }
})->with(range(1, 8));

it('takes an orientation that is none, or no Exif at all, as upright', function (): void {
    foreach ([0, 9, 4711] as $orientation) {
        $picture = $this->upload('/pictures', ['photo' => heldPhoto($orientation)])->assertCreated()->json();
        expect([$picture['width'], $picture['height']])->toBe([240, 160]);
    }
});

it('keeps JPEG, PNG and WebP, drawn anew as JPEG without what else was in the file', function (string $kind): void {
    [$path, $image] = fourCorners();
    ['jpg' => imagejpeg(...), 'png' => imagepng(...), 'webp' => imagewebp(...)][$kind]($image, $path);
    file_put_contents($path, '<?php echo "no"; ?><script>alert(1)</script>', FILE_APPEND);
    $picture = $this->upload('/pictures', ['photo' => fileOf($path, "photo.{$kind}")])->assertCreated()->json();
    $kept = (string) file_get_contents(KeepPhoto::path($picture['id']));
    expect($kept)->toStartWith("\xFF\xD8")->not->toContain('script')->not->toContain('<?php')
        ->and($this->get("/api/v1/pictures/{$picture['id']}")->assertOk()->headers->get('Content-Type'))->toBe('image/jpeg');
    foreach (cornersOf($this, $picture) as $i => $hex) {
        expect(DeltaE2000::between(Colour::fromHex($hex)->lab, Colour::fromHex(CORNERS[$i])->lab))->toBeLessThan(3.0);
    }
})->with(['jpg', 'png', 'webp']);

it('draws a large photograph smaller, in its own proportions', function (int $width, int $height, array $kept): void {
    [$path, $image] = fourCorners($width, $height);
    imagejpeg($image, $path, 60);
    $picture = $this->upload('/pictures', ['photo' => fileOf($path, 'large.jpg')])->assertCreated()->json();
    expect([$picture['width'], $picture['height']])->toBe($kept);
})->with([[3200, 2000, [1600, 1000]], [1000, 3000, [533, 1600]], [1600, 20, [1600, 20]], [40, 30, [40, 30]]]);

it('refuses what is no photograph, with the reason, and keeps nothing', function (callable $file, string $reason): void {
    $this->upload(
        '/pictures',
        ['photo' => $file()],
    )->assertStatus(422)->assertJsonPath('errors.0.pointer', '/photo')->assertJsonPath('errors.0.detail', $reason);
    expect(ReferencePhoto::query()->count())->toBe(0);
})->with([
    'a text' => [fn() => UploadedFile::fake()->createWithContent('x.jpg', 'not a picture'), 'A photograph is a JPEG, PNG or WebP file; this is none.'],
    'a drawing with a script' => [fn() => UploadedFile::fake()->createWithContent(
        'x.svg',
        '<svg xmlns="http://www.w3.org/2000/svg"><script>1</script></svg>',
    ), 'A photograph is a JPEG, PNG or WebP file; this is none.'],
    'a GIF' => [function (): UploadedFile {
        [$path, $image] = fourCorners();
        imagegif($image, $path);

        return fileOf($path, 'x.jpg');
    }, 'A photograph is a JPEG, PNG or WebP file; this is none.'],
    'half a PNG' => [function (): UploadedFile {
        [$path, $image] = fourCorners();
        imagepng($image, $path);
        file_put_contents($path, substr((string) file_get_contents($path), 0, 60));

        return fileOf($path, 'half.png');
    }, 'This photograph is damaged and cannot be read.'],
    'a picture that says it is vast' => [function (): UploadedFile {
        [$path] = fourCorners();
        $head = pack('NNC5', 60_000, 60_000, 8, 2, 0, 0, 0);
        file_put_contents(
            $path,
            "\x89PNG\r\n\x1a\n".pack('N', 13).'IHDR'.$head.pack('N', crc32('IHDR'.$head)).pack('N', 0).'IEND'.pack('N', crc32('IEND')),
        );

        return fileOf($path, 'vast.png');
    }, 'This photograph has more than 60 megapixels; make it smaller first.'],
    'one of more than 12 MB' => [fn() => UploadedFile::fake()->create('x.jpg', 12_500), 'A photograph may have up to 12 MB; make it smaller first.'],
]);

it('says which spot lies outside, and takes no more than fifty', function (array $spots, string $pointer): void {
    [$path, $image] = fourCorners();
    imagepng($image, $path);
    $picture = $this->upload('/pictures', ['photo' => fileOf($path, 'four.png')])->json();
    $this->send(
        'POST',
        "/pictures/{$picture['id']}/spots",
        ['spots' => $spots],
    )->assertStatus(422)->assertJsonPath('errors.0.pointer', $pointer);
})->with([
    'none' => [[], '/spots'],
    'above' => [[['x' => 0.5, 'y' => 0.5], ['x' => 0.5, 'y' => -0.1]], '/spots/1/y'],
    'no number' => [[['x' => 'left', 'y' => 0.5]], '/spots/0/x'],
    'half a spot' => [[['x' => 0.5]], '/spots/0/y'],
    'a spot with more' => [[['x' => 0.5, 'y' => 0.5, 'z' => 1]], '/spots/0/z'],
    'too many' => [array_fill(0, 51, ['x' => 0.5, 'y' => 0.5]), '/spots'],
]);

it('reads a spot at the very edge from what there is', function (): void {
    [$path, $image] = fourCorners();
    imagepng($image, $path);
    $picture = $this->upload('/pictures', ['photo' => fileOf($path, 'four.png')])->json();
    $corners = [['x' => 0, 'y' => 0], ['x' => 1, 'y' => 0], ['x' => 0, 'y' => 1], ['x' => 1, 'y' => 1]];
    foreach ($this->send('POST', "/pictures/{$picture['id']}/spots", ['spots' => $corners])->assertOk()->json('colours') as $i => $colour) {
        expect(DeltaE2000::between(Colour::fromHex($colour['hex'])->lab, Colour::fromHex(CORNERS[$i])->lab))->toBeLessThan(3.0);
    }
});
