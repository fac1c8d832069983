<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\Mesh;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Setting;
use Hawkbrush\Core\Technique\Technique;

/**
 * Scale mesh stretched tight: staggered windows between strands. New mesh leaves broad veins; mesh stiff with old paint
 * leaves finer ones. Strands keep paint off the side turned away from the aim a little longer, so the windows lean.
 */
final readonly class Mesh implements Technique
{
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

    public function settings(): array
    {
        return [
            Setting::lengthMm('pitch_mm', 'Scale length', 0.8, 12, 3),
            Setting::choice('age', 'Mesh', ['new', 'stiff']),
            Setting::choice('run', 'Scales open towards', ['tail', 'nose']),
        ];
    }

    public function touches(): bool
    {
        return true;
    }

    public function sprayed(): bool
    {
        return true;
    }

    public function mirrored(): bool
    {
        return true;
    }

    public function through(Surface $surface, Choices $choices, int $seed, array $open): array
    {
        $pitch = $choices->number('pitch_mm');
        // Half-width of a strand as a share of the pitch. Common practice, no published source.
        $strand = $choices->word('age') === 'new' ? 0.14 : 0.08;
        $lean = $choices->word('run') === 'tail' ? 0.10 : -0.10;
        $tall = $pitch;
        $window = 0.5 - $strand;
        $edge = 0.13;
        $clear = $window - $edge;

        $columns = $surface->columns;
        $cellMm = $surface->body->lengthMm / $columns;
        $arc = $surface->arcMm;
        $flank = $surface->flankMm;
        $through = [];
        // Written out rather than through Cells::each: mesh covers most of the body, and this runs for every cell.
        foreach ($open as $cell => $paint) {
            $column = $cell % $columns;
            $down = ($arc[$cell] - $flank[$column]) / $tall;
            $row = (int) floor($down * 2 + 0.5);
            $dy = $down - $row / 2;
            $across = ($column + 0.5) * $cellMm / $pitch - ($row & 1 ? 0.5 : 0.0);
            $dx = $across - floor($across + 0.5) + $lean * (0.25 - $dy * $dy);
            $dx = $dx < 0 ? -$dx : $dx;
            $dy = $dy < 0 ? -$dy : $dy;
            // Windows are lozenges with rounded corners, two rows to a pitch.
            $distance = ($dx + $dy) * 0.84 + 0.32 * ($dx > $dy ? $dx : $dy);
            if ($distance < $window) {
                $through[$cell] = $distance <= $clear ? $paint : $paint * ($window - $distance) / $edge;
            }
        }

        return $through;
    }
}
