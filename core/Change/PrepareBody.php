<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Change;

use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Step\Prepare\Preparation;
use Hawkbrush\Core\Step\Step;

/** {op: prepare}: the body's own preparation for the first steps. */
final readonly class PrepareBody implements Change
{
    public static function op(): string
    {
        return 'prepare';
    }

    public static function read(Node $change): static
    {
        $change->only(['op']);

        return new self();
    }

    public function applyTo(Recipe $recipe, Surroundings $around): Changed
    {
        return new Changed(self::prepared($recipe, $around->own(), true), 'prepare the body');
    }

    /** With the body's own preparation, in place of another's; where none was taken up, only if $anew. */
    public static function prepared(Recipe $recipe, KnownBody $body, bool $anew): Recipe
    {
        $own = array_filter($recipe->steps, static fn(Step $s): bool => ! str_starts_with($s->id, Preparation::ID));

        return $anew || \count($own) < \count($recipe->steps) ? $recipe->with([...$body->preparation, ...array_values($own)]) : $recipe;
    }
}
