<?php

declare(strict_types=1);

namespace Database\Seeders;

/** Patterns of the demo as recipe documents that bring their paints and bodies: samples for a shop that begins. */
final class SampleRecipes
{
    /** @return non-empty-array<int, array<string, mixed>> */
    public static function all(): array
    {
        $paints = array_map(
            static fn(array $one): array => ['name' => $one[0], 'kind' => $one[1], 'hex' => $one[2], 'solids' => $one[3]],
            DemoStores::paints(),
        );
        $bodies = DemoBodies::all();

        return array_map(static fn(array $pattern): array => [
            ...$pattern,
            'body' => $bodies[$pattern['body']][0],
            'paints' => $paints,
        ], [
            DemoPatternsSilver::roach(),
            DemoPatternsSilver::bleak(),
            DemoPatternsSpotted::char(),
            DemoPatternsSpotted::burbot(),
            DemoPatternsBarred::zander(),
            DemoPatternsBarred::gudgeon(),
        ]);
    }
}
