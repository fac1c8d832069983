<?php

declare(strict_types=1);

namespace App\Present;

use App\Keeping\Shared;
use Hawkbrush\Core\Exchange\EyeWriter;
use Hawkbrush\Core\Eye\Eye;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Render\EyeInPlace;
use Hawkbrush\Core\Render\Redrawing;
use Hawkbrush\Core\Step\Step;

/** An eye on what is painted below it, for the rung of its step and for the picture: worked out once. */
final class EyeOnBait
{
    /** @return array<string, mixed> */
    public static function of(Recipe $recipe, string $stepId, Eye $eye): array
    {
        $below = $recipe->with(\array_slice($recipe->steps, 0, max(0, $recipe->number($stepId) - 1)))->enabled();
        $lies = array_map(static fn(Step $step): array => [$step->films(), $step->overAll()], $below);

        return (new Shared())->remember(
            Redrawing::key('eye', [$recipe->body, $lies, $eye]),
            static fn(): array => EyeWriter::write(EyeInPlace::of($recipe, $stepId, $eye, new Shared()), $recipe->body),
        );
    }

    /** @return array<string, mixed>|null the eye that is in place after a step (null: after all of them) */
    public static function after(Recipe $recipe, ?string $upto): ?array
    {
        $step = $recipe->eyeStep($upto);
        $eye = $step?->eye();

        return $step === null || $eye === null ? null : self::of($recipe, $step->id, $eye);
    }
}
