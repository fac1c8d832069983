<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice\Rules;

use Hawkbrush\Core\Advice\Finding;
use Hawkbrush\Core\Advice\Fix;
use Hawkbrush\Core\Advice\Painted;
use Hawkbrush\Core\Advice\PaintedCoat;
use Hawkbrush\Core\Advice\Rule;
use Hawkbrush\Core\Advice\Severity;
use Hawkbrush\Core\Advice\WhiteUnder;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Film\Film;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Film\Kind;

/** A bright colour loses much of its chroma to a dark ground: white under it would keep it. */
final class BrighterOverWhite implements Rule
{
    private const LOST_SHARE = 0.4;

    private const BRIGHT = 35.0;

    /** L* under which a coat has made its ground dark, and by how much at least. */
    private const DARK = 35.0;

    private const DARKENED = 25.0;

    public function name(): string
    {
        return 'brighter-over-white';
    }

    public function check(Painted $painted): array
    {
        $findings = [];
        foreach ($painted->coats as $coat) {
            $optics = $coat->step->optics();
            $heart = $coat->heart();
            // Flakes over something dark are meant for their glint.
            if ($optics === null || $heart === null || $optics->glint !== null) {
                continue;
            }
            if ($heart[0]->shines()) {
                continue;
            }
            $white = FilmState::ground(array_fill(0, 31, 0.9));
            $wanted = $painted->colour($white->under(Film::of($optics, $coat->step->dryUm())))->lab;
            $comes = $painted->colour($heart[1])->lab;
            if ($coat->deepens($wanted, $painted->colour($heart[0])->lab, $comes)) {
                continue;
            }
            $lost = $wanted->chroma() - $comes->chroma();
            if ($wanted->chroma() < self::BRIGHT || $lost < self::LOST_SHARE * $wanted->chroma() || $comes->l > $wanted->l) {
                continue;
            }
            $glows = $coat->step->mixture->parts[0][0]->kind === Kind::Fluorescent;
            $dark = $this->darkCoatBelow($painted, $coat);
            $findings[] = new Finding(
                $this->name(), $dark === null ? Severity::Hint : Severity::Caution, $coat->step->id,
                $dark === null ? 'Brighter with white under it' : 'A light coat over a dark one',
                \sprintf('Chroma %d here, %d over white: the ground below takes %d %% of it.%s%s', round($comes->chroma()), round($wanted->chroma()),
                    round(100 * $lost / $wanted->chroma()), $glows ? ' Fluorescents die over dark.' : '',
                    $dark === null ? '' : \sprintf(' It does not undo step %d: light goes on before dark.', $painted->number($dark->step))),
                $this->mend($painted, $coat->step),
            );
        }

        return $findings;
    }

    /** The coat that made a light ground dark where this one is thickest. */
    private function darkCoatBelow(Painted $painted, PaintedCoat $coat): ?PaintedCoat
    {
        $cell = $coat->heartCell();
        for ($below = $coat->previous; $below !== null && $cell !== null; $below = $below->previous) {
            $before = $painted->colour($coat->sideOf($below->before, $cell))->lab->l;
            $after = $painted->colour($coat->sideOf($below->after, $cell))->lab->l;
            if ($after < self::DARK && $before - $after > self::DARKENED) {
                return $below;
            }
        }

        return null;
    }

    private function mend(Painted $painted, Coat $step): Fix
    {
        $white = WhiteUnder::step($painted->white(), $painted->document($step));

        return $white === null
            ? Fix::change('Switch it off', $step->id, ['on' => false])
            : Fix::before('Put white under it', $step->id, $white);
    }
}
