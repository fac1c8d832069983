<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Exchange;

use Hawkbrush\Core\Colour\Srgb;
use Hawkbrush\Core\Refused;

/** Palettes as the text of .gpl files: a line "GIMP Palette", a name, then red, green, blue and a name a line. */
final class GimpPalette
{
    private const MOST_COLOURS = 2000;

    /** @param list<array{string, string}> $colours name and hex */
    public static function write(string $name, array $colours): string
    {
        $lines = ['GIMP Palette', 'Name: '.self::line($name), 'Columns: 8', '#'];
        foreach ($colours as [$title, $hex]) {
            [$r, $g, $b] = array_map(hexdec(...), str_split(substr($hex, 1), 2));
            $lines[] = \sprintf("%3d %3d %3d\t%s", $r, $g, $b, self::line($title));
        }

        return implode("\n", $lines)."\n";
    }

    /**
     * @return array{name: string, colours: list<array{string, string}>} name and hex of each
     *
     * @throws Refused with the line
     */
    public static function read(string $text): array
    {
        $lines = preg_split('/\r\n|\n|\r/', $text) ?: [];
        if (trim($lines[0] ?? '', "\u{FEFF} \t") !== 'GIMP Palette') {
            throw Refused::because('A palette begins with the line “GIMP Palette”; this one does not.');
        }
        $name = '';
        $colours = [];
        foreach (\array_slice($lines, 1, null, true) as $i => $line) {
            $line = trim($line);
            if ($line === '' || $line[0] === '#' || str_starts_with($line, 'Columns:')) {
                continue;
            }
            if (str_starts_with($line, 'Name:')) {
                $name = mb_substr(self::line(substr($line, 5)), 0, 80);

                continue;
            }
            if (preg_match(
                '/^(\d{1,3})\s+(\d{1,3})\s+(\d{1,3})(?:\s+(.*))?$/u',
                $line,
                $parts,
            ) !== 1 || max($parts[1], $parts[2], $parts[3]) > 255) {
                throw Refused::because('Line '.($i + 1).' is no colour: three numbers from 0 to 255 and a name were expected.');
            }
            $colours[] = [
                mb_substr(self::line($parts[4] ?? ''), 0, 80) ?: 'Untitled',
                (new Srgb($parts[1] / 255, $parts[2] / 255, $parts[3] / 255))->hex(),
            ];
            if (\count($colours) > self::MOST_COLOURS) {
                throw Refused::because('A palette holds up to '.self::MOST_COLOURS.' colours here.');
            }
        }

        return ['name' => $name, 'colours' => $colours];
    }

    private static function line(string $text): string
    {
        return trim((string) preg_replace('/[\x00-\x1f\x7f]+/', ' ', $text));
    }
}
