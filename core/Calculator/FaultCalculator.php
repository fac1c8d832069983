<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Calculator;

use Hawkbrush\Core\Air\Circumstances;
use Hawkbrush\Core\Air\Diagnosis;
use Hawkbrush\Core\Air\Fault;
use Hawkbrush\Core\Air\Pressure;
use Hawkbrush\Core\Air\SprayWork;
use Hawkbrush\Core\Coat\CoatDocument;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Exchange\SprayingReader;
use Hawkbrush\Core\Node;

/** What may be behind a fault, in the order to try. */
final class FaultCalculator implements Calculator
{
    private const MOST_MINUTES = 1440;

    public function name(): string
    {
        return 'fault';
    }

    public function shape(): string
    {
        return <<<'TEXT'
            in:  fault: spider legs, creep, spit, grain, dry tip, clog, pulsing, blur under a mask, lifted colour, print of a mesh,
                 halo, wrinkle, run or sponge blob; work (default coat), kind, psi (default: what the work wants), thinning_percent,
                 nozzle_mm, minutes_since_strip, air_c, humidity_percent
            out: causes [{cause, share, try, sets}] in the order to try
            TEXT;
    }

    public function example(): array
    {
        return [
            'fault' => 'spider legs', 'work' => 'coat', 'kind' => 'transparent', 'psi' => 25, 'thinning_percent' => 60, 'nozzle_mm' => 0.35,
        ];
    }

    public function calculate(Node $in): array
    {
        $in->only([...SprayingReader::FIELDS, 'fault', 'psi', 'minutes_since_strip', 'air_c', 'humidity_percent']);
        $spraying = SprayingReader::read($in, SprayWork::Coat);
        $air = $in->optional('air_c')?->number(...Climate::ROOM_C);
        $humidity = $in->optional('humidity_percent')?->number(...Climate::HUMIDITY_PERCENT);
        $at = new Circumstances(
            $spraying,
            $in->optional('psi')?->number(...CoatDocument::fields()->of('psi')->bounds()) ?? Pressure::window($spraying)->set,
            minutesSinceStrip: $in->optional('minutes_since_strip')?->number(0, self::MOST_MINUTES),
            airC: $air,
            humidityPercent: $humidity,
        );

        return ['causes' => array_map(static fn(Diagnosis $one): array => [
            'cause' => $one->cause->value,
            'share' => round($one->share, 4),
            'try' => $one->cause->try(),
            'sets' => (object) $one->sets,
        ], Diagnosis::of(Fault::from($in->field('fault')->choice(Fault::names())), $at))];
    }
}
