<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice\Rules;

use Hawkbrush\Core\Advice\Finding;
use Hawkbrush\Core\Advice\Fix;
use Hawkbrush\Core\Advice\Painted;
use Hawkbrush\Core\Advice\Rule;
use Hawkbrush\Core\Advice\Severity;
use Hawkbrush\Core\Clear\Clear;
use Hawkbrush\Core\Step\Step;
use Hawkbrush\Core\Technique\Tool;

/**
 * A coat over the last clear: nothing protects it from teeth, rocks and hands. A tip that is dipped in its colour at the end is
 * its own skin. Common practice, no published source.
 */
final class OverClear implements Rule
{
    public function name(): string
    {
        return 'over-clear';
    }

    public function check(Painted $painted): array
    {
        $steps = $painted->recipe->enabled();
        $clears = array_keys(array_filter($steps, static fn(Step $step): bool => $step->clear() !== null));
        if ($clears === []) {
            return [];
        }
        $last = end($clears);
        // Layers of one clear stand together: a coat goes below the first of them.
        $first = $last;
        while ($first > 0 && $steps[$first - 1]->coat() === null) {
            $first--;
        }
        while ($steps[$first]->clear() === null) {
            $first++;
        }
        $findings = [];
        foreach (\array_slice($steps, $last + 1) as $step) {
            $coat = $step->coat();
            if ($coat !== null && ! \in_array($coat->technique->tool(), [Tool::Dip, Tool::Melt], true)) {
                // A thin acrylic may be a seal on the way, with the clear still to come.
                $seal = $steps[$last]->clear() === Clear::Acrylic;
                $findings[] = new Finding(
                    $this->name(), $seal ? Severity::Hint : Severity::Caution, $step->id, 'A coat over the last clear',
                    'No clear follows it, so nothing protects it: it scratches off.',
                    $seal ? null : Fix::move('Move it before the clear', $step->id, $steps[$first]->id),
                );
            }
        }

        return $findings;
    }
}
