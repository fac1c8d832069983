<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\Mesh;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Technique\Aim;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Mottle\Mottle;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\Parameter;
use Hawkbrush\Core\Technique\Press;
use Hawkbrush\Core\Technique\Shadowed;
use Hawkbrush\Core\Technique\Stencil;

/**
 * Scale mesh stretched tight: staggered windows between strands. New mesh leaves broad veins; mesh stiff with old paint
 * leaves finer ones. Strands keep paint off the side turned away from the aim a little longer, so the windows lean.
 */
final readonly class Mesh extends Stencil implements Shadowed
{
    /** How far its strands stand off, in halves of their width. A guess: knitted mesh lies flat. */
    private const THICK = 1.0;

    public function name(): string
    {
        return 'mesh';
    }

    public function label(): string
    {
        return 'Through scale mesh';
    }

    public function how(): string
    {
        return 'Stretch the mesh tight and clip it; set the coat before you take it off.';
    }

    public function press(): Press
    {
        return Press::Clamped;
    }

    public function settings(): array
    {
        return [
            Parameter::lengthMm('pitch_mm', 'Scale length', 0.8, 12, 3),
            Parameter::choice('age', 'Mesh', ['new', 'stiff']),
            Parameter::choice('run', 'Scales open towards', ['tail', 'nose']),
            Parameter::choice('lie', 'Stretched', ['slanted', 'square']),
            Parameter::number('strand', 'Strand (0: as the mesh is)', 'of a scale’s length', 0, 0.5, 0),
            Parameter::number('patches', 'Sprayed in patches', 'of its area (1: all)', 0.15, 1, 1),
            Parameter::lengthMm('patch_mm', 'Patch size', 2, 40, 8),
        ];
    }

    public function through(Surface $surface, Choices $choices, int $seed, OpenSpray $open): array
    {
        $pitch = $choices->number('pitch_mm');
        // Half-width of a strand as a share of the pitch. Common practice, no published source.
        $strand = $choices->number('strand') > 0 ? $choices->number('strand') / 2 : ($choices->word('age') === 'new' ? 0.14 : 0.08);
        $lean = $choices->word('run') === 'tail' ? 0.10 : -0.10;
        // Stretched on the slant, windows stand as lozenges, each row shifted by half a window, two rows to a pitch; square, in columns.
        $square = $choices->word('lie') === 'square';
        $rows = $square ? 1 : 2;
        [$major, $minor] = $square ? [1.0, 0.12] : [1.16, 0.84];
        $window = 0.5 - $strand;
        $edge = 0.13;
        $clear = $window - $edge;

        $columns = $surface->columns;
        $cellMm = $surface->body->lengthMm / $columns;
        $offMm = self::THICK * $strand * $pitch;
        $shift = $open->from === null ? 0.0 : $open->from->alongPerMm * $offMm;
        // Way to the middle of the nearest window along the length, by row parity and column.
        $along = [[], []];
        for ($column = 0; $column < $columns; $column++) {
            $across = (($column + 0.5) * $cellMm - $shift) / $pitch;
            $along[0][] = $across - floor($across + 0.5);
            $along[1][] = $square ? $along[0][$column] : $across - 0.5 - floor($across);
        }
        $arc = $surface->arcMm;
        $perMm = $rows / $pitch;
        $aimed = $open->from?->around !== null;
        [$sin, $cos] = $open->from->around ?? [0.0, 0.0];
        $offRows = $offMm * $perMm;
        $ny = $surface->normalY;
        $nz = $surface->normalZ;
        $through = [];
        // Written out rather than through Cells::each: mesh covers most of the body, and this runs for every cell.
        foreach ($open->all() as $cell => $paint) {
            $column = $cell % $columns;
            // Stretched over the back, it runs along the ridge, and on over it.
            $down = $arc[$cell] * $perMm;
            if ($aimed) {
                // A shadow falls away from the brush, by the tangent of the angle between aim and normal. Over the ridge it
                // finds the same rows.
                $toY = $ny[$cell];
                $toZ = $nz[$cell];
                $facing = $toZ * $cos + $toY * $sin;
                $down -= ($toY * $cos - $toZ * $sin) / ($facing > Aim::FLATTEST ? $facing : Aim::FLATTEST) * $offRows;
                $down = $down < 0 ? -$down : $down;
            }
            $row = (int) ($down + 0.5);
            $dy = ($down - $row) / $rows;
            $dx = $along[$row & 1][$column] + $lean * (0.25 - $dy * $dy);
            $dx = $dx < 0 ? -$dx : $dx;
            $dy = $dy < 0 ? -$dy : $dy;
            $distance = $dx > $dy ? $dx * $major + $dy * $minor : $dx * $minor + $dy * $major;
            if ($distance < $window) {
                $through[$cell] = $distance <= $clear ? $paint : $paint * ($window - $distance) / $edge;
            }
        }

        return $choices->number('patches') < 1 ? self::inPatches($through, $surface, $choices, $seed) : $through;
    }

    /**
     * What is sprayed through it free-hand, here and there.
     *
     * @param array<int, float> $through
     *
     * @return array<int, float>
     */
    private static function inPatches(array $through, Surface $surface, Choices $choices, int $seed): array
    {
        $mottle = new Mottle();
        $patches = $mottle->through($surface, Choices::read($mottle, Node::root([
            'size_mm' => min(20.0, $choices->number('patch_mm') / 2),
            'cover' => min(0.9, $choices->number('patches')),
            'soft' => 1.0,
        ])), $seed, OpenSpray::everywhere($surface));
        foreach ($through as $cell => $share) {
            $through[$cell] = $share * ($patches[$cell] ?? 0.0);
        }

        return $through;
    }
}
