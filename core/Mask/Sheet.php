<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Mask;

use Hawkbrush\Core\Refused;

/** Plates laid out on pages of one paper without overlap, tallest first in rows, with a line of 50 mm to check the print by. */
final readonly class Sheet
{
    public const PAPERS = ['A4' => [210.0, 297.0], 'A3' => [297.0, 420.0], 'letter' => [215.9, 279.4]];

    public const CHECK_MM = 50.0;

    private const MARGIN_MM = 12.0;

    /** At the foot of each page, for the line and its words. */
    private const FOOT_MM = 16.0;

    private const GAP_MM = 4.0;

    /** @param list<list<array{Plate, float, float}>> $pages plates with the place of their upper left corners */
    private function __construct(public float $widthMm, public float $heightMm, public array $pages) {}

    /**
     * @param non-empty-list<Plate> $plates
     *
     * @throws Refused when one is larger than the paper
     */
    public static function lay(array $plates, string $paper): self
    {
        [$width, $height] = self::PAPERS[$paper];
        $inner = [$width - 2 * self::MARGIN_MM, $height - 2 * self::MARGIN_MM - self::FOOT_MM];
        foreach ($plates as $plate) {
            if ($plate->spanMm() > $inner[0] || $plate->tallMm() > $inner[1]) {
                throw Refused::because(\sprintf(
                    '“%s” is %.0f by %.0f mm and does not fit on %s at its true size. Take larger paper, or the SVG for a cutter.',
                    $plate->name,
                    $plate->widthMm,
                    $plate->heightMm,
                    $paper,
                ));
            }
        }
        [$rows] = self::rows($plates, $inner[0], $inner[1]);

        return new self($width, $height, $rows);
    }

    /**
     * One long sheet of the paper's width, or as wide as the widest plate, for a cutter.
     *
     * @param non-empty-list<Plate> $plates
     */
    public static function roll(array $plates, string $paper): self
    {
        $inner = max(self::PAPERS[$paper][0] - 2 * self::MARGIN_MM, ...array_map(static fn(Plate $p): float => $p->spanMm(), $plates));
        [$pages, $down] = self::rows($plates, $inner, INF);

        return new self($inner + 2 * self::MARGIN_MM, $down + 2 * self::MARGIN_MM + self::FOOT_MM, $pages);
    }

    /** @return array{float, float} where the check line begins */
    public function checkAt(): array
    {
        return [self::MARGIN_MM, $this->heightMm - self::MARGIN_MM];
    }

    /**
     * @param non-empty-list<Plate> $plates
     *
     * @return array{list<list<array{Plate, float, float}>>, float} pages, and how far down the last of them is filled
     */
    private static function rows(array $plates, float $width, float $height): array
    {
        usort($plates, static fn(Plate $a, Plate $b): int => $b->tallMm() <=> $a->tallMm());
        $pages = [[]];
        $x = $y = $tall = 0.0;
        foreach ($plates as $plate) {
            if ($x > 0 && $x + $plate->spanMm() > $width) {
                [$x, $y, $tall] = [0.0, $y + $tall + self::GAP_MM, 0.0];
            }
            if ($y > 0 && $y + $plate->tallMm() > $height) {
                $pages[] = [];
                [$x, $y, $tall] = [0.0, 0.0, 0.0];
            }
            $pages[\count($pages) - 1][] = [$plate, self::MARGIN_MM + $x, self::MARGIN_MM + $y];
            $x += $plate->spanMm() + self::GAP_MM;
            $tall = max($tall, $plate->tallMm());
        }

        return [$pages, $y + $tall];
    }
}
