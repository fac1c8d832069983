<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Mask;

use Hawkbrush\Core\Flat\PathText;

/** A page of masks as SVG at true size: one unit is one millimetre. What is cut and what is only read are groups of their own. */
final class SheetSvg
{
    /** @param bool $sized whether the size of the page stands in the file; without it, whoever places the drawing gives it */
    public static function page(Sheet $sheet, int $page, bool $sized = true): string
    {
        $cut = $read = '';
        foreach ($sheet->pages[$page] ?? [] as [$plate, $x, $y]) {
            $cut .= \sprintf('<path d="%s"/>', PathText::write($plate->openings->moved($x, $y), 3))
                .\sprintf('<rect x="%.3f" y="%.3f" width="%.3f" height="%.3f"/>', $x, $y, $plate->widthMm, $plate->heightMm);
            $read .= self::index($plate, $x, $y);
        }
        [$x, $y] = $sheet->checkAt();
        $end = $x + Sheet::CHECK_MM;
        $read .= \sprintf('<path d="M%.3f %.3fH%.3fM%.3f %.3fv-3M%.3f %.3fv-3"/>', $x, $y, $end, $x, $y, $end, $y)
            .self::words($x, $y + 4, 'This line is 50 mm long. If it is not, print again at 100 %, without fitting to the page.');

        return '<svg xmlns="http://www.w3.org/2000/svg"'
            .($sized ? \sprintf(' width="%.3fmm" height="%.3fmm"', $sheet->widthMm, $sheet->heightMm) : '')
            .\sprintf(' viewBox="0 0 %.3f %.3f">', $sheet->widthMm, $sheet->heightMm)
            .'<g id="cut" fill="none" stroke="#000000" stroke-width="0.1">'.$cut.'</g>'
            .'<g id="read" fill="none" stroke="#555555" stroke-width="0.15">'.$read.'</g></svg>';
    }

    private static function index(Plate $plate, float $x, float $y): string
    {
        $lines = '';
        if ($plate->midline !== null) {
            $lines .= self::notch($x, $y + $plate->midline, 'h', 4.0).self::notch(
                $x + $plate->widthMm,
                $y + $plate->midline,
                'h',
                -4.0,
            ).self::words($x + 4.4, $y + $plate->midline + 0.7, 'midline', 1.9);
        }
        foreach ($plate->uprights as $i => [$mark, $at]) {
            // Marks that stand close to each other are named in three rows; near the right edge a name stands before its mark.
            $long = mb_strlen($mark) * Plate::LETTER_MM;
            $lines .= self::notch($x + $at, $y, 'v', 4.0).self::notch($x + $at, $y + $plate->heightMm, 'v', -4.0)
                .self::words(
                    $x + ($at + $long > $plate->widthMm ? max(0.4, $at - $long - 0.5) : $at + 0.5),
                    $y + 2 + $i % 3 * 2.1,
                    $mark,
                    1.9,
                );
        }
        foreach ($plate->caption() as $i => $line) {
            $lines .= self::words($x, $y + $plate->heightMm + Plate::LINE_MM * ($i + 1), $line, $i === 0 ? 2.4 : 1.9);
        }

        return $lines;
    }

    private static function notch(float $x, float $y, string $way, float $long): string
    {
        return \sprintf('<path d="M%.3f %.3f%s%.1f"/>', $x, $y, $way, $long);
    }

    private static function words(float $x, float $y, string $text, float $size = 2.4): string
    {
        return \sprintf(
            '<text x="%.3f" y="%.3f" font-family="sans-serif" font-size="%.1f" fill="#444444" stroke="none">%s</text>',
            $x,
            $y,
            $size,
            htmlspecialchars($text, ENT_XML1 | ENT_QUOTES),
        );
    }
}
