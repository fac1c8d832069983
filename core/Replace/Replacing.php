<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Replace;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Body\Zone;
use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Colour\Lab;
use Hawkbrush\Core\Compare\ZoneColours;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Mix\Wanted;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Render\Coverage;
use Hawkbrush\Core\Render\Field;

/** The finished baits of some recipes in the zones where one paint is used, to hold replacements of that paint against. */
final class Replacing
{
    private const COLUMNS = 40;

    private const AROUND = 20;

    /** @var array<int, Field> before the first coat of the paint, by number of the recipe; those that do not use it are left out */
    private array $before = [];

    /** @var array<int, list<Coverage>> where each coat lands: that does not depend on the paint */
    private array $coverages = [];

    /** @var array<int, ZoneColours> */
    private array $eyes = [];

    /** @var array<int, list<Zone>> */
    private array $zones = [];

    /** @var array<int, array<string, Colour>> */
    private array $finished = [];

    private ?Wanted $wanted = null;

    /** @param list<Recipe> $recipes */
    public function __construct(private readonly array $recipes, private readonly string $paintId, private readonly Climate $climate)
    {
        foreach ($recipes as $number => $recipe) {
            $this->look($number, $recipe);
        }
    }

    /**
     * @param list<non-empty-list<array{Paint, int}>> $candidates
     *
     * @return list<Replacement> the nearest first
     */
    public function rank(array $candidates): array
    {
        $ranked = array_map(fn(array $for): Replacement => new Replacement($for, $this->differences($for)), $candidates);
        usort($ranked, static fn(Replacement $a, Replacement $b): int => $a->deltaE() <=> $b->deltaE());

        return $ranked;
    }

    /** What a mix has to meet to stand in for the paint: its colour where its film is thickest, over what lies there. Null when it is not used. */
    public function wanted(): ?Wanted
    {
        return $this->wanted;
    }

    private function look(int $number, Recipe $recipe): void
    {
        $field = Field::bare(Surface::of($recipe->body, self::COLUMNS, self::AROUND));
        $eyes = new ZoneColours($field->surface);
        $zones = [];
        foreach ($recipe->coats() as $step) {
            $coverage = Coverage::land($step, $field->surface);
            $this->coverages[$number][] = $coverage;
            if ($step->mixture->uses($this->paintId)) {
                $this->before[$number] ??= $field;
                $under = $eyes->under($coverage);
                foreach ($under as $zone) {
                    $zones[$zone->value] = $zone;
                }
                $optics = $step->optics();
                if ($optics !== null && $under !== [] && $step->dryUm() > ($this->wanted->dryUm ?? 0.0)) {
                    $blank = new Wanted(new Lab(50, 0, 0), $eyes->film($field, $under[0]), $step->dryUm(), SurfaceFinish::Clear);
                    $this->wanted = new Wanted($blank->shows($optics)->lab, $blank->ground, $blank->dryUm, $blank->finish);
                }
            }
            $field = $field->with($step, $this->climate, $coverage);
        }
        $this->eyes[$number] = $eyes;
        $this->zones[$number] = array_values($zones);
        $this->finished[$number] = $eyes->of($field, SurfaceFinish::Clear, $this->zones[$number]);
    }

    /**
     * @param non-empty-list<array{Paint, int}> $for
     *
     * @return list<array{int, string, float}>
     */
    private function differences(array $for): array
    {
        $differences = [];
        foreach ($this->before as $number => $field) {
            $begun = false;
            $old = $this->recipes[$number]->coats();
            foreach (Swap::in($this->recipes[$number], $this->paintId, $for)->coats() as $i => $step) {
                $begun = $begun || $old[$i]->mixture->uses($this->paintId);
                if ($begun) {
                    $field = $field->with($step, $this->climate, $this->coverages[$number][$i]);
                }
            }
            foreach ($this->eyes[$number]->of($field, SurfaceFinish::Clear, $this->zones[$number]) as $zone => $colour) {
                $differences[] = [$number, (string) $zone, DeltaE2000::between($this->finished[$number][$zone]->lab, $colour->lab)];
            }
        }

        return $differences;
    }
}
