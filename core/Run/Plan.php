<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Drying\Air;
use Hawkbrush\Core\Drying\Evaporation;
use Hawkbrush\Core\Drying\Room;
use Hawkbrush\Core\Pattern\BenchStep;
use Hawkbrush\Core\Pattern\ClearStep;
use Hawkbrush\Core\Pattern\EyeStep;
use Hawkbrush\Core\Pattern\PaintStep;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Pattern\SetBy;
use Hawkbrush\Core\Pattern\Step;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Render\Coverage;

/**
 * A run planned: a recipe on a number of baits in today's room, step by step, all baits through a step before the next
 * one. Times by hand are common practice (no published source); drying times are the model's.
 */
final readonly class Plan
{
    public const MOST_BAITS = 60;

    /** Share of the paint that lands on a bait rather than beside it. Common practice, no published source. */
    private const TRANSFER = 0.55;

    /** What stays in cup and nozzle, ml. Common practice, no published source. */
    private const STAYS_IN_CUP_ML = 0.06;

    private const MIX_AND_CLEAN_MIN = 2.0;

    private const CLAMP_MASK_MIN = 1.0;

    private const STROKE_MIN = 0.05;

    private const EYES_MIN = 1.5;

    private const CLEAR_COAT_MIN = 3.0;

    private const SHORTEST_HEAT_S = 20.0;

    private const OVERNIGHT_MIN = 600.0;

    /**
     * @param list<PlannedStep> $steps
     * @param list<string> $cautions
     */
    private function __construct(public Recipe $recipe, public int $baits, public Room $room, public array $steps, public array $cautions) {}

    /** @throws Refused when there is nothing to paint, or too many baits at once */
    public static function of(Recipe $recipe, int $baits, Room $room): self
    {
        if ($baits < 1 || $baits > self::MOST_BAITS) {
            throw Refused::at('/baits', 'A run has 1 to '.self::MOST_BAITS.' baits.');
        }
        if ($recipe->coats() === []) {
            throw Refused::at('/version_id', 'This pattern has no paint step that is switched on: there is nothing to run.');
        }
        $surface = Surface::of($recipe->body, 96, 64);
        $clock = 0.0;
        $planned = [];
        foreach ($recipe->lit() as $step) {
            $one = self::plan($step, $recipe, $surface, $baits, $room, $clock);
            $clock = $one->doneAtMin;
            $planned[] = $one;
        }

        return new self($recipe, $baits, $room, $planned, Cautions::of($recipe));
    }

    public function handsOnMin(): float
    {
        return array_sum(array_map(static fn(PlannedStep $s): float => $s->handsOnMin, $this->steps));
    }

    public function totalMin(): float
    {
        return $this->steps === [] ? 0.0 : $this->steps[\count($this->steps) - 1]->doneAtMin;
    }

    /** @return array<string, float> ml of each paint the run takes, by paint id */
    public function takesMl(): array
    {
        $takes = [];
        foreach ($this->steps as $planned) {
            foreach ($planned->mix->paints ?? [] as $part) {
                $takes[$part['paintId']] = ($takes[$part['paintId']] ?? 0.0) + $part['ml'];
            }
        }

        return $takes;
    }

    private static function plan(Step $step, Recipe $recipe, Surface $surface, int $baits, Room $room, float $clock): PlannedStep
    {
        $mix = $set = null;
        $wait = 0.0;
        $waitFor = '';
        if ($step instanceof PaintStep) {
            $mix = self::mix($step, $surface, $baits);
            $heat = $step->setting->by === SetBy::Heat;
            $set = $step->touchDryS($room, $step->setting->air());
            $sets = $heat ? max(self::SHORTEST_HEAT_S, (float) $set) / 60 : 0.0;
            $hands = self::MIX_AND_CLEAN_MIN + $baits * (
                $step->coats * (2 * $step->strokes * self::STROKE_MIN + $sets)
                + ($step->technique->touches() ? self::CLAMP_MASK_MIN : 0.0));
            $wait = $step->setting->minutes * self::slower($room);
            $waitFor = $wait > 0 ? 'to dry' : '';
        } elseif ($step instanceof EyeStep) {
            $hands = self::EYES_MIN * $baits;
        } elseif ($step instanceof ClearStep) {
            $hands = self::CLEAR_COAT_MIN * $baits * $step->coats;
            $wait = $step->clear->hardMinutes() * $step->coats / $step->clear->rate($room->airC);
            $waitFor = 'until the clear is hard';
            if ($step->clear->wantsOvernight()) {
                $wait += self::OVERNIGHT_MIN;
                $waitFor = 'overnight before it, then until the clear is hard';
            }
        } else {
            \assert($step instanceof BenchStep);
            $waiting = $step->type() === 'wait';
            $hands = $waiting ? 0.0 : $step->minutes * $baits;
            $wait = $waiting ? $step->minutes * self::slower($room) : 0.0;
            $waitFor = $waiting ? 'to dry' : '';
        }

        return new PlannedStep($step, $recipe->number($step->id), $mix, $hands, $wait, $clock + $hands + $wait, $set, How::say($step), $waitFor);
    }

    /** How much slower than in an ordinary room things dry here; a wait is never drawn out more than tenfold. */
    private static function slower(Room $room): float
    {
        $ordinary = Evaporation::rate(Room::ordinary(), Air::still());

        return max(0.5, min(10.0, $ordinary / max(1e-12, Evaporation::rate($room, Air::still()))));
    }

    /** Volume sprayed = area x coverage x wet film x coats / transfer efficiency, plus what stays in cup and nozzle. */
    private static function mix(PaintStep $step, Surface $surface, int $baits): Mix
    {
        $coverage = Coverage::of($step, $surface);
        $covered = 0.0;
        foreach ([$coverage->left, $coverage->right] as $side) {
            foreach ($side as $cell => $share) {
                $covered += $surface->areaMm2[$cell] * $share;
            }
        }
        $spread = Spread::of($covered * $baits, $step->weight->wetUm(), $step->coats, self::TRANSFER, $step->solids(), $step->thinning);

        return Mix::enough($step, $spread->ml + self::STAYS_IN_CUP_ML);
    }
}
