<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Air;

/**
 * The causes of a fault in the order to try. How likely each is follows from the step's own figures and from what helped
 * before; what is likely and quick to try comes first: likelihood over the root of the minutes (a cheap test may be tried
 * a little before its turn; our own rule).
 */
final readonly class Diagnosis
{
    /** One that helped counts as much as so many tries that did not. A guess. */
    private const HELPED = 1.0;

    private const FAILED = 0.5;

    /** @param array<string, float|string> $sets figures of the step */
    private function __construct(public Cause $cause, public float $share, public array $sets) {}

    /**
     * @param array<string, array{helped: int, failed: int}> $before how often each helped with this fault, by cause
     *
     * @return non-empty-list<self> shares sum to 1
     */
    public static function of(Fault $fault, Circumstances $at, array $before = []): array
    {
        $weights = [];
        foreach ($fault->causes() as [$cause, $likelihood]) {
            if (! $cause->possible($at)) {
                continue;
            }
            $told = $before[$cause->value] ?? ['helped' => 0, 'failed' => 0];
            $weights[] = [
                $cause,
                $likelihood * $cause->weight($at) * (1 + self::HELPED * $told['helped']) / (1 + self::FAILED * $told['failed']),
            ];
        }
        $all = array_sum(array_column($weights, 1));
        $causes = array_map(static fn(array $one): self => new self($one[0], $one[1] / $all, $one[0]->sets($at)), $weights);
        \assert($causes !== [], 'Every fault has a cause that is neither air nor thinning.');
        usort($causes, static fn(self $a, self $b): int => $b->turn() <=> $a->turn());

        return $causes;
    }

    private function turn(): float
    {
        return $this->share / sqrt($this->cause->minutes());
    }
}
