<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\Card;

use Hawkbrush\Core\Body\Smooth;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Technique\Cells;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Setting;
use Hawkbrush\Core\Technique\Technique;

/** The edge of a curved card held behind the gill plate: sharp in front, fading backwards. */
final readonly class Card implements Technique
{
    public function name(): string
    {
        return 'card';
    }

    public function label(): string
    {
        return 'Along a gill card';
    }

    public function how(): string
    {
        return 'Hold the card on the gill edge and spray along its edge.';
    }

    public function settings(): array
    {
        return [
            Setting::number('behind_mm', 'Behind the gill edge', 'mm', -10, 20, 0),
            Setting::lengthMm('width_mm', 'Width', 0.4, 10, 2),
            Setting::number('top_deg', 'Upper end', 'deg', 0, 180, 45),
            Setting::number('bottom_deg', 'Lower end', 'deg', 0, 180, 145),
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
        $edge = $surface->body->marks->gillU * $surface->body->lengthMm + $choices->number('behind_mm');
        $width = $choices->number('width_mm');
        $top = $choices->number('top_deg');
        $bottom = $choices->number('bottom_deg');
        $bow = $surface->body->marks->gillU * $surface->body->lengthMm * 0.16;
        $marks = [];
        $length = $surface->body->lengthMm;
        foreach ($surface->theta as $row => $theta) {
            $tall = Smooth::between($top, $bottom, 18, $theta);
            if ($tall <= 0) {
                continue;
            }
            $at = $edge - $bow * (($theta - 92) / 55) ** 2;
            $first = max(0, (int) floor(($at - 0.25) / $length * $surface->columns));
            $last = min($surface->columns - 1, (int) ceil(($at + $width) / $length * $surface->columns));
            for ($column = $first; $column <= $last; $column++) {
                $back = $surface->u[$column] * $length - $at;
                $marks[$row * $surface->columns + $column] = $tall * Smooth::step(-0.25, 0.1, $back) * Smooth::step($width, $width * 0.15, $back);
            }
        }

        return Cells::on($open, $marks);
    }
}
