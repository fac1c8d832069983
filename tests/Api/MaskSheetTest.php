<?php

declare(strict_types=1);

namespace Tests\Api;

/**
 * How far ink reaches inside a box of a rendered page.
 *
 * @param array{float, float, float, float} $box in mm: left, top, right, bottom
 *
 * @return array{float, float, float, float} the same of what is darker than half, in mm
 */
function inkMm(string $png, float $dpi, array $box): array
{
    $image = imagecreatefrompng($png);
    [$left, $top, $right, $bottom] = array_map(static fn(float $mm): int => (int) round($mm / 25.4 * $dpi), $box);
    $xs = $ys = [];
    for ($y = $top; $y < $bottom; $y++) {
        for ($x = $left; $x < $right; $x++) {
            if ((imagecolorat($image, $x, $y) & 255) < 128) {
                $xs[] = $x;
                $ys[] = $y;
            }
        }
    }

    return array_map(static fn(int $px): float => $px / $dpi * 25.4, [min($xs), min($ys), max($xs) + 1, max($ys) + 1]);
}

it('prints a mask of 37 mm as 37 mm, and the check line as 50 mm, to 0.1 mm (rendered by Poppler)', function (): void {
    $mask = $this->send(
        'POST',
        '/masks',
        [
            'body_id' => $this->body('Long', 160)->id,
            'name' => 'i',
            'technique' => ['name' => 'punch', 'long_mm' => 37, 'u' => 0.5, 'deg' => 90],
        ],
    )->json();
    $folder = sys_get_temp_dir().'/hb-mask-'.getmypid();
    @mkdir($folder);
    file_put_contents("{$folder}/mask.pdf", $this->get('/api/v1/masks/sheet.pdf?ids='.$mask['id'])->assertOk()->getContent());
    $dpi = 600;
    $process = proc_open(['pdftoppm', '-r', (string) $dpi, '-png', '-gray', "{$folder}/mask.pdf", "{$folder}/page"], [], $pipes);
    expect($process)->not->toBeFalse()->and(proc_close($process))->toBe(0);
    $png = "{$folder}/page-1.png";
    // The hole stands 7 mm inside its frame, which begins at the margin of 12 mm; notches reach 4 mm in.
    $hole = inkMm($png, $dpi, [12 + 4.6, 12 + 6.7, 12 + 51 - 4.6, 12 + 51 - 6.7]);
    $line = inkMm($png, $dpi, [11, 297 - 12 - 0.6, 70, 297 - 12 + 0.6]);
    // Lines are 0.1 mm wide for the knife and 0.15 mm to read; half of that lies on either side.
    expect($hole[3] - $hole[1] - 0.1)->toEqualWithDelta(37.0, 0.1)
        ->and($line[2] - $line[0] - 0.15)->toEqualWithDelta(50.0, 0.1);
    array_map(unlink(...), (array) glob("{$folder}/*"));
});
