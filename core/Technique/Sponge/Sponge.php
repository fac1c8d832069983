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
use Hawkbrush\Core\Technique\Setting;

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
        return 'Damp, blotted nearly dry; random light dabs, turned in the hand between them.';
    }

    public function settings(): array
    {
        return [
            Setting::lengthMm('dab_mm', 'Dab', 1, 30, 7),
            Setting::lengthMm('pore_mm', 'Specks', 0.2, 5, 0.9),
            Setting::number('per_cm2', 'Dabs', 'per cm2', 0.2, 20, 2.5),
        ];
    }

    public function through(Surface $surface, Choices $choices, int $seed, OpenSpray $open): array
    {
        $chance = new Chance($seed);
        [$across, $top, $tall] = Cells::side($surface);
        $pore = $choices->number('pore_mm') / 2;
        $wide = $choices->number('dab_mm') / 2;
        $dabs = (int) ceil($choices->number('per_cm2') * $across * $tall / 100);
        $marks = new Dabs($surface, $open);
        for ($dab = 0; $dab < $dabs; $dab++) {
            $x = $chance->between(0, $across);
            $y = $chance->between($top, $top + $tall);
            for ($i = 0; $i < self::SPECKS; $i++) {
                $radius = $pore * $chance->between(0.4, 1.5);
                $away = $wide * sqrt($chance->between(0, 1));
                $angle = $chance->between(0, 2 * M_PI);
                $marks->dab($x + $away * cos($angle), $y + $away * sin($angle), $radius, max(0.1, $radius * 0.4));
            }
        }

        return $marks->through();
    }
}
