<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice\Rules;

use Hawkbrush\Core\Advice\Finding;
use Hawkbrush\Core\Advice\Fix;
use Hawkbrush\Core\Advice\Painted;
use Hawkbrush\Core\Advice\Rule;
use Hawkbrush\Core\Advice\Severity;
use Hawkbrush\Core\Step\Dip\Melt;
use Hawkbrush\Core\Step\Step;

/**
 * A dip into molten vinyl: too hot, it yellows and fumes; too cold, it draws threads and comes out thick; and a hard plastic
 * body softens in it. Common practice, no published source.
 */
final class MoltenVinyl implements Rule
{
    /** A thermometer and a cup are no nearer than this. */
    private const NEAR_C = 4.0;

    public function name(): string
    {
        return 'molten-vinyl';
    }

    public function check(Painted $painted): array
    {
        $body = $painted->recipe->body;
        $softens = ! $body->soft() && str_contains(mb_strtolower($body->material), 'plastic');
        $findings = [];
        foreach ($painted->recipe->enabled() as $step) {
            $meltC = $step->meltC();
            if ($meltC === null) {
                continue;
            }
            $findings[] = $softens ? new Finding(
                $this->name(), Severity::Stop, $step->id, 'Molten vinyl on a hard plastic body',
                \sprintf('At %.0f °C a body of %s softens and its joints open. A dip is for soft bodies.', $meltC, $body->material), null,
            ) : $this->outside($step, $meltC);
        }

        return array_values(array_filter($findings));
    }

    private function outside(Step $step, float $meltC): ?Finding
    {
        $mend = Fix::change(\sprintf('Dip at %.0f °C', (Melt::FROM_C + Melt::TO_C) / 2), $step->id, [
            'melt_c' => round((Melt::FROM_C + Melt::TO_C) / 2),
        ]);

        return match (true) {
            $meltC >= Melt::NEVER_C => new Finding(
                $this->name(), Severity::Stop, $step->id, 'The vinyl is too hot',
                \sprintf('From about %.0f °C it yellows and gives off acid fume; it is dipped at %.0f to %.0f.', Melt::NEVER_C, Melt::FROM_C, Melt::TO_C),
                $mend,
            ),
            $meltC < Melt::FROM_C - self::NEAR_C => new Finding(
                $this->name(), Severity::Caution, $step->id, 'The vinyl is too cold to dip',
                \sprintf('Below about %.0f °C it draws threads and comes out thick and uneven.', Melt::FROM_C),
                $mend,
            ),
            default => null,
        };
    }
}
