<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Render;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Film\Film;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Pattern\Recipe;

/** The film at one point, cut through: each coat with its thickness, what it does to the light, and the colour after it. */
final readonly class CoreSample
{
    /**
     * @param list<CoreCoat> $coats from the body outwards
     * @param Colour|null $atMirror as it looks at the mirror angle, where flakes or a shining body throw light
     */
    private function __construct(
        public float $u,
        public float $thetaDeg,
        public Colour $ground,
        public array $coats,
        public string $cause,
        public ?Colour $atMirror,
        public Slice $slice,
    ) {}

    public static function at(
        Recipe $recipe,
        Surface $surface,
        Climate $climate,
        SurfaceFinish $finish,
        float $u,
        float $thetaDeg,
        ?string $upto = null,
    ): self {
        $cell = $surface->cellAt($u, $thetaDeg);
        $right = $thetaDeg > 180;
        $field = Field::bare($surface);
        $before = $ground = $field->states[0]->colour($finish);
        $coats = $laid = [];
        $here = static fn(Field $field): Colour => $field->states[($right ? $field->right : $field->left)[$cell]]->colour($finish);
        foreach ($recipe->enabled() as $step) {
            foreach ($step->films() as $coat) {
                $coverage = Coverage::land($coat, $surface);
                $field = $field->with($coat, $climate, $coverage);
                $share = ($right ? $coverage->right : $coverage->left)[$cell] ?? 0.0;
                $optics = $coat->optics();
                $laid[] = [$coverage, $optics === null ? 0.0 : $coat->dryUm()];
                $um = $coat->dryUm() * Coverage::stepped($share);
                if ($share > 0 && $optics !== null) {
                    [$below, $before] = [$before, $here($field)];
                    $coats[] = CoreCoat::of($step, $recipe->number($step->id), $coat->mixture->name(), Film::of($optics, $um), $um,
                        $below, $before, $coat->mixture->fromCards());
                }
            }
            $over = $step->overAll();
            if ($over !== null) {
                $field = $field->under($over);
                [$below, $before] = [$before, $here($field)];
                $coats[] = CoreCoat::of($step, $recipe->number($step->id), $step->label(), Film::of(...$over), $over[1],
                    $below, $before, false);
            }
            if ($step->id === $upto) {
                break;
            }
        }

        $last = $field->states[($right ? $field->right : $field->left)[$cell]];

        $slice = Slice::of($field, $laid, $u, $finish);

        return new self($u, $thetaDeg, $ground, $coats, Explanation::explain($coats), $last->atMirror($finish), $slice);
    }
}
