<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\Splatter;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Technique\Cells;
use Hawkbrush\Core\Technique\Chance;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Setting;
use Hawkbrush\Core\Technique\Technique;

/** Drops thrown by low pressure, a flicked toothbrush or a stub-cut brush; the hand will differ from the picture. */
final readonly class Splatter implements Technique
{
    public function name(): string
    {
        return 'splatter';
    }

    public function label(): string
    {
        return 'Splatter';
    }

    public function how(): string
    {
        return 'Try it on the table first; set it at once so that it does not smear.';
    }

    public function settings(): array
    {
        return [
            Setting::lengthMm('drop_mm', 'Drop size', 0.2, 4, 0.8),
            Setting::number('per_cm2', 'Drops', 'per cm2', 0.5, 60, 8),
        ];
    }

    public function touches(): bool
    {
        return false;
    }

    public function sprayed(): bool
    {
        return false;
    }

    public function mirrored(): bool
    {
        return false;
    }

    public function through(Surface $surface, Choices $choices, int $seed, array $open): array
    {
        $chance = new Chance($seed);
        $drop = $choices->number('drop_mm');
        $length = $surface->body->lengthMm;
        $reach = max([1.0, ...$surface->arcMm]);
        $lowest = max([1.0, ...$surface->flankMm]);
        $count = (int) round($choices->number('per_cm2') * $length * $reach / 100);
        $marks = [];
        for ($i = 0; $i < $count; $i++) {
            // Many small drops, few large ones.
            $radius = $drop / 2 * (0.35 + 1.1 * $chance->between(0, 1) ** 3);
            $marks = Cells::dab($surface, $marks, $chance->between(0, $length), $chance->between(-$lowest, $reach - $lowest), $radius, max(0.08, $radius * 0.25));
        }

        return Cells::on($open, $marks);
    }
}
