<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\Tape;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Smooth;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Technique\Anchor;
use Hawkbrush\Core\Technique\Cells;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Grip;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\Parameter;
use Hawkbrush\Core\Technique\Placed;
use Hawkbrush\Core\Technique\Press;
use Hawkbrush\Core\Technique\Stencil;

/** All but what is taped off: a band along the side with sharp edges, straight or slanted from nose to tail. */
final readonly class Tape extends Stencil implements Placed
{
    /** Paint creeps under the edge of tape by about so much. Common practice, no published source. */
    private const CREEP_MM = 0.15;

    public function name(): string
    {
        return 'tape';
    }

    public function label(): string
    {
        return 'Between tapes';
    }

    public function how(): string
    {
        return 'Let the paint under the tape dry well, rub the edge down, and pull the tape back on itself.';
    }

    public function press(): Press
    {
        return Press::Taped;
    }

    public function settings(): array
    {
        return [
            Parameter::number('top_deg', 'Upper tape', 'deg from the back', 0, 180, 0)->held(Grip::Upper),
            Parameter::number('bottom_deg', 'Lower tape', 'deg from the back', 0, 180, 70)->held(Grip::Lower),
            Parameter::number('from_u', 'From', 'of length', 0, 1, 0)->held(Grip::Front),
            Parameter::number('to_u', 'To', 'of length', 0, 1, 1)->held(Grip::Rear),
            Parameter::lengthMm('slant_mm', 'Falls towards the tail by', 0, 40, 0)->held(Grip::Fall),
        ];
    }

    public function anchors(Body $body, Choices $choices): array
    {
        $middle = ($choices->number('from_u') + $choices->number('to_u')) / 2;
        $edges = ['edge of the upper tape' => $choices->number('top_deg'), 'edge of the lower tape' => $choices->number('bottom_deg')];
        // At the ridge and at the keel there is no tape.
        $taped = array_filter($edges, static fn(float $deg): bool => $deg > 0 && $deg < 180);
        $anchors = array_map(
            static fn(string $what, float $deg): Anchor => new Anchor($what, $middle, $deg),
            array_keys($taped),
            array_values($taped),
        );

        return $anchors === [] ? [new Anchor('middle of the band', $middle, 90)] : $anchors;
    }

    public function through(Surface $surface, Choices $choices, int $seed, OpenSpray $open): array
    {
        $length = $surface->body->lengthMm;
        $from = $choices->number('from_u') <= 0 ? -1.0 : $choices->number('from_u') * $length;
        $to = $choices->number('to_u') >= 1 ? $length + 1 : $choices->number('to_u') * $length;
        $slant = $choices->number('slant_mm');
        $half = self::CREEP_MM / 2;
        $upper = Cells::line($surface, $choices->number('top_deg'));
        $lower = Cells::line($surface, $choices->number('bottom_deg'));
        $along = $top = $bottom = [];
        foreach ($surface->u as $column => $u) {
            $along[] = Smooth::between($from, $to, self::CREEP_MM, $u * $length);
            // As ways from the ridge. At the ridge and at the keel there is no tape.
            $top[] = $choices->number('top_deg') <= 0 ? -1e6 : $upper[$column] + $slant * $u;
            $bottom[] = $choices->number('bottom_deg') >= 180 ? 1e6 : $lower[$column] + $slant * $u;
        }
        $arc = $surface->arcMm;
        $columns = $surface->columns;
        $through = [];
        // Written out rather than through Cells::each: a band may take up most of the side.
        foreach ($open->all() as $cell => $paint) {
            $column = $cell % $columns;
            $way = $arc[$cell];
            if ($way > $top[$column] - $half && $way < $bottom[$column] + $half) {
                $part = $along[$column];
                if ($way < $top[$column] + $half || $way > $bottom[$column] - $half) {
                    $part *= Smooth::between($top[$column], $bottom[$column], self::CREEP_MM, $way);
                }
                if ($part > 0) {
                    $through[$cell] = $paint * $part;
                }
            }
        }

        return $through;
    }
}
