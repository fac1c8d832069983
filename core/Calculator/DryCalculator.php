<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Calculator;

use Hawkbrush\Core\Drying\Airflow;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Drying\Evaporation;
use Hawkbrush\Core\Node;

/** How long a water-borne coat takes to set. */
final class DryCalculator implements Calculator
{
    public function name(): string
    {
        return 'dry';
    }

    public function shape(): string
    {
        return <<<'TEXT'
            in:  wet_um, volatile_fraction (0 to 1), air_c, humidity_percent, air_speed_m_s (default 0), surface_c (default: as the air)
            out: touch_dry_s, mask_safe_s; either null with a reason when that takes more than a day in this air; wet_c: how warm the
                 coat is while it is wet, under a dryer no warmer than the wet bulb of its air
            TEXT;
    }

    public function example(): array
    {
        return [
            'wet_um' => 9,
            'volatile_fraction' => 0.65,
            'air_c' => 21,
            'humidity_percent' => 50,
            'air_speed_m_s' => 0,
            'surface_c' => 21,
        ];
    }

    public function calculate(Node $in): array
    {
        $in->only(['wet_um', 'volatile_fraction', 'air_c', 'humidity_percent', 'air_speed_m_s', 'surface_c']);
        $climate = Climate::read($in);
        $speed = $in->optional('air_speed_m_s')?->number(0, 50) ?? 0.0;
        $surface = $in->optional('surface_c')?->number(...Climate::SURFACE_C);
        // Warmer than the room in moving air: under a dryer.
        $air = $speed > 0 && $surface !== null && $surface > $climate->airC
            ? Airflow::hot($speed, $surface, $climate->airC, $climate->vapourKpa()) : Airflow::of($speed, $surface);
        $wet = $in->field('wet_um')->number(0, 10_000);
        $volatile = $in->field('volatile_fraction')->number(0, 1);
        $touch = Evaporation::touchDryS($wet, $volatile, $climate, $air);
        $safe = Evaporation::maskSafeS($wet, $volatile, $climate, $air);

        return [
            'touch_dry_s' => $touch,
            'mask_safe_s' => $safe,
            'wet_c' => $air->surfaceC ?? $climate->airC,
            'reason' => $touch === null || $safe === null ? Evaporation::whyNot($climate, $air) : null,
        ];
    }
}
