<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Typed;

use Hawkbrush\Core\Units\Units;

/** The numbers of a line: those with a unit or a word behind or before them, and those that stand alone. */
final class Figures
{
    /** @var array<string, float> by what they measure: psi, percent, mm, coats, strokes, minutes */
    public array $named = [];

    /** @var list<float> */
    public array $bare = [];

    /**
     * @param list<string> $typed
     *
     * @return int how many words of the line, from a place on, are a figure; 0: none is
     */
    public function take(array $typed): int
    {
        // ×2
        if (isset($typed[1]) && \in_array($typed[0], ['×', 'x'], true) && Line::number($typed[1]) !== null) {
            $this->named['coats'] = Line::number($typed[1]);

            return 2;
        }
        $number = Line::number($typed[0]);
        if ($number === null) {
            return 0;
        }
        foreach (Synonyms::UNITS as $unit => $words) {
            if (isset($typed[1]) && \in_array($typed[1], $words, true)) {
                [$name, $value] = self::stored($unit, $number);
                $this->named[$name] = $value;

                return 2;
            }
        }
        $this->bare[] = $number;

        return 1;
    }

    /** An eye of less than a millimetre was meant in inches. */
    public function inchesIfTiny(): void
    {
        if (isset($this->named['mm']) && $this->named['mm'] < 1) {
            $this->named['mm'] = self::stored('in', $this->named['mm'])[1];
        }
    }

    /** The first number that stands alone becomes a figure of that name, unless there is one already. */
    public function name(string $name): void
    {
        if (! isset($this->named[$name]) && $this->bare !== []) {
            $this->named[$name] = array_shift($this->bare);
        }
    }

    /** @return array{string, float} in the unit that it is stored in */
    private static function stored(string $unit, float $number): array
    {
        return match ($unit) {
            'bar', 'kPa' => ['psi', round(Units::named('pressure', $unit)?->read($number) ?? $number, 2)],
            'in' => ['mm', round(Units::named('length', 'in')?->read($number) ?? $number, 3)],
            'hours' => ['minutes', $number * 60],
            default => [$unit, $number],
        };
    }
}
