<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Calculator;

use Hawkbrush\Core\Air\CleanOut;
use Hawkbrush\Core\Air\InCup;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Node;

/** How an airbrush is cleaned between two paints. */
final class CleanCalculator implements Calculator
{
    /** Reflectance of the white base that the second paint is held on. */
    private const WHITE = 0.85;

    public function name(): string
    {
        return 'clean';
    }

    public function shape(): string
    {
        return <<<'TEXT'
            in:  from, to: paints; dry_um: film of the second (default: its ordinary coat, over a white base)
            out: level: blow, rinse, flush or strip; delta_e {blow, rinse, flush, strip} of the second paint with what each leaves
                 of the first;
                 minutes, cleaner_ml, reasons []
            TEXT;
    }

    public function example(): array
    {
        return ['from' => ['hex' => '#18191a', 'kind' => 'opaque'], 'to' => ['hex' => '#f2f2ee', 'kind' => 'opaque']];
    }

    public function calculate(Node $in): array
    {
        $in->only(['from', 'to', 'dry_um']);
        $from = self::inCup($in->field('from'));
        $to = self::inCup($in->field('to'));
        $clean = CleanOut::between(
            $from,
            $to,
            $in->optional('dry_um')?->number(0.01, 1000) ?? $to->kind->ordinaryCoatUm(),
            FilmState::ground(array_fill(0, Spectrum::BANDS, self::WHITE)),
        );

        return [
            'level' => $clean->level->value,
            'delta_e' => array_map(static fn(float $delta): float => round($delta, 3), $clean->deltaE),
            'minutes' => $clean->minutes,
            'cleaner_ml' => $clean->cleanerMl,
            'reasons' => $clean->reasons,
        ];
    }

    private static function inCup(Node $paint): InCup
    {
        return new InCup(
            Optics::read($paint),
            Kind::tryFrom($paint->optional('kind')?->text() ?? '') ?? Kind::Opaque,
            str_contains(mb_strtolower($paint->optional('family')?->text() ?? ''), 'solvent'),
        );
    }
}
