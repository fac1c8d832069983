<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Flat\Shape;
use Hawkbrush\Core\Refused;

/** A technique whose mask is cut from a sheet, for a body. */
interface Cut
{
    /**
     * What is cut out for the left side, laid flat: x in mm from the nose, y in mm below (+) or above (-) the widest line.
     *
     * @throws Refused when these settings leave nothing to cut
     */
    public function cut(Surface $surface, Choices $choices, int $seed): Shape;
}
