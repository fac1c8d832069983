<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Drying\Room;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Film\Look;
use Hawkbrush\Core\Pattern\Paint;
use Hawkbrush\Core\Pattern\PaintStep;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Render\Coverage;
use Hawkbrush\Core\Render\Field;

/**
 * A recipe painted through once, coat by coat, for the rules to look at. The left half is enough: what is wrong on one
 * side is wrong on the other. A coarser surface than the Stage's is enough too.
 */
final class Painted
{
    private const COLUMNS = 96;

    private const AROUND = 64;

    /** @var list<PaintedCoat> */
    public readonly array $coats;

    public readonly Surface $surface;

    /** @var array{Paint|null}|null the white at hand, once it was looked for */
    private ?array $white = null;

    /** @var \WeakMap<FilmState, Colour> colours under clear worked out so far */
    private \WeakMap $colours;

    /** @param iterable<Paint> $rack paints at hand beside those of the recipe */
    public function __construct(public readonly Recipe $recipe, public readonly Room $room, private readonly iterable $rack = [])
    {
        $this->colours = new \WeakMap();
        $this->surface = Surface::of($recipe->body, self::COLUMNS, self::AROUND);
        $field = Field::bare($this->surface);
        $coats = [];
        $previous = null;
        foreach ($recipe->coats() as $step) {
            $before = $field;
            $coverage = Coverage::of($step, $this->surface);
            $field = $field->with($step, $room, $coverage);
            $coats[] = $previous = new PaintedCoat($step, $coverage, $before, $field, $previous);
        }
        $this->coats = $coats;
    }

    /** Colour under clear, as the finished bait will show it. */
    public function colour(FilmState $state): Colour
    {
        return $this->colours[$state] ??= Colour::fromReflectance(Spectrum::of(Look::Clear->seen($state->flat())));
    }

    /** The white that could go under a coat; null where there is none. */
    public function white(): ?Paint
    {
        // Looked for once, also where there is none.
        $this->white ??= [WhiteUnder::white($this->recipe, $this->rack)];

        return $this->white[0];
    }

    public function number(PaintStep $step): int
    {
        return $this->recipe->number($step->id);
    }
}
