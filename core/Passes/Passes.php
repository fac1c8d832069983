<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Passes;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Coat\CoatDocument;
use Hawkbrush\Core\Colour\Bands;
use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Compare\ZoneColours;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Order\StateColours;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Render\Coverage;
use Hawkbrush\Core\Render\Field;

/**
 * One more pass? A step drawn with none, one, two … coats on what really lies below it: what each coat changes, which is the
 * last that is seen, and from which one on something wanted is lost.
 */
final readonly class Passes
{
    /** So many coats beyond the planned ones are looked at unless more are asked for. */
    public const BEYOND = 3;

    /** A change of less is not seen, DeltaE00. */
    public const SEEN = 1.0;

    /** As for zones laid side by side. */
    private const COLUMNS = 64;

    private const AROUND = 32;

    /**
     * @param non-empty-list<Pass> $all from none on
     * @param int|null $lastSeen the last coat that changes its place or any zone by what is seen; null: none does
     * @param TooMany|null $tooMany null: not within the coats that were looked at
     */
    private function __construct(public array $all, public int $planned, public ?int $lastSeen, public ?TooMany $tooMany) {}

    /**
     * @param int|null $upTo coats; null: some beyond the planned
     *
     * @throws Refused when the step lays nothing
     */
    public static function of(Recipe $recipe, string $stepId, ?int $upTo, Climate $climate): self
    {
        $step = $recipe->step($stepId) ?? throw Refused::at('/step', "There is no step “{$stepId}”.");
        $coat = $step->on ? $step->coat() : null;
        if ($coat === null || $coat->optics() === null) {
            throw Refused::at('/step', "Step “{$stepId}” lays no paint: choose a paint step that is on.");
        }
        $upTo = (int) CoatDocument::fields()->of('coats')->within($upTo ?? $coat->coats + self::BEYOND);
        $surface = Surface::of($recipe->body, self::COLUMNS, self::AROUND);
        $below = $recipe->with(\array_slice($recipe->steps, 0, $recipe->number($stepId) - 1));
        $all = self::drawn($coat, Field::painted($below, $surface, $climate), $climate, $upTo);

        return new self($all, $coat->coats, self::lastSeen($all), TooMany::of($recipe, $coat, $upTo, $surface, $climate));
    }

    /** @return non-empty-list<Pass> */
    private static function drawn(Coat $coat, Field $below, Climate $climate, int $upTo): array
    {
        $means = new ZoneColours($below->surface);
        $coverage = Coverage::land($coat, $below->surface);
        $zones = $means->under($coverage);
        $before = $means->of($below, SurfaceFinish::Clear, $zones);
        $all = [new Pass(0, $before, array_map(static fn(): float => 0.0, $before), 0.0)];
        $colours = new StateColours(Bands::All);
        $last = $below;
        for ($coats = 1; $coats <= $upTo; $coats++) {
            $field = $below->with($coat->laidAs($coats, null, null, null), $climate, $coverage);
            $now = $means->of($field, SurfaceFinish::Clear, $zones);
            $changed = [];
            foreach ($now as $zone => $colour) {
                $changed[$zone] = DeltaE2000::between($before[$zone]->lab, $colour->lab);
            }
            $all[] = new Pass($coats, $now, $changed, $colours->mean($last, $field, $coverage->left));
            [$before, $last] = [$now, $field];
        }

        return $all;
    }

    /** @param list<Pass> $passes */
    private static function lastSeen(array $passes): ?int
    {
        $seen = array_filter($passes, static fn(Pass $pass): bool => $pass->most() >= self::SEEN);

        return $seen === [] ? null : end($seen)->coats;
    }
}
