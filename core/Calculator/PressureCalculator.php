<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Calculator;

use Hawkbrush\Core\Air\Factor;
use Hawkbrush\Core\Air\Pressure;
use Hawkbrush\Core\Air\Thinning;
use Hawkbrush\Core\Exchange\SprayingReader;
use Hawkbrush\Core\Node;

/** The air and the thinning for a way of spraying. */
final class PressureCalculator implements Calculator
{
    public function name(): string
    {
        return 'pressure';
    }

    public function shape(): string
    {
        return <<<'TEXT'
            in:  work: base, lay-in, coat, fade, mesh, stencil, dusting, dot or splatter;
                 or, for free spraying, instead of it weight (mist, light, medium, heavy), width_mm (0.5 to 300) and zone;
                 kind (default opaque); thinning_percent (0 to 95, default 0); nozzle_mm (0.1 to 1.5, default 0.35);
                 craft (whether it is craft-store paint, default false)
            out: psi [low, high], set_psi, reasons [{times, why}], thinning {percent [low, high], set_percent, reasons}
            TEXT;
    }

    public function example(): array
    {
        return ['work' => 'coat', 'kind' => 'transparent', 'thinning_percent' => 60, 'nozzle_mm' => 0.35];
    }

    public function calculate(Node $in): array
    {
        $spraying = SprayingReader::read($in->only(SprayingReader::FIELDS));
        $air = Pressure::window($spraying);
        $thinning = Thinning::window($spraying);
        $told = static fn(Factor $factor): array => ['times' => round($factor->times, 4), 'why' => $factor->why];

        return [
            'psi' => [round($air->low, 2), round($air->high, 2)],
            'set_psi' => round($air->set, 2),
            'reasons' => array_map($told, $air->reasons),
            'thinning' => [
                'percent' => [$thinning->low, $thinning->high],
                'set_percent' => $thinning->set,
                'reasons' => array_map($told, $thinning->reasons),
            ],
        ];
    }
}
