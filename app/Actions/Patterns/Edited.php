<?php

declare(strict_types=1);

namespace App\Actions\Patterns;

use App\Models\Version;
use Hawkbrush\Core\Pattern\Recipe;

/** A version after an edit, with its recipe. */
final readonly class Edited
{
    /** @param string $told what it did beyond what is seen */
    public function __construct(public Version $version, public Recipe $recipe, public string $told = '') {}
}
