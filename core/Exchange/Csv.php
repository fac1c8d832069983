<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Exchange;

use Hawkbrush\Core\Refused;

/**
 * Comma separated values after RFC 4180, text in and out. A cell that a spreadsheet would take for a formula gets an
 * apostrophe before it when written, and loses it again when read.
 */
final class Csv
{
    private const FORMULA = '/^[=+\-@\t\r]/';

    /** @param list<list<string>> $rows */
    public static function write(array $rows): string
    {
        return implode('', array_map(static fn(array $row): string => implode(',', array_map(self::cell(...), $row))."\r\n", $rows));
    }

    /**
     * @return list<list<string>> rows of cells; rows with nothing in them are left out
     *
     * @throws Refused when a quotation is not closed
     */
    public static function read(string $text): array
    {
        $text = str_starts_with($text, "\u{FEFF}") ? substr($text, 3) : $text;
        $text = (string) preg_replace('/\r\n?/', "\n", $text);
        $head = strstr($text."\n", "\n", true);
        $separator = substr_count((string) $head, ';') > substr_count((string) $head, ',') ? ';' : ',';
        $lines = new \SplTempFileObject();
        $lines->fwrite($text);
        $lines->rewind();
        $rows = [];
        while (! $lines->eof()) {
            $begins = $lines->ftell();
            $cells = $lines->fgetcsv($separator, '"', '');
            // A quotation that is not closed runs on to the end of the text.
            if (substr_count($text, '"', (int) $begins, (int) $lines->ftell() - (int) $begins) % 2 !== 0) {
                throw Refused::because(
                    'Line '.(\count($rows) + 1).' has a quotation mark that is not closed, or one in the middle of a cell.',
                );
            }
            $rows[] = array_map(static fn(mixed $cell): string => self::plain(trim((string) $cell)), \is_array($cells) ? $cells : []);
        }

        return array_values(array_filter($rows, static fn(array $cells): bool => implode('', $cells) !== ''));
    }

    private static function cell(string $text): string
    {
        if (preg_match(self::FORMULA, $text) === 1 && ! is_numeric($text)) {
            $text = "'".$text;
        }

        return preg_match('/[",;\r\n]/', $text) === 1 ? '"'.str_replace('"', '""', $text).'"' : $text;
    }

    private static function plain(string $cell): string
    {
        return str_starts_with($cell, "'") && preg_match(self::FORMULA, substr($cell, 1)) === 1 ? substr($cell, 1) : $cell;
    }
}
