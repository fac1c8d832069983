<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice\Rules;

use Hawkbrush\Core\Advice\Finding;
use Hawkbrush\Core\Advice\Fix;
use Hawkbrush\Core\Advice\Painted;
use Hawkbrush\Core\Advice\Rule;
use Hawkbrush\Core\Advice\Severity;
use Hawkbrush\Core\Advice\WhiteUnder;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Colour\Lab;
use Hawkbrush\Core\Film\Film;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Film\Optics;

/** Over what lies below, a colour comes out in another hue than over white. */
final class ColourTurns implements Rule
{
    private const TURNED_DEG = 14.0;

    /** Under this chroma nobody calls a hue. */
    private const COLOURFUL = 9.0;

    /** More coats than this nobody lays to win a colour back. */
    private const MOST_COATS = 6;

    public function name(): string
    {
        return 'colour-turns';
    }

    public function check(Painted $painted): array
    {
        $findings = [];
        foreach ($painted->coats as $coat) {
            $optics = $coat->step->optics();
            $heart = $coat->heart();
            if ($optics === null || $heart === null) {
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
            $turn = $this->turn($wanted, $comes);
            if (min($wanted->chroma(), $comes->chroma()) < self::COLOURFUL || abs($turn) < self::TURNED_DEG) {
                continue;
            }
            $coats = $this->coatsToWin(
                $painted,
                $coat->step->coats,
                $coat->step->dryUm() / $coat->step->coats,
                $wanted,
                $heart[0],
                $optics,
            );
            $findings[] = new Finding(
                $this->name(), Severity::Hint, $coat->step->id,
                \sprintf('This will read %s than its swatch', $this->word($wanted->hue(), $turn)),
                \sprintf('Over what lies below the hue turns %d degrees (%d to %d), chroma %d instead of %d.',
                    round(abs($turn)), round($wanted->hue()), round($comes->hue()), round($comes->chroma()), round($wanted->chroma())),
                $this->mend($painted, $coat->step, $coats),
            );
        }

        return $findings;
    }

    /** More coats where they win the colour back; else white under it; else there is no saving it. */
    private function mend(Painted $painted, Coat $step, ?int $coats): Fix
    {
        if ($coats !== null) {
            return Fix::change(\sprintf('Lay %d coats', $coats), $step->id, ['coats' => $coats]);
        }
        $white = WhiteUnder::step($painted->white(), $painted->document($step));

        return $white === null
            ? Fix::change('Switch it off', $step->id, ['on' => false])
            : Fix::before('Put white under it', $step->id, $white);
    }

    private function turn(Lab $from, Lab $to): float
    {
        $turn = $to->hue() - $from->hue();

        return $turn > 180 ? $turn - 360 : ($turn < -180 ? $turn + 360 : $turn);
    }

    private function coatsToWin(Painted $painted, int $coats, float $coatUm, Lab $wanted, FilmState $ground, Optics $optics): ?int
    {
        for ($more = $coats + 1; $more <= self::MOST_COATS; $more++) {
            $comes = $painted->colour($ground->under(Film::of($optics, $coatUm * $more)))->lab;
            if (abs($this->turn($wanted, $comes)) < self::TURNED_DEG / 2 && $comes->chroma() > self::COLOURFUL) {
                return $more;
            }
        }

        return null;
    }

    /** The colour it moves towards, as painters say it: the next one on the hue circle in the direction of the turn. */
    private function word(float $from, float $turn): string
    {
        return $turn > 0
            ? match (true) {
                $from < 40 => 'more orange',
                $from < 150 => 'greener',
                $from < 250 => 'bluer',
                $from < 315 => 'more violet',
                default => 'redder',
            }
        : match (true) {
            $from < 30 => 'pinker',
            $from < 65 => 'redder',
            $from < 100 => 'more orange',
            $from < 160 => 'yellower',
            $from < 250 => 'greener',
            $from < 315 => 'bluer',
            default => 'more violet',
        };
    }
}
