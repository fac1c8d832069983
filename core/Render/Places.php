<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Render;

/** Some cells of one half that stand for a place, spread evenly over it; what lands on them is given by their numbers from 0. */
final readonly class Places
{
    /**
     * @param list<int> $cells
     * @param float $stands how many cells each of them stands for
     */
    private function __construct(public array $cells, public float $stands) {}

    /**
     * @param array<int, float> $shares by cell
     * @param float $least share that counts
     * @param int $most places
     */
    public static function of(array $shares, float $least, int $most): self
    {
        $all = array_keys(array_filter($shares, static fn(float $share): bool => $share >= $least));
        sort($all);
        $stands = max(1.0, \count($all) / $most);
        $cells = [];
        for ($i = 0.0; $i < \count($all); $i += $stands) {
            $cells[] = $all[(int) $i];
        }

        return new self($cells, $stands);
    }

    /**
     * @param array<int, float> $shares by cell
     *
     * @return array<int, float> by the number of the place
     */
    public function at(array $shares): array
    {
        $at = [];
        foreach ($this->cells as $place => $cell) {
            if (isset($shares[$cell])) {
                $at[$place] = $shares[$cell];
            }
        }

        return $at;
    }
}
