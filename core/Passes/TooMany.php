<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Passes;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Colour\Bands;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Order\StateColours;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Render\Coverage;
use Hawkbrush\Core\Render\Field;
use Hawkbrush\Core\Render\Places;

/** From which coat of a step on something that the finished pattern shows is lost: a mark below it, or what a later coat does over it. */
final readonly class TooMany
{
    /** Of a full coat: where less lands, neither side of it tells anything. */
    private const LANDS = 0.25;

    /** Places looked at, spread over where the coat lands. */
    private const PLACES = 120;

    /** Of a mark: a small one that lies over a corner of it buries nothing of it. */
    private const MOST_OF_IT = 0.5;

    /** Of the most of a coat: where less of it lands somewhere, it has an edge there. */
    private const UNEVEN = 0.5;

    /** Of what a later coat would have done: what must be left of it. */
    private const LEFT = 0.5;

    /** @param string $step id of what is lost */
    private function __construct(public int $coats, public string $step, public string $reason) {}

    /** The first number of coats beyond the planned one with which something is lost; null: none up to there. */
    public static function of(Recipe $recipe, Coat $coat, int $upTo, Surface $surface, Climate $climate): ?self
    {
        $places = Places::of(Coverage::land($coat, $surface)->left, self::LANDS, self::PLACES);
        $coats = $recipe->coats();
        $at = array_search($coat->id, array_map(static fn(Coat $one): string => $one->id, $coats), true);
        if ($places->cells === [] || ! \is_int($at)) {
            return null;
        }
        $shares = array_map(static fn(Coat $one): array => $places->at(Coverage::land($one, $surface)->left), $coats);
        $effects = new Effects($coats, $shares, Field::bare($surface)->at($places->cells), $climate, new StateColours(Bands::All));
        // What the pattern shows as it is planned: only that can be lost.
        $planned = $effects->with($at, $coat->coats);
        for ($n = $coat->coats + 1; $n <= $upTo; $n++) {
            foreach ($effects->with($at, $n) as $other => $effect) {
                $was = $planned[$other];
                $lost = $was >= Passes::SEEN && ($other < $at
                    ? $effect < Passes::SEEN && self::isMark($shares[$other], \count($places->cells))
                        && self::buriesMostOf($coats[$other], $coat, $surface)
                    : $effect < self::LEFT * $was);
                if ($lost) {
                    return self::lost($recipe, $coats[$other]->id, $n, $other < $at);
                }
            }
        }

        return null;
    }

    /**
     * Whether it stands out from its surround there. A ground that lies evenly under all of it may be covered.
     *
     * @param array<int, float> $shares by place
     */
    private static function isMark(array $shares, int $places): bool
    {
        return $shares !== [] && (\count($shares) < $places || min($shares) < self::UNEVEN * max($shares));
    }

    private static function buriesMostOf(Coat $mark, Coat $coat, Surface $surface): bool
    {
        $lands = static fn(float $share): bool => $share >= self::LANDS;
        $below = array_filter(Coverage::land($mark, $surface)->left, $lands);
        $over = array_filter(Coverage::land($coat, $surface)->left, $lands);

        return \count(array_intersect_key($below, $over)) >= self::MOST_OF_IT * \count($below);
    }

    private static function lost(Recipe $recipe, string $step, int $coats, bool $below): self
    {
        $name = $recipe->step($step)?->label() ?? $step;
        $number = $recipe->number($step);

        return new self($coats, $step, $below
            ? \sprintf('From %d coats on, step %d (%s) no longer shows under it.', $coats, $number, $name)
            : \sprintf('From %d coats on, step %d (%s) does less than half of what it should.', $coats, $number, $name));
    }
}
