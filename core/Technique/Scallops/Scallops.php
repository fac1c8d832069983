<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\Scallops;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Flat\Arc;
use Hawkbrush\Core\Flat\Shape;
use Hawkbrush\Core\Technique\Anchor;
use Hawkbrush\Core\Technique\Cells;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Cut;
use Hawkbrush\Core\Technique\Indexed;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\Setting;
use Hawkbrush\Core\Technique\Stencil;

/** A row stencil of scallops moved down the side: each leaves the rim of a scale, hard outside and soft inside. */
final readonly class Scallops extends Stencil implements Cut, Indexed
{
    /** Rows lie so far apart, as a share of a scale's length. */
    private const ROW = 0.62;

    public function name(): string
    {
        return 'scallops';
    }

    public function label(): string
    {
        return 'Scallop rows through a stencil';
    }

    public function how(): string
    {
        return 'Aim at the edge of the opening; index each row on the last scallop of the row before.';
    }

    public function settings(): array
    {
        return [
            Setting::lengthMm('scale_mm', 'Scale length', 1.5, 20, 5),
            Setting::lengthMm('rim_mm', 'Rim', 0.3, 8, 1.4),
            Setting::choice('run', 'Rims towards', ['tail', 'nose']),
        ];
    }

    public function anchors(Body $body, Choices $choices): array
    {
        return [new Anchor('middle of the first scallop, middle row', $body->marks->gillU, 90)];
    }

    /** One row along the side, its scallops pointing to where the rims do; the strip is moved from row to row. */
    public function cut(Surface $surface, Choices $choices, int $seed): Shape
    {
        $scale = $choices->number('scale_mm');
        $count = max(1, (int) ceil($surface->body->lengthMm * 0.8 / $scale));
        $bow = $choices->word('run') === 'tail';
        $edge = [[0.0, 0.0]];
        for ($i = 0; $i < $count; $i++) {
            array_push($edge, ...Arc::chords([$i * $scale, 0.0], [($i + 1) * $scale, 0.0], $scale / 2, $scale / 2, 0, false, ! $bow));
        }

        return Shape::of([[...$edge, [$count * $scale, -2 * $scale], [0.0, -2 * $scale]]])->moved($surface->body->marks->gillU * $surface->body->lengthMm - $scale / 2, 0);
    }

    public function through(Surface $surface, Choices $choices, int $seed, OpenSpray $open): array
    {
        $scale = $choices->number('scale_mm');
        $radius = $scale / 2;
        $rim = min($choices->number('rim_mm'), $radius);
        $step = $scale * self::ROW;
        $gill = $surface->body->marks->gillU * $surface->body->lengthMm;
        $way = $choices->word('run') === 'tail' ? 1 : -1;

        return Cells::each($surface, $open, static function (float $x, float $y) use ($gill, $scale, $radius, $rim, $step, $way): float {
            $share = 0.0;
            // Rows overlap: those within a radius of here.
            $last = (int) floor(($y + $radius) / $step);
            for ($row = (int) ceil(($y - $radius) / $step); $row <= $last; $row++) {
                $dy = $y - $row * $step;
                $across = ($x - $gill) / $scale - ($row & 1 ? 0.5 : 0.0);
                $dx = ($across - round($across)) * $scale * $way;
                $distance = sqrt($dx * $dx + $dy * $dy);
                if ($distance <= $radius && $dx > 0) {
                    $share = max($share, 1 - ($radius - $distance) / $rim);
                }
            }

            return max(0.0, $share);
        });
    }
}
