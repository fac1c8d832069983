<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\Fan;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Flat\Arc;
use Hawkbrush\Core\Flat\Shape;
use Hawkbrush\Core\Technique\Anchor;
use Hawkbrush\Core\Technique\Cells;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Cut;
use Hawkbrush\Core\Technique\Grip;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\Parameter;
use Hawkbrush\Core\Technique\Placed;
use Hawkbrush\Core\Technique\Stencil;

/** A fin through a fan stencil with rays: from its root it opens backwards and downwards, and fades towards its edge. */
final readonly class Fan extends Stencil implements Cut, Placed
{
    /** Rays begin so far from the root, so that the stencil holds together. */
    private const BRIDGE = 0.12;

    public function name(): string
    {
        return 'fan';
    }

    public function label(): string
    {
        return 'Fin through a fan stencil';
    }

    public function how(): string
    {
        return 'Index the root of the fan on the gill edge or a hook hanger, the same on both sides; aim at the root.';
    }

    public function settings(): array
    {
        return [
            ...self::fin(),
            Parameter::number('rays', 'Rays (0: none)', '', 0, 24, 7),
        ];
    }

    /** @return list<Parameter> where a fin stands and how it opens */
    public static function fin(): array
    {
        return [
            Parameter::number('u', 'Root at', 'of length', 0, 1, 0.3)->held(Grip::Along),
            Parameter::number('deg', 'Around', 'deg from the back', 0, 180, 118)->held(Grip::Around),
            Parameter::lengthMm('length_mm', 'Length', 1, 60, 9)->held(Grip::LengthFromRoot),
            Parameter::number('spread_deg', 'Opens by', 'deg', 5, 170, 55)->held(Grip::Spread),
            Parameter::number('turn_deg', 'Turned down by', 'deg from straight back', -90, 90, 30)->held(Grip::Turn),
        ];
    }

    public function anchors(Body $body, Choices $choices): array
    {
        return [new Anchor('root of the fin', $choices->number('u'), $choices->number('deg'))];
    }

    /** The whole fin, or a slot for each ray. */
    public function cut(Surface $surface, Choices $choices, int $seed): Shape
    {
        $u = $choices->number('u');
        $x = $u * $surface->body->lengthMm;
        $y = Cells::yMm($surface, $u, $choices->number('deg'));
        $length = $choices->number('length_mm');
        $spread = $choices->number('spread_deg');
        $first = $choices->number('turn_deg') - $spread / 2;
        $rays = (int) round($choices->number('rays'));
        if ($rays < 2) {
            return Shape::of([self::sector($x, $y, 0, $length, $first, $first + $spread)]);
        }
        $step = $spread / ($rays - 1);

        return Shape::of(array_map(
            static fn(int $i): array => self::sector(
                $x,
                $y,
                self::BRIDGE * $length,
                $length,
                $first + $step * ($i - 0.25),
                $first + $step * ($i + 0.25),
            ),
            range(0, $rays - 1),
        ));
    }

    /** @return list<array{float, float}> */
    private static function sector(float $x, float $y, float $from, float $to, float $firstDeg, float $lastDeg): array
    {
        $at = static fn(float $deg, float $r): array => [$x + $r * cos(deg2rad($deg)), $y + $r * sin(deg2rad($deg))];
        $outer = Arc::chords($at($firstDeg, $to), $at($lastDeg, $to), $to, $to, 0, false, true);

        return [$at($firstDeg, $from), $at($firstDeg, $to), ...$outer, ...($from > 0 ? [$at($lastDeg, $from)] : [])];
    }

    public function through(Surface $surface, Choices $choices, int $seed, OpenSpray $open): array
    {
        $length = $choices->number('length_mm');
        $half = deg2rad($choices->number('spread_deg') / 2);
        $turn = deg2rad($choices->number('turn_deg'));
        $rays = (int) round($choices->number('rays'));
        $share = static function (float $dx, float $dy) use ($length, $half, $turn, $rays): float {
            $away = sqrt($dx * $dx + $dy * $dy);
            if ($away > $length || $away < 1e-9) {
                return 0.0;
            }
            $angle = atan2($dy, $dx) - $turn;
            if (abs($angle) > $half) {
                return 0.0;
            }
            $fade = 1 - 0.55 * ($away / $length) ** 2;

            // The first and the last ray are the edges of the fin.
            return $rays < 2 ? $fade : $fade * (0.35 + 0.65 * (0.5 + 0.5 * cos(2 * M_PI * ($rays - 1) * ($angle + $half) / (2 * $half))));
        };

        return Cells::around($surface, $open, $choices->number('u'), $choices->number('deg'), $length, $share);
    }
}
