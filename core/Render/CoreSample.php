<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Render;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Colour\Observer;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Film\Film;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Step\Step;

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
        $lay = static function (Step $step, string $name, ?Film $film, float $um, bool $fromCard) use (
            &$coats, &$before, &$field, $recipe, $cell, $right, $finish,
        ): void {
            if ($film === null) {
                return;
            }
            $after = $field->states[($right ? $field->right : $field->left)[$cell]]->colour($finish);
            $coats[] = new CoreCoat($step->id, $recipe->number($step->id), $name, $um, $after,
                Observer::luminous($film->t2), Observer::luminous($film->r), max(
                    0.0,
                    1 - Observer::luminous($film->t) - Observer::luminous($film->r),
                ), DeltaE2000::between($before->lab, $after->lab),
                $fromCard);
            $before = $after;
        };
        foreach ($recipe->enabled() as $step) {
            foreach ($step->films() as $coat) {
                $coverage = Coverage::land($coat, $surface);
                $field = $field->with($coat, $climate, $coverage);
                $share = ($right ? $coverage->right : $coverage->left)[$cell] ?? 0.0;
                $optics = $coat->optics();
                $laid[] = [$coverage, $optics === null ? 0.0 : $coat->dryUm()];
                $um = $coat->dryUm() * Coverage::stepped($share);
                $film = $share > 0 && $optics !== null ? Film::of($optics, $um) : null;
                $lay($step, $coat->mixture->name(), $film, $um, $coat->mixture->fromCards());
            }
            $over = $step->overAll();
            if ($over !== null) {
                $field = $field->under($over);
                $lay($step, $step->label(), Film::of(...$over), $over[1], false);
            }
            if ($step->id === $upto) {
                break;
            }
        }

        $here = $field->states[($right ? $field->right : $field->left)[$cell]];

        $slice = Slice::of($field, $laid, $u, $finish);

        return new self($u, $thetaDeg, $ground, $coats, Cause::explain($coats), $here->atMirror($finish), $slice);
    }
}
