<?php

declare(strict_types=1);

namespace App\Stores\Masks;

use Dompdf\Dompdf;
use Dompdf\Options;
use Hawkbrush\Core\Mask\Label;
use Hawkbrush\Core\Mask\Plate;
use Hawkbrush\Core\Mask\Sheet;
use Hawkbrush\Core\Mask\SheetSvg;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** Masks of the box on sheets at true size. */
final class PrintMasks
{
    private const MOST_ON_SHEET = 60;

    /** From the top of a line to where its letters stand, of their size. */
    private const RISES = 0.95;

    private const POINTS_PER_MM = 72 / 25.4;

    /**
     * For a cutter: one sheet, one unit a millimetre.
     *
     * @param Node $query {ids, pair, paper}
     *
     * @throws Refused
     */
    public function svg(Node $query): string
    {
        [$plates, $paper] = $this->asked($query);

        return SheetSvg::page(Sheet::roll($plates, $paper), 0);
    }

    /**
     * To print: pages of one paper, with a line of 50 mm to check the print by.
     *
     * @param Node $query {ids, pair, paper}
     *
     * @throws Refused also when a mask is larger than the paper
     */
    public function pdf(Node $query): string
    {
        [$plates, $paper] = $this->asked($query);
        $sheet = Sheet::lay($plates, $paper);
        $pages = '';
        foreach (array_keys($sheet->pages) as $page) {
            // The library knows no viewBox: a drawing without a size of its own is drawn to that of its frame.
            $drawn = base64_encode(SheetSvg::page($sheet, $page, false, false));
            // Words are set by the library, which knows our own face; in a drawing it would take another.
            $words = implode('', array_map(self::words(...), SheetSvg::labels($sheet, $page)));
            $pages .= "<div class=\"page\"><img src=\"data:image/svg+xml;base64,{$drawn}\">{$words}</div>";
        }
        $pdf = new Dompdf(new Options([
            'isRemoteEnabled' => false,
            'isPhpEnabled' => false,
            'isJavascriptEnabled' => false,
            'tempDir' => sys_get_temp_dir(),
            'fontDir' => storage_path('framework/cache'),
            'fontCache' => storage_path('framework/cache'),
            'chroot' => [resource_path('print')],
        ]));
        // Made with the pages; without it, as in a fresh checkout, the library's own face stands in.
        $pdf->getFontMetrics()->registerFont(
            ['family' => 'own', 'style' => 'normal', 'weight' => 'normal'],
            resource_path('print/text.ttf'),
        );
        $pdf->setPaper([0, 0, $sheet->widthMm * self::POINTS_PER_MM, $sheet->heightMm * self::POINTS_PER_MM]);
        $pdf->loadHtml(
            "<style>@page{margin:0}body{margin:0;font-family:own,sans-serif;color:#444}img{position:absolute;left:0;top:0}.page,img{width:{$sheet->widthMm}mm;height:{$sheet->heightMm}mm}.page{position:relative;overflow:hidden;page-break-inside:avoid}p{position:absolute;margin:0;line-height:1;white-space:nowrap}</style>{$pages}",
        );
        $pdf->render();

        return (string) $pdf->output();
    }

    private static function words(Label $label): string
    {
        return \sprintf(
            '<p style="left:%.2fmm;top:%.2fmm;font-size:%.2fmm">%s</p>',
            $label->x,
            $label->y - self::RISES * $label->size,
            $label->size,
            htmlspecialchars($label->text),
        );
    }

    /** @return array{non-empty-list<Plate>, string} */
    private function asked(Node $query): array
    {
        $query->only(['ids', 'pair', 'paper']);
        $ids = array_values(array_unique(explode(',', $query->field('ids')->text(4000))));
        if (\count($ids) > self::MOST_ON_SHEET) {
            throw $query->field('ids')->refuse('No more than '.self::MOST_ON_SHEET.' masks go on a sheet at once.');
        }
        $pair = $query->has('pair') && $query->field('pair')->integer(0, 1) === 1;
        $masks = Mask::query()->findMany($ids)->keyBy('id');
        $plates = [];
        foreach ($ids as $id) {
            $plate = ($masks[$id] ?? throw $query->field('ids')->refuse('There is no such mask in the box.'))->plate();
            array_push($plates, $plate, ...$pair ? [$plate->mirrored()] : []);
        }

        return [$plates, $query->optional('paper')?->choice(array_keys(Sheet::PAPERS)) ?? 'A4'];
    }
}
