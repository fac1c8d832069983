<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Change;

use Hawkbrush\Core\Pattern\Recipe;

/** A recipe after a change. */
final readonly class Changed
{
    /**
     * @param string $label what was done, in words, as undo names it
     * @param Touched|null $touched fields of a step that were set, for who sets them again at once; null: an edit of its own
     * @param string $told what it did beyond what is seen
     * @param string|null $bodyId of the body it is on now; null: the same as before
     */
    public function __construct(
        public Recipe $recipe,
        public string $label,
        public ?Touched $touched = null,
        public string $told = '',
        public ?string $bodyId = null,
    ) {}
}
