<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Render;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Drying\Room;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Pattern\PaintStep;
use Hawkbrush\Core\Pattern\Recipe;

/**
 * The film over a whole body. A cell carries only the number of its film state: a lure of 20 steps has a few thousand
 * states, not a spectrum for each of its 32768 cells. A step maps (state, thickness) to the next state, each pair
 * computed once. Fields are values: the field before a step can be kept and used again when that step is edited.
 */
final readonly class Field
{
    /**
     * @param list<FilmState> $states
     * @param list<int> $left state by cell of the left half
     * @param list<int> $right state by cell of the right half, in the left half's order
     * @param array<int, array{int, int}> $laid state before and thickness (in fifteenths), by state the last coat made
     */
    private function __construct(
        public Surface $surface,
        public array $states,
        public array $left,
        public array $right,
        public bool $mirrored,
        private ?PaintStep $lastCoat,
        private array $laid,
    ) {}

    public static function bare(Surface $surface): self
    {
        $cells = array_fill(0, $surface->rows * $surface->columns, 0);

        return new self($surface, [FilmState::ground($surface->body->ground->values)], $cells, $cells, true, null, []);
    }

    /** After all coats of a recipe up to and with the step of that id (null: all). */
    public static function of(Recipe $recipe, Surface $surface, Room $room, ?string $upto = null): self
    {
        $field = self::bare($surface);
        foreach ($recipe->lit() as $step) {
            if ($step instanceof PaintStep) {
                $field = $field->with($step, $room);
            }
            if ($step->id === $upto) {
                break;
            }
        }

        return $field;
    }

    public function with(PaintStep $step, Room $room): self
    {
        $optics = $step->optics();
        if ($optics === null) {
            return $this;
        }
        $coverage = Coverage::of($step, $this->surface);
        $lay = new Layer($step, $optics, $this->lastCoat, $this->laid, $room);
        $left = $this->left;
        $right = $this->right;
        $mirrored = $this->mirrored && $coverage->mirrored;
        $states = $this->states;
        $map = $laid = $alike = [];
        // A wet coat must be remembered by the film it lies on; and only a coat that covers makes unlike films alike.
        $kept = $step->wetShare($room) > 0;
        $covers = ! $kept && $lay->covers();
        $halves = $mirrored ? [[&$left, $coverage->left]] : [[&$left, $coverage->left], [&$right, $coverage->right]];
        foreach ($halves as [&$cells, $thickness]) {
            foreach ($thickness as $cell => $q) {
                $before = $cells[$cell];
                $key = ($before << 4) | $q;
                $next = $map[$key] ?? null;
                if ($next === null) {
                    $state = $lay->over($states, $before, $q);
                    $next = \count($states);
                    $fingerprint = $covers ? self::fingerprint($state) : null;
                    if ($fingerprint !== null && isset($alike[$fingerprint])) {
                        $next = $alike[$fingerprint];
                    } else {
                        $states[] = $state;
                        if ($fingerprint !== null) {
                            $alike[$fingerprint] = $next;
                        }
                        if ($kept) {
                            $laid[$next] = [$before, $q];
                        }
                    }
                    $map[$key] = $next;
                }
                $cells[$cell] = $next;
            }
        }
        unset($cells);

        return new self($this->surface, $states, $left, $mirrored ? $left : $right, $mirrored, $step, $laid);
    }

    /** States that no eye could tell apart (to 1/4096 in five bands, of glint and glow to 1/1024 in three) go on as one. */
    private static function fingerprint(FilmState $state): int|string
    {
        $r = $state->r;
        $key = (int) ($r[4] * 4096) << 48 | (int) ($r[10] * 4096) << 36 | (int) ($r[15] * 4096) << 24 | (int) ($r[20] * 4096) << 12 | (int) ($r[26] * 4096);
        $glint = $state->glint;
        $glow = $state->glow;
        if ($glint === null && $glow === null) {
            return $key;
        }
        $more = $glint ?? [0.0, 0.0, 0.0];

        return $key.' '.((int) ($more[0] * 1024) << 20 | (int) ($more[1] * 1024) << 10 | (int) ($more[2] * 1024))
            .($glow === null ? '' : ' '.((int) ($glow[6] * 1024) << 20 | (int) ($glow[15] * 1024) << 10 | (int) ($glow[22] * 1024)));
    }
}
