<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique;

/** A technique whose flakes fall on dry: over a tacky size they cling where it lies, and nowhere else. */
interface LooseFlakes {}
