<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice\Rules;

use Hawkbrush\Core\Advice\Finding;
use Hawkbrush\Core\Advice\Fix;
use Hawkbrush\Core\Advice\Painted;
use Hawkbrush\Core\Advice\Rule;
use Hawkbrush\Core\Advice\Severity;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Coat\Weight;
use Hawkbrush\Core\Technique\Tool;

/** A heavy coat through a mask or thinned: it creeps and runs. Depth comes from many thin coats, not from thick ones. */
final class TooThick implements Rule
{
    /** Wet film that a thinned or masked coat holds without creeping, in um. Common practice, no published source. */
    private const HOLDS_UM = 20.0;

    /** Nobody lays more to mend one. */
    private const MOST_COATS = 6;

    public function name(): string
    {
        return 'too-thick-for-one-go';
    }

    public function check(Painted $painted): array
    {
        $findings = [];
        foreach ($painted->coats as $coat) {
            $step = $coat->step;
            $thin = $step->thinning >= 0.3;
            $creeps = $step->technique->press()->masks() || ($thin && $step->technique->tool() === Tool::Airbrush);
            if ($step->wetUm() <= self::HOLDS_UM || ! $creeps) {
                continue;
            }
            $findings[] = new Finding(
                $this->name(), Severity::Caution, $step->id, 'Too much paint for one go',
                \sprintf('%.0f µm wet %s creeps; about %.0f µm holds. The same film in more, thinner coats does not.',
                    $step->wetUm(), $step->technique->press()->masks() ? 'against a mask' : \sprintf(
                        'thinned by %d %%',
                        round($step->thinning * 100),
                    ), self::HOLDS_UM),
                Fix::change('Lay it in medium coats', $step->id, [
                    'weight' => Weight::Medium->value,
                    'coats' => $this->thinner($step),
                ]),
            );
        }

        return $findings;
    }

    /** Medium coats that lay as much, and no more of them than anybody lays to mend one. */
    private function thinner(Coat $step): int
    {
        $coats = (int) ceil($step->coats * $step->wetUm() / Weight::Medium->wetUm());

        return max($step->coats, min(self::MOST_COATS, $coats));
    }
}
