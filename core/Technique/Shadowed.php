<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique;

/** A technique whose strands stand off the body: sprayed at a slant, its windows shift away from the brush, and that gives depth. */
interface Shadowed {}
