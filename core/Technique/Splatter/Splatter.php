<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\Splatter;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Technique\Cells;
use Hawkbrush\Core\Technique\Chance;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Dabs;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\Parameter;
use Hawkbrush\Core\Technique\Press;
use Hawkbrush\Core\Technique\Splattered;
use Hawkbrush\Core\Technique\Technique;
use Hawkbrush\Core\Technique\Tool;

/** Drops thrown by low pressure, a flicked toothbrush or a stub-cut brush; the hand will differ from the picture. */
final readonly class Splatter implements Technique, Splattered
{
    /** The air at which drops are as large as they are set: 1 to 3 psi is common practice, no published source. */
    private const ORDINARY_PSI = 2.0;

    /** Smaller drops that come with each. */
    private const COMPANY = ['low air' => 0, 'toothbrush' => 2, 'stub brush' => 4];

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
        return 'At 1 to 3 psi the airbrush spits specks; a stiff brush throws them too. Throw a few on paper first, then dry the bait before you touch it.';
    }

    public function settings(): array
    {
        return [
            Parameter::lengthMm('drop_mm', 'Drop size (air at 2 psi)', 0.2, 4, 0.8),
            Parameter::number('per_cm2', 'Drops', 'per cm2', 0.5, 60, 8),
            Parameter::choice('by', 'Thrown by', ['low air', 'toothbrush', 'stub brush']),
        ];
    }

    public function byAir(Choices $choices): bool
    {
        return $choices->word('by') === 'low air';
    }

    /** The harder it blows the finer the drops: as the root of the pressure, a guess of our own. */
    public function atPsi(Choices $choices, float $psi): Choices
    {
        return $this->byAir($choices) ? $choices->scaled($this, sqrt(self::ORDINARY_PSI / $psi)) : $choices;
    }

    public function tool(): Tool
    {
        return Tool::Airbrush;
    }

    public function press(): Press
    {
        return Press::None;
    }

    public function sprayed(): bool
    {
        return false;
    }

    public function mirrored(): bool
    {
        return false;
    }

    public function through(Surface $surface, Choices $choices, int $seed, OpenSpray $open): array
    {
        $chance = new Chance($seed);
        $drop = $choices->number('drop_mm');
        [$length, $top, $reach] = Cells::side($surface);
        $count = (int) round(
            $choices->number('per_cm2') * $length * $reach / 100 / (
                1 + ($choices->word('by') === 'stub brush' ? self::COMPANY['stub brush'] : 0)
            ),
        );
        $marks = new Dabs($surface, $open);
        for ($i = 0; $i < $count; $i++) {
            // Many small drops, few large ones.
            $radius = $drop / 2 * (0.35 + 1.1 * $chance->between(0, 1) ** 3);
            $x = $chance->between(0, $length);
            $y = $chance->between($top, $top + $reach);
            if (! $marks->falls($x, $y, $chance->between(0, 1))) {
                continue;
            }
            $marks->dab($x, $y, $radius, max(0.08, $radius * 0.25));
            // A toothbrush flicks drops with tails; a stub brush throws them in handfuls.
            for ($more = self::COMPANY[$choices->word('by')]; $more > 0; $more--) {
                [$dx, $dy, $share] = $choices->word('by') === 'toothbrush'
                    ? [$more * $radius * 0.9, $more * $radius * 0.35, 0.75 - 0.2 * $more]
                    : [$chance->between(-4, 4) * $drop, $chance->between(-4, 4) * $drop, $chance->between(0.3, 0.8)];
                $marks->dab($x + $dx, $y + $dy, $radius * $share, max(0.06, $radius * 0.2));
            }
        }

        return $marks->whole();
    }
}
