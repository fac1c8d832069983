<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Eye\Eye;

/** Work that lays nothing on a bait and does not depend on the body: done for all baits of a run, then on. */
abstract readonly class BenchWork extends WithoutCoat
{
    final public function fitted(Body $to, float $by, bool $marks): static
    {
        return $this;
    }

    final public function forAll(): bool
    {
        return true;
    }

    final public function sides(): array
    {
        return [];
    }

    final public function eye(): ?Eye
    {
        return null;
    }
}
