<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Exchange;

use Hawkbrush\Core\Colour\Colour;

/** A measured colour with its name. */
final readonly class Reading
{
    /** @param bool $spectral whether a curve was measured, not only L*a*b* */
    public function __construct(public string $name, public Colour $colour, public bool $spectral) {}
}
