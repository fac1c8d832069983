<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Air;

/**
 * What a painter's own coats say of the air for one paint in one airbrush. Each is held against the model at its own
 * work, thinning and nozzle; the mean of these ratios, damped and bounded, moves the window. The constants are guesses.
 */
final readonly class Experience
{
    /** How many of the last coats count. */
    public const LATEST = 12;

    /** Coats that the model itself counts for: few coats move it little. */
    private const MODEL_COUNTS_AS = 3.0;

    /** A fault says that the right air lies this far off at least. */
    private const FAULT_TIMES = 1.25;

    private const LEAST = 0.5;

    private const MOST = 2.0;

    /** Nearer than this the model was right. */
    private const SAME = 0.02;

    /** By what the window is multiplied; 1 where nothing was sprayed, or it agrees. */
    public float $shift;

    /** @var list<Sprayed> those that count */
    private array $coats;

    /** @param list<Sprayed> $coats the latest first */
    public function __construct(array $coats)
    {
        $this->coats = \array_slice($coats, 0, self::LATEST);
        $sum = 0.0;
        foreach ($this->coats as $coat) {
            $sum += log(max(self::LEAST, min(self::MOST, self::wanted($coat) / Pressure::model($coat->spraying))));
        }
        $shift = exp($sum / (\count($this->coats) + self::MODEL_COUNTS_AS));
        $this->shift = abs($shift - 1) < self::SAME ? 1.0 : $shift;
    }

    /** In words: from what to what psi the last ones were sprayed, and what went wrong. */
    public function says(): string
    {
        $coats = $this->coats;
        $psi = array_map(static fn(Sprayed $coat): float => $coat->psi, $coats);
        if ($psi === []) {
            return '';
        }
        $from = Pressure::round(min($psi));
        $to = Pressure::round(max($psi));
        $faults = array_count_values(array_map(
            static fn(Fault $fault): string => $fault->value,
            array_filter(array_map(static fn(Sprayed $coat): ?Fault => $coat->fault, $coats)),
        ));
        $wrong = array_map(
            static fn(string $fault, int $times): string => ($times === 1 ? '' : "{$times} times ").$fault,
            array_keys($faults),
            $faults,
        );

        return (\count($coats) === 1 ? 'your last one' : 'your last '.\count($coats)).': '
            .($from === $to ? $from : "{$from} to {$to}").' psi'
            .($wrong === [] ? '' : ', with '.implode(', ', $wrong));
    }

    /** The air at which a coat would have come out. */
    private static function wanted(Sprayed $coat): float
    {
        return $coat->psi * match ($coat->fault?->airWas()) {
            'too low' => self::FAULT_TIMES,
            'too high' => 1 / self::FAULT_TIMES,
            default => 1.0,
        };
    }
}
