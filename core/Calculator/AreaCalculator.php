<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Calculator;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Measure;
use Hawkbrush\Core\Body\Zone;
use Hawkbrush\Core\Node;

/** Area and volume of a body, and the area of its zones. */
final class AreaCalculator implements Calculator
{
    public function name(): string
    {
        return 'area';
    }

    public function shape(): string
    {
        return <<<'TEXT'
            in:  body: {length_mm, exponent, stations: [[u, top_mm, bottom_mm, half_width_mm]]}
            out: area_mm2, volume_mm3, zones {name: mm2}; flat ends are not counted, zones overlap and fade
            TEXT;
    }

    public function example(): array
    {
        return ['body' => Examples::body()];
    }

    public function calculate(Node $in): array
    {
        $body = Body::read($in->only(['body'])->field('body'));
        $zones = Measure::zonesMm2($body);
        unset($zones[Zone::Whole->value]);

        return ['area_mm2' => Measure::areaMm2($body), 'volume_mm3' => Measure::volumeMm3($body), 'zones' => $zones];
    }
}
