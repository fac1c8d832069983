<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\Sponge;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Technique\ByHand;
use Hawkbrush\Core\Technique\Cells;
use Hawkbrush\Core\Technique\Chance;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Dabs;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\Parameter;
use Hawkbrush\Core\Technique\Tool;

/** Light dabs with a damp sponge, blotted nearly dry: each leaves a cluster of uneven specks. */
final readonly class Sponge extends ByHand
{
    private const SPECKS = 16;

    public function name(): string
    {
        return 'sponge';
    }

    public function label(): string
    {
        return 'Sponge';
    }

    public function how(): string
    {
        return 'Take most of the paint out on paper, dab lightly, and turn the sponge so that no print repeats.';
    }

    public function tool(): Tool
    {
        return Tool::Sponge;
    }

    public function settings(): array
    {
        return [
            Parameter::lengthMm('dab_mm', 'Dab', 1, 30, 7),
            Parameter::lengthMm('pore_mm', 'Specks', 0.2, 5, 0.9),
            Parameter::number('per_cm2', 'Dabs', 'per cm2', 0.2, 20, 2.5),
        ];
    }

    public function through(Surface $surface, Choices $choices, int $seed, OpenSpray $open): array
    {
        [$across, $top, $tall] = Cells::side($surface);
        $pore = $choices->number('pore_mm') / 2;
        $wide = $choices->number('dab_mm') / 2;
        $dabs = (int) ceil($choices->number('per_cm2') * $across * $tall / 100);
        $shares = (new Chance($seed))->shares($dabs * (2 + 3 * self::SPECKS));
        $marks = new Dabs($surface, $open);
        for ($dab = 0, $at = 0; $dab < $dabs; $dab++) {
            $x = $across * $shares[$at++];
            $y = $top + $tall * $shares[$at++];
            if (! $marks->reaches($y, $wide + 3 * $pore)) {
                $at += 3 * self::SPECKS;

                continue;
            }
            for ($i = 0; $i < self::SPECKS; $i++) {
                $radius = $pore * (0.4 + 1.1 * $shares[$at++]);
                $away = $wide * sqrt($shares[$at++]);
                $angle = 2 * M_PI * $shares[$at++];
                $marks->dab($x + $away * cos($angle), $y + $away * sin($angle), $radius, max(0.1, $radius * 0.4));
            }
        }

        return $marks->through();
    }
}
