<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique;

use Hawkbrush\Core\Body\Surface;

/** A random technique that is quicker laid on both sides in one go: cells lie alike on both, only chance differs. */
interface Sided extends Technique
{
    /**
     * {@see Technique::through} for each of some seeds.
     *
     * @param non-empty-list<int> $seeds
     *
     * @return non-empty-list<array<int, float>>
     */
    public function sides(Surface $surface, Choices $choices, array $seeds, OpenSpray $open): array;
}
