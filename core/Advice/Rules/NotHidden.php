<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice\Rules;

use Hawkbrush\Core\Advice\Finding;
use Hawkbrush\Core\Advice\Fix;
use Hawkbrush\Core\Advice\Painted;
use Hawkbrush\Core\Advice\PaintedCoat;
use Hawkbrush\Core\Advice\Rule;
use Hawkbrush\Core\Advice\Severity;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Coat\Weight;
use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Film\Hiding;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Film\Masstone;
use Hawkbrush\Core\Film\Optics;

/** An opaque base over the whole body that lets the body show through. */
final class NotHidden implements Rule
{
    private const CLEARLY_SHORT = 0.9;

    private const UNSEEN = 2.5;

    private const MOST_COATS = 6;

    /** Thinned by more, a heavy coat runs. */
    private const THIN = 0.3;

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
        if ($ratio >= self::CLEARLY_SHORT || $needed === null || $this->showsNothing($painted, $first, $optics)) {
            return [];
        }

        return [new Finding(
            $this->name(), Severity::Caution, $first->step->id, 'The base does not hide the body',
            \sprintf(
                '%.1f µm dry, where %.1f µm hide black and white alike; the body shows through and joins the colour.',
                $first->step->dryUm(),
                $needed,
            ),
            $this->mend($first->step, $needed),
        )];
    }

    /** A body that is nearly of the colour of its base needs no hiding. */
    private function showsNothing(Painted $painted, PaintedCoat $base, Optics $optics): bool
    {
        $heart = $base->heart();
        if ($heart === null) {
            return false;
        }
        $full = FilmState::ground(Masstone::of($optics)->values);

        return DeltaE2000::between($painted->colour($heart[1])->lab, $painted->colour($full)->lab) < self::UNSEEN;
    }

    /** In as heavy coats as it holds, and in no more than anybody lays. */
    private function mend(Coat $base, float $needed): ?Fix
    {
        $weight = $base->thinning < self::THIN ? Weight::Heavy : Weight::Medium;
        $coats = (int) ceil($needed / ($weight->wetUm() * $base->mixture->solids() * (1 - $base->thinning)));

        return $coats > self::MOST_COATS
            ? null
            : Fix::change(
                \sprintf($coats === 1 ? 'Lay %d %s coat' : 'Lay %d %s coats', $coats, $weight->value),
                $base->id,
                ['coats' => $coats, 'weight' => $weight->value],
            );
    }
}
