<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Calculator;

use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Node;

/** The air of a room, and whether clear may go on. */
final class ClimateCalculator implements Calculator
{
    public function name(): string
    {
        return 'climate';
    }

    public function shape(): string
    {
        return <<<'TEXT'
            in:  air_c, humidity_percent, surface_c (default: as the air)
            out: dew_point_c, vapour_pressure_kpa, clear_coat_ok (surface at least 3 C above the dew point)
            TEXT;
    }

    public function example(): array
    {
        return ['air_c' => 20, 'humidity_percent' => 50, 'surface_c' => 20];
    }

    public function calculate(Node $in): array
    {
        $in->only(['air_c', 'humidity_percent', 'surface_c']);
        $climate = Climate::read($in);

        return [
            'dew_point_c' => $climate->dewPointC(),
            'vapour_pressure_kpa' => $climate->vapourKpa(),
            'clear_coat_ok' => $climate->clearCoatMayGoOn($in->optional('surface_c')?->number(...Climate::SURFACE_C)),
        ];
    }
}
