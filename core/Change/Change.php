<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Change;

use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Refused;

/** One change of a recipe, as a painter makes it. A kind of change is a class beside this file and a line in {@see Changes}. */
interface Change
{
    /** Its `op` in documents. */
    public static function op(): string;

    /** @throws Refused when it is no such change */
    public static function read(Node $change): static;

    /** @throws Refused when it does not fit this recipe */
    public function applyTo(Recipe $recipe, Surroundings $around): Changed;
}
