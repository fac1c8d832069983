<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step;

use Hawkbrush\Core\Coat\Coat;

/** A step that lays no film. */
abstract readonly class WithoutCoat extends Step
{
    final public function coat(): ?Coat
    {
        return null;
    }

    final public function withCoat(Coat $coat): static
    {
        return $this;
    }
}
