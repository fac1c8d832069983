<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Exchange;

use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\Lab;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Colour\Xyz;
use Hawkbrush\Core\Refused;

/**
 * Measured colours as CGATS.17 text (ISO 28178): a head of keywords, the names of the fields, one line a colour.
 * Written with the curve, 400 to 700 nm by 10; read with a curve, with L*a*b* or with X, Y, Z. The names of the spectral
 * fields differ from program to program; those met most are understood (from memory of such files).
 */
final class Cgats
{
    private const MOST_SETS = 2000;

    /** What files of lamps and screens say of themselves, at the head of a line. */
    private const LAMP = '/^\s*(?:MEAS_TYPE|MEASUREMENT_TYPE|MEASURE_MODE|DEVICE_CLASS)\s+"?[^"\n]*(?:EMISSION|EMISSIVE|AMBIENT|FLASH|DISPLAY|LAMP)'
        .'|^\s*(?:DISPLAY|TECHNOLOGY|DISPLAY_TYPE_\w+|LUMINANCE_XYZ_CDM2)\s+|^\s*DESCRIPTOR\s+"[^"\n]*\b(?:lamp|illuminant|light source|backlight|LED)\b/im';

    /** No surface has a line in its curve: a band so far above the mean of its neighbours, as a share of the highest, is a lamp's. */
    private const LINE = 0.3;

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
     * @param Light|null $light that L*a*b* and X, Y, Z are taken for; null: as the text says, and D50 where it says nothing
     *
     * @return list<Reading>
     *
     * @throws Refused with what is missing or wrong, and the line
     */
    public static function read(string $text, ?Light $light = null): array
    {
        if (preg_match('/BEGIN_DATA_FORMAT\s+(.*?)\s+END_DATA_FORMAT/s', $text, $format) !== 1
            || preg_match('/BEGIN_DATA\s+(.*?)\s+END_DATA\s*$/s', rtrim($text)."\n", $data) !== 1) {
            throw Refused::because(
                'This is no CGATS text: the names of its fields (BEGIN_DATA_FORMAT) or its data (BEGIN_DATA) are missing.',
            );
        }
        $fields = array_flip(array_map(strtoupper(...), preg_split('/\s+/', trim($format[1])) ?: []));
        $bands = self::bands($fields);
        $lab = isset($fields['LAB_L'], $fields['LAB_A'], $fields['LAB_B']);
        if ($bands === [] && ! $lab && ! isset($fields['XYZ_X'], $fields['XYZ_Y'], $fields['XYZ_Z'])) {
            throw Refused::because(
                'It holds neither curves (SPECTRAL_NM400 to SPECTRAL_NM700) nor L*a*b* (LAB_L, LAB_A, LAB_B) nor X, Y, Z (XYZ_X, XYZ_Y, XYZ_Z).',
            );
        }
        if (preg_match(self::LAMP, $text) === 1) {
            throw self::lamp('It says');
        }
        $light ??= Light::stated($text) ?? Light::D50;
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
            $at = static fn(string $field): float => self::number($cells[$fields[$field]], $i);
            $readings[] = match (true) {
                $bands !== [] => new Reading($name, Colour::fromReflectance(
                    self::curve(array_map(static fn(int $of): float => self::number($cells[$of], $i), $bands), $i),
                ), true),
                $lab => new Reading($name, Colour::fromLab($light->lab(new Lab($at('LAB_L'), $at('LAB_A'), $at('LAB_B')))), false),
                default => new Reading(
                    $name,
                    Colour::fromLab(Lab::fromXyz($light->xyz(new Xyz($at('XYZ_X'), $at('XYZ_Y'), $at('XYZ_Z'))))),
                    false,
                ),
            };
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

    private static function lamp(string $how): Refused
    {
        return Refused::because("{$how} that these are measurements of a lamp or a screen, not of paint: what light it gives, not what it reflects.");
    }

    /** @param array<int, float> $measured by nm */
    private static function curve(array $measured, int $set): Spectrum
    {
        // Some programs write percent.
        $by = max([0.0, ...$measured]) > 2 ? 100.0 : 1.0;
        $nms = array_keys($measured);
        $all = array_values($measured);
        for ($i = 1; $i < \count($all) - 1; $i++) {
            if ($all[$i] - ($all[$i - 1] + $all[$i + 1]) / 2 > self::LINE * max([0.0, ...$all])) {
                throw self::lamp("A line in it, at {$nms[$i]} nm, shows");
            }
        }
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
