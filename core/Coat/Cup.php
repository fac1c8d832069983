<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Coat;

/** One cup of colour for a coat: whole drops of each paint and of reducer, in the recipe's ratio, enough for the job. */
final readonly class Cup
{
    /**
     * @param list<array{paintId: string, name: string, drops: int, ml: float}> $paints
     */
    private function __construct(public array $paints, public int $reducerDrops, public float $neededMl, public float $totalMl) {}

    /** The smallest whole number of the recipe's own ratio that makes at least this much; never less than one of it. */
    public static function enough(Coat $coat, float $neededMl): self
    {
        $ratio = $coat->mixture->reduced();
        $onceMl = $ratio->ml();
        $undiluted = $neededMl * (1 - $coat->thinning);
        $times = max(1, (int) ceil($undiluted / max(1e-9, $onceMl) - 1e-9));
        $paints = [];
        foreach ($ratio->parts as [$paint, $drops]) {
            $paints[] = [
                'paintId' => $paint->id,
                'name' => $paint->name,
                'drops' => $drops * $times,
                'ml' => $drops * $times * $paint->dropMl,
            ];
        }
        $paintMl = $onceMl * $times;
        $reducer = (int) round($paintMl * $coat->thinning / (1 - $coat->thinning) / Spread::DROP_ML);

        return new self($paints, $reducer, $neededMl, $paintMl + $reducer * Spread::DROP_ML);
    }

    /** Drops of everything in it. */
    public function drops(): int
    {
        return array_sum(array_column($this->paints, 'drops')) + $this->reducerDrops;
    }
}
