<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Mask;

use Hawkbrush\Core\Flat\PathText;

/** A page of masks as SVG at true size: one unit is one millimetre. What is cut and what is only read are groups of their own. */
final class SheetSvg
{
    /**
     * @param bool $sized whether the size of the page stands in the file; without it, whoever places the drawing gives it
     * @param bool $written whether its words stand in it; without them, whoever places the drawing writes its {@see labels}
     */
    public static function page(Sheet $sheet, int $page, bool $sized = true, bool $written = true): string
    {
        $cut = $read = '';
        foreach ($sheet->pages[$page] ?? [] as [$plate, $x, $y]) {
            $cut .= \sprintf('<path d="%s"/>', PathText::write($plate->openings->moved($x, $y), 3))
                .\sprintf('<rect x="%.3f" y="%.3f" width="%.3f" height="%.3f"/>', $x, $y, $plate->widthMm, $plate->heightMm);
            $read .= self::index($plate, $x, $y);
        }
        [$x, $y] = $sheet->checkAt();
        $end = $x + Sheet::CHECK_MM;
        $read .= \sprintf('<path d="M%.3f %.3fH%.3fM%.3f %.3fv-3M%.3f %.3fv-3"/>', $x, $y, $end, $x, $y, $end, $y);
        if ($written) {
            $read .= implode('', array_map(self::words(...), self::labels($sheet, $page)));
        }

        return '<svg xmlns="http://www.w3.org/2000/svg"'
            .($sized ? \sprintf(' width="%.3fmm" height="%.3fmm"', $sheet->widthMm, $sheet->heightMm) : '')
            .\sprintf(' viewBox="0 0 %.3f %.3f">', $sheet->widthMm, $sheet->heightMm)
            .'<g id="cut" fill="none" stroke="#000000" stroke-width="0.1">'.$cut.'</g>'
            .'<g id="read" fill="none" stroke="#555555" stroke-width="0.15">'.$read.'</g></svg>';
    }

    /** @return list<Label> all words of a page */
    public static function labels(Sheet $sheet, int $page): array
    {
        [$x, $y] = $sheet->checkAt();
        $all = [new Label($x, $y + 4, 'This line is 50 mm long. If it is not, print again at 100 %, without fitting to the page.')];
        foreach ($sheet->pages[$page] ?? [] as [$plate, $left, $top]) {
            array_push($all, ...array_map(static fn(Label $one): Label => $one->moved($left, $top), Labels::of($plate)));
        }

        return $all;
    }

    private static function index(Plate $plate, float $x, float $y): string
    {
        $long = Labels::NOTCH_MM;
        $lines = $plate->midline === null ? '' : self::notch($x, $y + $plate->midline, 'h', $long)
            .self::notch($x + $plate->widthMm, $y + $plate->midline, 'h', -$long);
        foreach ($plate->uprights as [, $at]) {
            $lines .= self::notch($x + $at, $y, 'v', $long).self::notch($x + $at, $y + $plate->heightMm, 'v', -$long);
        }

        return $lines;
    }

    private static function notch(float $x, float $y, string $way, float $long): string
    {
        return \sprintf('<path d="M%.3f %.3f%s%.1f"/>', $x, $y, $way, $long);
    }

    private static function words(Label $label): string
    {
        return \sprintf(
            '<text x="%.3f" y="%.3f" font-family="Instrument Sans Variable, Instrument Sans, sans-serif" font-size="%.1f" fill="#444444" stroke="none">%s</text>',
            $label->x,
            $label->y,
            $label->size,
            htmlspecialchars($label->text, ENT_XML1 | ENT_QUOTES),
        );
    }
}
