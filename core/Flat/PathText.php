<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Flat;

use Hawkbrush\Core\Refused;

/** Path data as in SVG 2 (W3C), section 9.3: read with its curves made into short chords, written with straight lines only. */
final class PathText
{
    /** Chords of a curve or of an arc. */
    private const CHORDS = 12;

    private const NUMBER = '[-+]?(?:\d+\.?\d*|\.\d+)(?:[eE][-+]?\d+)?';

    /** Limits on the text and the corners of a file; after thinning {@see Shape::MOST_CORNERS} may remain. */
    public const MOST_READ = 20_000;

    private const MOST_TEXT = 200_000;

    private const NEEDS = ['M' => 2, 'L' => 2, 'H' => 1, 'V' => 1, 'C' => 6, 'S' => 4, 'Q' => 4, 'T' => 2, 'A' => 7, 'Z' => 0];

    /**
     * @return list<list<array{float, float}>> each sub-path, open ones closed by a straight line
     *
     * @throws Refused when it is not path data
     */
    public static function rings(string $data): array
    {
        if (\strlen($data) > self::MOST_TEXT) {
            throw self::tooMuch();
        }
        $rings = $ring = [];
        $at = $start = $control = [0.0, 0.0];
        $last = '';
        $read = 0;
        foreach (self::commands($data) as [$command, $numbers]) {
            $upper = strtoupper($command);
            if ($upper === 'Z' || $upper === 'M') {
                if ($ring !== []) {
                    $rings[] = $ring;
                }
                $at = $start = $upper === 'Z' ? $start : self::point($numbers, 0, $command, $at);
                $ring = $upper === 'M' ? [$at] : [];
            } else {
                $smooth = \in_array($last, $upper === 'S' || $upper === 'C' ? ['C', 'S'] : ['Q', 'T'], true);
                [$corners, $control] = self::draw($command, $numbers, $at, $smooth ? $control : $at);
                $ring = $ring === [] ? [$at] : $ring;
                array_push($ring, ...$corners);
                $read += \count($corners);
                if ($read > self::MOST_READ) {
                    throw self::tooMuch();
                }
                $at = $corners[\count($corners) - 1];
            }
            $last = $upper;
        }

        return $ring === [] ? $rings : [...$rings, $ring];
    }

    /**
     * Commands with their figures, one by one: more figures than one needs are the same command again, after a move they are lines.
     *
     * @return \Generator<array{string, list<float>}>
     *
     * @throws Refused when it is not path data
     */
    private static function commands(string $data): \Generator
    {
        preg_match_all('/([MmLlHhVvCcSsQqTtAaZz])|('.self::NUMBER.')|[\s,]+|(.)/u', self::spaced($data), $tokens, PREG_SET_ORDER);
        $command = '';
        $numbers = [];
        foreach ($tokens as $token) {
            [$letter, $number] = [$token[1] ?? '', $token[2] ?? ''];
            if (($token[3] ?? '') !== '') {
                throw Refused::because(\sprintf('“%s” is not path data.', $token[3]));
            }
            if ($letter === '' && $number === '') {
                continue;
            }
            if ($letter !== '') {
                if ($numbers !== []) {
                    throw Refused::because("The path breaks off after {$command}.");
                }
                $command = $letter;
            } elseif ($command === '' || strtoupper($command) === 'Z') {
                throw Refused::because('A path begins with M.');
            } else {
                $numbers[] = (float) $number;
            }
            if (\count($numbers) === self::NEEDS[strtoupper($command)]) {
                yield [$command, $numbers];
                $numbers = [];
                $command = match ($command) {
                    'M' => 'L',
                    'm' => 'l',
                    default => $command,
                };
            }
        }
        if ($numbers !== []) {
            throw Refused::because("The path breaks off after {$command}.");
        }
    }

    public static function tooMuch(): Refused
    {
        return Refused::because(\sprintf('This outline has more corners than can be read; %d is the most. Make it simpler.', Shape::MOST_CORNERS));
    }

    /** The two flags of an arc may stand without a space before the next figure; here they get one. */
    private static function spaced(string $data): string
    {
        $n = '('.self::NUMBER.')[\s,]*';

        $spaced = preg_replace_callback('/[Aa](?:[^A-Za-z]|[eE][-+]?\d)*/', static fn(array $arc): string => preg_replace(
            "/{$n}{$n}{$n}(?<=[\s,])([01])[\s,]*([01])[\s,]*{$n}{$n}/", '$1 $2 $3 $4 $5 $6 $7 ', $arc[0]) ?? self::notPathData(), $data);

        return $spaced ?? self::notPathData();
    }

    private static function notPathData(): never
    {
        throw Refused::because('An arc in this path has figures without end; it is not path data.');
    }

    public static function write(Shape $shape, int $decimals = 2): string
    {
        $text = '';
        foreach ($shape->rings as $ring) {
            foreach ($ring as $i => [$x, $y]) {
                $text .= ($i === 0 ? 'M' : 'L').round($x, $decimals).' '.round($y, $decimals);
            }
            $text .= 'Z';
        }

        return $text;
    }

    /**
     * @param list<float> $n
     * @param array{float, float} $at
     * @param array{float, float} $control last control point, or the point itself
     *
     * @return array{non-empty-list<array{float, float}>, array{float, float}}
     */
    private static function draw(string $command, array $n, array $at, array $control): array
    {
        $mirror = [2 * $at[0] - $control[0], 2 * $at[1] - $control[1]];
        $p = static fn(int $i): array => self::point($n, $i, $command, $at);

        return match (strtoupper($command)) {
            'H' => [[[$command === 'h' ? $at[0] + $n[0] : $n[0], $at[1]]], $at],
            'V' => [[[$at[0], $command === 'v' ? $at[1] + $n[0] : $n[0]]], $at],
            'C' => [self::curve([$at, $p(0), $p(2), $p(4)]), $p(2)],
            'S' => [self::curve([$at, $mirror, $p(0), $p(2)]), $p(0)],
            'Q' => [self::curve([$at, $p(0), $p(2)]), $p(0)],
            'T' => [self::curve([$at, $mirror, $p(0)]), $mirror],
            'A' => [Arc::chords($at, $p(5), $n[0], $n[1], $n[2], $n[3] != 0, $n[4] != 0), $at],
            default => [[$p(0)], $at],
        };
    }

    /**
     * @param list<float> $n
     * @param array{float, float} $at
     *
     * @return array{float, float}
     */
    private static function point(array $n, int $i, string $command, array $at): array
    {
        return ctype_lower($command) ? [$at[0] + $n[$i], $at[1] + $n[$i + 1]] : [$n[$i], $n[$i + 1]];
    }

    /**
     * De Casteljau, for curves of any order.
     *
     * @param non-empty-list<array{float, float}> $points
     *
     * @return non-empty-list<array{float, float}>
     */
    private static function curve(array $points): array
    {
        $chords = [];
        for ($i = 1; $i <= self::CHORDS; $i++) {
            $t = $i / self::CHORDS;
            $level = $points;
            while (\count($level) > 1) {
                $next = [];
                for ($k = 1; $k < \count($level); $k++) {
                    $next[] = [
                        $level[$k - 1][0] + $t * ($level[$k][0] - $level[$k - 1][0]),
                        $level[$k - 1][1] + $t * ($level[$k][1] - $level[$k - 1][1]),
                    ];
                }
                $level = $next;
            }
            $chords[] = $level[0];
        }

        return $chords;
    }
}
