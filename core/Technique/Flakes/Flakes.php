<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\Flakes;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Technique\ByHand;
use Hawkbrush\Core\Technique\Cells;
use Hawkbrush\Core\Technique\Chance;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Dabs;
use Hawkbrush\Core\Technique\LooseFlakes;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\Parameter;
use Hawkbrush\Core\Technique\Tool;

/** Glitter sprinkled into tacky size or wet clear: flakes that lie side by side, each covering what is below it. */
final readonly class Flakes extends ByHand implements LooseFlakes
{
    public function name(): string
    {
        return 'glitter';
    }

    public function label(): string
    {
        return 'Glitter, sprinkled';
    }

    public function how(): string
    {
        return 'Into tacky size or wet clear; tap off what is loose, let it dry, then clear and sand level. Loose flakes float: keep them out of eyes and lungs.';
    }

    public function tool(): Tool
    {
        return Tool::Airbrush;
    }

    public function settings(): array
    {
        return [
            Parameter::number('flake_mm', 'Flake', 'mm', 0.1, 2, 0.4),
            Parameter::number('per_cm2', 'Flakes', 'per cm2', 1, 120, 40),
        ];
    }

    public function through(Surface $surface, Choices $choices, int $seed, OpenSpray $open): array
    {
        [$length, $top, $reach] = Cells::side($surface);
        $radius = $choices->number('flake_mm') / 2;
        $flakes = (int) round($choices->number('per_cm2') * $length * $reach / 100);
        $shares = (new Chance($seed))->shares(3 * $flakes);
        $marks = new Dabs($surface, $open);
        for ($at = 3 * $flakes - 1; $at > 0; $at -= 3) {
            $marks->dab($length * $shares[$at], $top + $reach * $shares[$at - 1], $radius * (0.85 + 0.3 * $shares[$at - 2]), 0.12);
        }

        return $marks->through();
    }
}
