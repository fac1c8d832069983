<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice\Rules;

use Hawkbrush\Core\Advice\Finding;
use Hawkbrush\Core\Advice\Fix;
use Hawkbrush\Core\Advice\Painted;
use Hawkbrush\Core\Advice\Rule;
use Hawkbrush\Core\Advice\Severity;
use Hawkbrush\Core\Clear\Chemistry;
use Hawkbrush\Core\Clear\Clear;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Coat\Hazard;
use Hawkbrush\Core\Step\Step;
use Hawkbrush\Core\Technique\Tool;

/** A clear that does not bear what lies below it: pen ink and decals under epoxy, solvent, a hard clear that is not dull. */
final class SealFirst implements Rule
{
    public function name(): string
    {
        return 'seal-first';
    }

    public function check(Painted $painted): array
    {
        $findings = [];
        $below = [];
        foreach ($painted->recipe->enabled() as $step) {
            $clear = $step->clear();
            if ($clear === null) {
                $below = [...self::afterSanding($below, $step), ...self::laid($step->coat())];

                continue;
            }
            foreach (array_unique($below) as $what) {
                $over = Chemistry::over($clear, $what);
                if ($over->verdict !== Chemistry::SAFE) {
                    $findings[] = new Finding(
                        $this->name(), $over->verdict === Chemistry::NEVER ? Severity::Stop : Severity::Caution, $step->id,
                        ucfirst($clear->value).' over '.$what, ucfirst("{$clear->value} {$over->reason}."), self::mend($step, $over),
                    );
                    break;
                }
            }
            // What is sealed counts no more; what lies on top now is this clear.
            $below = [$clear->value];
        }

        return $findings;
    }

    /** @return list<string> what a coat leaves to be cleared, in the words that chemistry knows */
    private static function laid(?Coat $coat): array
    {
        return match (true) {
            $coat === null => [],
            $coat->technique->tool() === Tool::Pen => [$coat->mixture->most()->family.' by pen'],
            $coat->technique->name() === 'decal' => ['decal'],
            $coat->mixture->needsSolvent() => [$coat->mixture->most()->family],
            default => [],
        };
    }

    private static function mend(Step $step, Chemistry $over): Fix
    {
        $sand = ['type' => 'prep', 'title' => 'Sand dull', 'task' => 'Sand the clear dull, fine and wet, and wipe it.', 'minutes' => 5];
        $seal = ['type' => 'clear', 'title' => 'Seal', 'clear' => Clear::Acrylic->value, 'coats' => 1];

        return str_contains($over->reason, 'dull')
            ? Fix::before('Sand it dull first', $step->id, $sand)
            : Fix::before('Seal it first', $step->id, $seal);
    }

    /**
     * Sanding dulls a hard clear; ink and decals stay what they are.
     *
     * @param list<string> $below
     *
     * @return list<string>
     */
    private static function afterSanding(array $below, Step $step): array
    {
        $sands = $step->coat() === null && \in_array(Hazard::Dust, $step->hazards(), true);

        return $sands ? array_values(array_diff($below, Clear::names())) : $below;
    }
}
