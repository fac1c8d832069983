<?php

declare(strict_types=1);

namespace Database\Seeders;

/** The invented patterns of the demo: four schools (white, pearl, black and metal base). */
final class DemoPatterns
{
    /** @return list<array{name: string, species: string, water: string, notes: string, body: string, steps: list<array<string, mixed>>}> */
    public static function all(): array
    {
        return [
            DemoPatternsSilver::roach(),
            DemoPatternsSpotted::char(),
            DemoPatternsSilver::bleak(),
            DemoPatternsSpotted::burbot(),
            DemoPatternsBarred::zander(),
            DemoPatternsSilver::rudd(),
            DemoPatternsBarred::gudgeon(),
            ...DemoPatternsByHand::all(),
            DemoPatternsSoft::sandEel(),
        ];
    }
}
