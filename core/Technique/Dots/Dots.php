<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\Dots;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Technique\ByHand;
use Hawkbrush\Core\Technique\Cells;
use Hawkbrush\Core\Technique\Chance;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Dabs;
use Hawkbrush\Core\Technique\Grip;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\Parameter;

/** Small opaque spots set one by one with a micro-brush, evenly spread but never in rows. */
final readonly class Dots extends ByHand
{
    public function name(): string
    {
        return 'dots';
    }

    public function label(): string
    {
        return 'Spots with a micro-brush';
    }

    public function how(): string
    {
        return 'Load the tip, touch once and lift straight off; a few plain spots are seen farther than many small ones.';
    }

    public function settings(): array
    {
        return [
            Parameter::lengthMm('diameter_mm', 'Diameter', 0.3, 10, 1.6)->held(Grip::Diameter),
            Parameter::lengthMm('apart_mm', 'Apart', 1, 40, 6),
            Parameter::number('vary', 'Uneven', '', 0, 1, 0.5),
        ];
    }

    public function through(Surface $surface, Choices $choices, int $seed, OpenSpray $open): array
    {
        $chance = new Chance($seed);
        [$across, $top, $tall] = Cells::side($surface);
        $apart = $choices->number('apart_mm');
        $vary = $choices->number('vary');
        $marks = new Dabs($surface, $open);
        for ($row = 0; $row * $apart * 0.87 <= $tall; $row++) {
            for ($x = ($row % 2) * $apart / 2; $x <= $across; $x += $apart) {
                $radius = $choices->number('diameter_mm') / 2 * (1 + $vary * $chance->between(-0.5, 0.5));
                $atX = $x + $vary * $apart * $chance->between(-0.4, 0.4);
                $atY = $top + $row * $apart * 0.87 + $vary * $apart * $chance->between(-0.4, 0.4);
                if ($marks->falls($atX, $atY, $chance->between(0, 1))) {
                    $marks->dab($atX, $atY, $radius, max(0.1, $radius * 0.15));
                }
            }
        }

        return $marks->whole();
    }
}
