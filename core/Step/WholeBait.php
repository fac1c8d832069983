<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Eye\Eye;

/** Done on one bait after the other, on all of it at once and alike on any body; the bench finds no figure of it to be another. */
abstract readonly class WholeBait extends Step
{
    final public function fitted(Body $to, float $by, bool $marks): static
    {
        return $this;
    }

    final public function forAll(): bool
    {
        return false;
    }

    final public function sides(): array
    {
        return [];
    }

    final public static function figures(): array
    {
        return [];
    }

    final public function asUsed(array $figures): static
    {
        return $this;
    }

    final public function eye(): ?Eye
    {
        return null;
    }

    final public function triesNextCoat(): bool
    {
        return false;
    }
}
