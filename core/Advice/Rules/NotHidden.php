<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice\Rules;

use Hawkbrush\Core\Advice\Finding;
use Hawkbrush\Core\Advice\Fix;
use Hawkbrush\Core\Advice\Painted;
use Hawkbrush\Core\Advice\Rule;
use Hawkbrush\Core\Advice\Severity;
use Hawkbrush\Core\Film\Hiding;
use Hawkbrush\Core\Film\Kind;

/** An opaque base over the whole body that lets the body show through. */
final class NotHidden implements Rule
{
    private const CLEARLY_SHORT = 0.9;

    public function name(): string
    {
        return 'base-not-hidden';
    }

    public function check(Painted $painted): array
    {
        $first = $painted->coats[0] ?? null;
        $optics = $first?->step->optics();
        if (
            $first === null
            || $optics === null
            || $first->step->mixture->parts[0][0]->kind !== Kind::Opaque
            || $first->step->dryUm() <= 0
        ) {
            return [];
        }
        $ratio = Hiding::contrastRatio($optics, $first->step->dryUm());
        $needed = Hiding::thicknessUm($optics);
        if ($ratio >= self::CLEARLY_SHORT || $needed === null) {
            return [];
        }
        $coats = min(40, (int) ceil($needed / ($first->step->dryUm() / $first->step->coats)));

        return [new Finding(
            $this->name(), Severity::Caution, $first->step->id, 'The base does not hide the body',
            \sprintf('%.1f um dry hides %d %% (98 %% counts as hidden); the body shows through and joins the colour.', $first->step->dryUm(), round($ratio * 100)),
            Fix::change(\sprintf('Lay %d coats', $coats), $first->step->id, ['coats' => $coats]),
        )];
    }
}
