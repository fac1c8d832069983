<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Render;

use Hawkbrush\Core\Body\Section;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Film\SurfaceFinish;

/** A bait cut across at one place: its outline, and the film round it. */
final readonly class Slice
{
    /**
     * @param list<float> $yMm of the corners, towards the left flank, from the back ridge round by the left side
     * @param list<float> $zMm of the corners, upwards
     * @param list<Colour> $colours of the film from each corner to the next
     * @param list<float> $um how thick it lies there
     */
    private function __construct(public array $yMm, public array $zMm, public array $colours, public array $um) {}

    /** @param list<array{Coverage, float}> $coats each coat with its dry film in micrometres where it lands in full */
    public static function of(Field $field, array $coats, float $u, SurfaceFinish $finish): self
    {
        $surface = $field->surface;
        [$y, $z] = Section::half($surface->rows, $surface->body->exponent)->rib($surface->body, $u);
        $column = $surface->cellAt($u, 0);
        $colours = $um = [];
        $known = [];
        foreach (['left', 'right'] as $side) {
            $states = $side === 'left' ? $field->left : $field->right;
            $rows = range(0, $surface->rows - 1);
            foreach ($side === 'left' ? $rows : array_reverse($rows) as $row) {
                $cell = $column + $row * $surface->columns;
                $state = $states[$cell];
                $colours[] = $known[$state] ??= $field->states[$state]->colour($finish);
                $thick = 0.0;
                foreach ($coats as [$coverage, $full]) {
                    $thick += $full * (($side === 'left' ? $coverage->left : $coverage->right)[$cell] ?? 0.0);
                }
                $um[] = $thick;
            }
        }

        // The right half is the left one's mirror, back up to the ridge.
        return new self(
            [...$y, ...array_map(static fn(float $mm): float => -$mm, \array_slice(array_reverse($y), 1, -1))],
            [...$z, ...\array_slice(array_reverse($z), 1, -1)],
            $colours,
            $um,
        );
    }
}
