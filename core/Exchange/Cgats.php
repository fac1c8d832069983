<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Exchange;

use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\Lab;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Refused;

/**
 * Measured colours as CGATS.17 text (ISO 28178): a head of keywords, the names of the fields, one line a colour.
 * Written with the curve, 400 to 700 nm by 10; read with a curve or with L*a*b*. The names of the spectral fields differ
 * from program to program; those met most are understood (from memory of such files).
 */
final class Cgats
{
    private const MOST_SETS = 2000;

    private const SPECTRAL = '/^(?:SPECTRAL_NM_?|SPECTRAL_|SPEC_|NM_?|R_)(\d{3})$/i';

    /** @param list<Reading> $readings */
    public static function write(array $readings): string
    {
        $spectral = array_filter($readings, static fn(Reading $r): bool => ! $r->spectral) === [];
        $fields = ['SAMPLE_ID', 'SAMPLE_NAME'];
        for ($nm = Spectrum::START_NM; $spectral && $nm <= 700; $nm += Spectrum::STEP_NM) {
            $fields[] = 'SPECTRAL_NM'.$nm;
        }
        if (! $spectral) {
            array_push($fields, 'LAB_L', 'LAB_A', 'LAB_B');
        }
        $lines = ['CGATS.17', 'ORIGINATOR "Hawkbrush"', 'WEIGHTING_FUNCTION "ILLUMINANT, D65"', 'WEIGHTING_FUNCTION "OBSERVER, 2 degree"',
            'NUMBER_OF_FIELDS '
                .\count($fields), 'BEGIN_DATA_FORMAT', implode(' ', $fields), 'END_DATA_FORMAT', 'NUMBER_OF_SETS '
                .\count($readings), 'BEGIN_DATA'];
        foreach ($readings as $i => $reading) {
            $lab = $reading->colour->lab;
            // As many digits as it takes to read back the very same number.
            $values = array_map(
                static fn(float $v): string => var_export($v, true),
                $spectral ? $reading->colour->reflectance()->values : [$lab->l, $lab->a, $lab->b],
            );
            $lines[] = ($i + 1).' "'.str_replace('"', "'", $reading->name).'" '.implode(' ', $values);
        }
        $lines[] = 'END_DATA';

        return implode("\n", $lines)."\n";
    }

    /**
     * @return list<Reading>
     *
     * @throws Refused with what is missing or wrong, and the line
     */
    public static function read(string $text): array
    {
        if (preg_match('/BEGIN_DATA_FORMAT\s+(.*?)\s+END_DATA_FORMAT/s', $text, $format) !== 1
            || preg_match('/BEGIN_DATA\s+(.*?)\s+END_DATA\s*$/s', rtrim($text)."\n", $data) !== 1) {
            throw Refused::because(
                'This is no CGATS text: the names of its fields (BEGIN_DATA_FORMAT) or its data (BEGIN_DATA) are missing.',
            );
        }
        $fields = array_flip(array_map(strtoupper(...), preg_split('/\s+/', trim($format[1])) ?: []));
        $bands = self::bands($fields);
        if ($bands === [] && ! isset($fields['LAB_L'], $fields['LAB_A'], $fields['LAB_B'])) {
            throw Refused::because('It holds neither curves (SPECTRAL_NM400 to SPECTRAL_NM700) nor L*a*b* (LAB_L, LAB_A, LAB_B).');
        }
        if ($bands === [] && preg_match('/ILLUMINANT[^"\n]*,\s*D50/i', $text) === 1) {
            throw Refused::because('Its L*a*b* is for the light D50; here all is D65. Export it with curves, or for D65.');
        }
        $lines = array_values(array_filter(
            preg_split('/\r\n|\n|\r/', trim($data[1])) ?: [],
            static fn(string $line): bool => trim($line) !== '' && trim($line)[0] !== '#',
        ));
        if (\count($lines) > self::MOST_SETS) {
            throw Refused::because('Up to '.self::MOST_SETS.' colours are read at once.');
        }
        $readings = [];
        foreach ($lines as $i => $line) {
            preg_match_all('/"([^"]*)"|(\S+)/', $line, $found, PREG_SET_ORDER);
            $cells = array_map(static fn(array $cell): string => $cell[2] ?? $cell[1] ?? '', $found);
            if (\count($cells) !== \count($fields)) {
                throw Refused::because('Colour '.($i + 1).' has '.\count($cells).' fields, '.\count($fields).' were announced.');
            }
            $name = $cells[$fields['SAMPLE_NAME'] ?? $fields['SAMPLE_ID'] ?? 0];
            $readings[] = $bands === []
                ? new Reading(
                    $name,
                    Colour::fromLab(new Lab(
                        self::number($cells[$fields['LAB_L']], $i),
                        self::number($cells[$fields['LAB_A']], $i),
                        self::number($cells[$fields['LAB_B']], $i),
                    )),
                    false,
                )
                : new Reading(
                    $name,
                    Colour::fromReflectance(self::curve(array_map(static fn(int $at): float => self::number($cells[$at], $i), $bands), $i)),
                    true,
                );
        }

        return $readings;
    }

    /**
     * @param array<string, int> $fields
     *
     * @return array<int, int> where each wavelength stands
     */
    private static function bands(array $fields): array
    {
        $bands = [];
        foreach ($fields as $field => $at) {
            if (preg_match(self::SPECTRAL, (string) $field, $nm) === 1) {
                $bands[(int) $nm[1]] = $at;
            }
        }
        ksort($bands);
        if ($bands !== [] && (array_key_first($bands) > Spectrum::START_NM || array_key_last($bands) < 700 || \count($bands) < 16)) {
            throw Refused::because('Its curves do not reach from 400 to 700 nm in steps of 20 nm or less.');
        }

        return $bands;
    }

    /** @param array<int, float> $measured by nm */
    private static function curve(array $measured, int $set): Spectrum
    {
        // Some programs write percent.
        $by = max([0.0, ...$measured]) > 2 ? 100.0 : 1.0;
        $nms = array_keys($measured);
        $values = [];
        $j = 0;
        for ($nm = Spectrum::START_NM; $nm <= 700; $nm += Spectrum::STEP_NM) {
            while ($nms[$j] < $nm) {
                $j++;
            }
            $below = $nms[max(0, $nms[$j] === $nm ? $j : $j - 1)];
            $part = $nms[$j] === $below ? 0.0 : ($nm - $below) / ($nms[$j] - $below);
            $value = ($measured[$below] + ($measured[$nms[$j]] - $measured[$below]) * $part) / $by;
            if ($value < 0 || $value > 1.2) {
                throw Refused::because('Colour '.($set + 1)." returns {$value} of the light at {$nm} nm; 0 to 1 was expected.");
            }
            $values[] = min(1.0, $value);
        }

        return Spectrum::of($values);
    }

    private static function number(string $cell, int $set): float
    {
        if (! is_numeric($cell)) {
            throw Refused::because('Colour '.($set + 1)." holds “{$cell}” where a number was expected.");
        }

        return (float) $cell;
    }
}
