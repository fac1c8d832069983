<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Replace;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Body\Zone;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Colour\Lab;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Compare\ZoneColours;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Mix\Wanted;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Render\Coverage;
use Hawkbrush\Core\Render\EyeInPlace;
use Hawkbrush\Core\Render\Field;
use Hawkbrush\Core\Render\Films;

/** The finished baits of some recipes in the zones where one paint is used, to hold replacements of that paint against. */
final class Replacing
{
    /** @var array<int, array{string, Field}> the first step that lays a film of the paint, and the bait before it, by recipe; none: left out */
    private array $before = [];

    /** @var array<int, array<string, list<Coverage>>> where the films of each step land: that does not depend on the paint */
    private array $coverages = [];

    /** @var array<int, array<string, list<Films|null>>> of the coats that stay as they are, likewise */
    private array $films = [];

    /** @var array<int, ZoneColours> */
    private array $eyes = [];

    /** @var array<int, list<Zone>> */
    private array $zones = [];

    /** @var array<int, array<string, Colour>> */
    private array $finished = [];

    /** @var array<int, array<string, array<array-key, string>>> hex of the discs of painted eyes, by recipe and step */
    private array $discs = [];

    private ?Wanted $wanted = null;

    /**
     * @param list<Recipe> $recipes
     * @param int $columns places along a bait that are looked at
     * @param int $around and around it
     */
    public function __construct(
        private readonly array $recipes,
        private readonly string $paintId,
        private readonly Climate $climate,
        private readonly int $columns = 40,
        private readonly int $around = 20,
    ) {
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

    /**
     * The nearest of many, looked for among those of the {@see Shortlist}.
     *
     * @param list<non-empty-list<array{Paint, int}>> $candidates
     *
     * @return list<Replacement> the nearest first
     */
    public function nearest(array $candidates, int $most): array
    {
        $few = Shortlist::of($this->recipes, $this->paintId, $this->climate, $this->wanted, $candidates);

        return \array_slice($this->rank($few), 0, $most);
    }

    /** What a mix has to meet to stand in for the paint: its colour where its film is thickest, over what lies there. Null when it is not used. */
    public function wanted(): ?Wanted
    {
        return $this->wanted;
    }

    /** Whether a recipe takes the paint on an eye or stirred into its clear, where of a mix only the most of it goes. */
    public function takesAlone(int $recipe): bool
    {
        foreach ($this->recipes[$recipe]->enabled() as $step) {
            if ($step->coat() === null && $this->isAmong($step->paints())) {
                return true;
            }
        }

        return false;
    }

    private function look(int $number, Recipe $recipe): void
    {
        $field = Field::bare(Surface::of($recipe->body, $this->columns, $this->around));
        $eyes = new ZoneColours($field->surface);
        $zones = [];
        foreach ($recipe->enabled() as $step) {
            $bare = $field;
            foreach ($step->films() as $film) {
                $coverage = $this->coverages[$number][$step->id][] = Coverage::land($film, $field->surface);
                if ($film->mixture->uses($this->paintId)) {
                    $this->before[$number] ??= [$step->id, $bare];
                    $under = $eyes->under($coverage);
                    foreach ($under as $zone) {
                        $zones[$zone->value] = $zone;
                    }
                    $this->want($film, $under === [] ? null : $eyes->film($field, $under[0]));
                }
                // A candidate changes nothing of the coats that do without the paint.
                $films = $film->mixture->uses($this->paintId) ? null : Films::of($film, $field->bands);
                $this->films[$number][$step->id][] = $films;
                $field = $field->with($film, $this->climate, $coverage, $films);
            }
            $field = $field->under($step->overAll());
        }
        $this->eyes[$number] = $eyes;
        $this->zones[$number] = array_values($zones);
        $this->finished[$number] = $eyes->of($field, SurfaceFinish::Clear, $this->zones[$number]);
    }

    /** @param Spectrum|null $ground where the film lies; null: nowhere to speak of */
    private function want(Coat $film, ?Spectrum $ground): void
    {
        $optics = $film->optics();
        if ($optics !== null && $ground !== null && $film->dryUm() > ($this->wanted->dryUm ?? 0.0)) {
            $blank = new Wanted(new Lab(50, 0, 0), $ground, $film->dryUm(), SurfaceFinish::Clear);
            $this->wanted = new Wanted($blank->shows($optics)->lab, $blank->ground, $blank->dryUm, $blank->finish);
        }
    }

    /**
     * @param non-empty-list<array{Paint, int}> $for
     *
     * @return list<array{int, string, float}>
     */
    private function differences(array $for): array
    {
        $differences = [];
        foreach ($this->recipes as $number => $recipe) {
            $changed = Swap::in($recipe, $this->paintId, $for);
            foreach ($this->onTheBody($number, $changed) as $zone => $deltaE) {
                $differences[] = [$number, $zone, $deltaE];
            }
            $eye = $this->onTheEye($number, $changed);
            if ($eye !== null) {
                $differences[] = [$number, 'eye', $eye];
            }
        }

        return $differences;
    }

    /** @return array<string, float> by zone, where films of the paint lie */
    private function onTheBody(int $number, Recipe $changed): array
    {
        [$first, $field] = $this->before[$number] ?? [null, null];
        if ($field === null) {
            return [];
        }
        $begun = false;
        foreach ($changed->enabled() as $step) {
            $begun = $begun || $step->id === $first;
            if ($begun) {
                foreach ($step->films() as $at => $film) {
                    $films = $this->films[$number][$step->id][$at] ?? null;
                    $field = $field->with($film, $this->climate, $this->coverages[$number][$step->id][$at], $films);
                }
                $field = $field->under($step->overAll());
            }
        }
        $differences = [];
        foreach ($this->eyes[$number]->of($field, SurfaceFinish::Clear, $this->zones[$number]) as $zone => $colour) {
            $differences[$zone] = DeltaE2000::between($this->finished[$number][$zone]->lab, $colour->lab);
        }

        return $differences;
    }

    /** By how much the disc of a painted eye changes that changes most; null where none is painted with the paint. */
    private function onTheEye(int $number, Recipe $changed): ?float
    {
        $most = null;
        $recipe = $this->recipes[$number];
        foreach ($recipe->enabled() as $step) {
            [$was, $is] = [$step->eye(), $changed->step($step->id)?->eye()];
            if ($was === null || $is === null || ! $this->isAmong($step->paints())) {
                continue;
            }
            $hexes = EyeInPlace::of($changed, $step->id, $is)->colours();
            $this->discs[$number][$step->id] ??= EyeInPlace::of($recipe, $step->id, $was)->colours();
            foreach ($this->discs[$number][$step->id] as $disc => $hex) {
                $most = max($most ?? 0.0, DeltaE2000::between(Colour::fromHex($hex)->lab, Colour::fromHex($hexes[$disc])->lab));
            }
        }

        return $most;
    }

    /** @param list<Paint> $paints */
    private function isAmong(array $paints): bool
    {
        return array_filter($paints, fn(Paint $paint): bool => $paint->id === $this->paintId) !== [];
    }
}
