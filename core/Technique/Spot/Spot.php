<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\Spot;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Technique\Cells;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Setting;
use Hawkbrush\Core\Technique\Technique;

/** One spot on each side, through a punched card or free-hand; the softer the edge, the further off it was held. */
final readonly class Spot implements Technique
{
    public function name(): string
    {
        return 'spot';
    }

    public function label(): string
    {
        return 'Spot';
    }

    public function how(): string
    {
        return 'Index it on the gill edge and the midline, the same on both sides.';
    }

    public function settings(): array
    {
        return [
            Setting::number('u', 'At', 'of length', 0, 1, 0.29),
            Setting::number('deg', 'Around', 'deg from the back', 0, 180, 68),
            Setting::lengthMm('diameter_mm', 'Diameter', 0.5, 30, 5),
            Setting::number('soft', 'Soft edge', '', 0.05, 1, 0.5),
        ];
    }

    public function touches(): bool
    {
        return false;
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
        $radius = $choices->number('diameter_mm') / 2;
        $u = $choices->number('u');

        return Cells::on($open, Cells::dab($surface, [], $u * $surface->body->lengthMm,
            Cells::yMm($surface, $u, $choices->number('deg')), $radius, max(0.1, $radius * $choices->number('soft'))));
    }
}
