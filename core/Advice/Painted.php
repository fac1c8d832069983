<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Drying\Evaporation;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Render\Coverage;
use Hawkbrush\Core\Render\Field;
use Hawkbrush\Core\Shop\Habits;
use Hawkbrush\Core\Shop\Shop;
use Hawkbrush\Core\Step\Step;
use Hawkbrush\Core\Step\Steps;

/**
 * A recipe painted through once, coat by coat, for the rules to look at. The left half is enough: what is wrong on one
 * side is wrong on the other. A coarser surface than the Stage's is enough too.
 */
final class Painted
{
    private const COLUMNS = 96;

    private const AROUND = 64;

    /** A paint darker than this, L*, counts as black. */
    private const BLACK = 20.0;

    /** @var list<PaintedCoat> */
    public readonly array $coats;

    public readonly Surface $surface;

    /** @var array{Paint|null}|null the white at hand, once it was looked for */
    private ?array $white = null;

    /** @var \WeakMap<FilmState, Colour> colours under clear worked out so far */
    private \WeakMap $colours;

    /**
     * @param Climate $climate that its waits are planned for
     * @param iterable<Paint> $rack paints at hand beside those of the recipe
     * @param Shop|null $shop that it is painted in, its waits drawn out or shortened to suit; null: an ordinary one
     */
    public function __construct(
        public readonly Recipe $recipe,
        public readonly Climate $climate,
        private readonly iterable $rack = [],
        private readonly ?Shop $shop = null,
    ) {
        $this->colours = new \WeakMap();
        $this->surface = Surface::of($recipe->body, self::COLUMNS, self::AROUND);
        $field = Field::bare($this->surface);
        $coats = [];
        $previous = null;
        foreach ($recipe->coats() as $step) {
            $before = $field;
            $coverage = Coverage::land($step, $this->surface);
            $field = $field->with($step, $climate, $coverage);
            $coats[] = $previous = new PaintedCoat($step, $coverage, $before, $field, $previous);
        }
        $this->coats = $coats;
    }

    public function room(): Climate
    {
        return $this->shop->climate ?? $this->climate;
    }

    public function habits(): Habits
    {
        return $this->shop->habits ?? Habits::usual();
    }

    /** A time as it becomes in the room. */
    public function inRoom(float $seconds): float
    {
        return $seconds * Evaporation::slower($this->room()) / Evaporation::slower($this->climate);
    }

    /** Colour under clear, as the finished bait will show it. */
    public function colour(FilmState $state): Colour
    {
        return $this->colours[$state] ??= $state->colour(SurfaceFinish::Clear);
    }

    /** The white that could go under a coat; null where there is none. */
    public function white(): ?Paint
    {
        // Looked for once, also where there is none.
        $this->white ??= [WhiteUnder::white($this->recipe, $this->rack)];

        return $this->white[0];
    }

    /** A black that the recipe uses already; null where it has none. */
    public function black(): ?Paint
    {
        foreach ($this->recipe->paints() as $paint) {
            if ($paint->solids > 0 && Colour::fromHex($paint->hex)->lab->l < self::BLACK) {
                return $paint;
            }
        }

        return null;
    }

    /** The film on the left flank, there where a step finds it. */
    public function before(Step $step, float $u, float $deg): FilmState
    {
        $number = $this->recipe->number($step->id);
        $field = Field::bare($this->surface);
        foreach ($this->coats as $coat) {
            if ($this->number($coat->step) < $number) {
                $field = $coat->after;
            }
        }

        return $field->states[$field->left[$this->surface->cellAt($u, $deg)]];
    }

    /** @return array<string, mixed> of the step that lays a coat */
    public function document(Coat $coat): array
    {
        $step = $this->recipe->step($coat->id);

        return $step === null ? [] : Steps::write($step);
    }

    public function number(Coat $step): int
    {
        return $this->recipe->number($step->id);
    }
}
