<?php

declare(strict_types=1);

namespace Database\Seeders;

/** The invented rack and body drawer of the invented two-person shop on Sellemere. */
final class DemoStores
{
    /**
     * @return array<string, array{string, string, string, float, float, float}> by key: name, kind, hex as seen under
     *                                                                        clear, solids, bottle ml, ml left
     */
    public static function paints(): array
    {
        return [
            'white' => ['Bench white', 'opaque', '#f0f1ec', 0.42, 60, 38.0],
            'black' => ['Stove black', 'opaque', '#191a1b', 0.38, 60, 41.5],
            'grey' => ['Slate grey', 'opaque', '#66717a', 0.38, 30, 17.0],
            'bone' => ['Old bone', 'opaque', '#ded3b4', 0.40, 30, 22.4],
            'amber' => ['Harvest yellow', 'semi-opaque', '#dba52a', 0.36, 30, 12.8],
            'orange' => ['Rowan orange', 'semi-opaque', '#dd6a1c', 0.36, 30, 19.0],
            'red' => ['Wine red', 'transparent', '#b3202c', 0.32, 30, 21.3],
            'moss' => ['Moss', 'transparent', '#4d6340', 0.32, 30, 9.6],
            'sepia' => ['Peat brown', 'transparent', '#6a4524', 0.32, 30, 24.0],
            'smoke' => ['Smoke', 'transparent', '#3b3f44', 0.30, 30, 26.1],
            'blue' => ['Fjord blue', 'transparent', '#33618e', 0.32, 30, 14.4],
            'silverpearl' => ['Frost pearl', 'pearl', '#e8ecee', 0.30, 30, 18.9],
            'bluepearl' => ['Heron blue pearl', 'pearl', '#a9c8de', 0.30, 30, 2.1],
            'gold' => ['Brass', 'metallic', '#bf9a4a', 0.30, 30, 15.2],
            'glow' => ['Signal orange', 'fluorescent', '#ff7a2e', 0.34, 30, 11.0],
            'ink' => ['Lamp ink', 'ink', '#2a2826', 0.22, 20, 13.7],
            'rainbow' => ['Rainbow flakes', 'holographic', '#d4d8da', 0.30, 30, 12.2],
            'shift' => ['Beetle shift', 'colour shift', '#b98a34', 0.30, 30, 9.4],
            'night' => ['Night glow', 'glow in the dark', '#dbe8c4', 0.36, 30, 16.0],
            'foil' => ['Foil tape', 'foil', '#aeb4b8', 1.0, 10, 8.0],
            'size' => ['Tacky size', 'tacky size', '#e0ded6', 0.40, 30, 21.5],
            'medium' => ['Clear medium', 'clear medium', '#e6e6e0', 0.32, 60, 47.0],
        ];
    }

    /** @return array<string, array{string, string, string|null}> by key: family, finish, opened on; what is not named is an ordinary acrylic */
    public static function about(): array
    {
        return [
            'white' => ['water-borne acrylic', 'matte', '2026-08-30'], 'black' => ['water-borne acrylic', 'matte', '2026-06-12'],
            'grey' => ['water-borne acrylic', 'matte', '2025-11-02'], 'bone' => ['water-borne acrylic', 'satin', '2026-03-21'],
            'amber' => ['water-borne acrylic', 'satin', '2026-04-18'], 'orange' => ['craft acrylic', 'satin', null],
            'red' => ['water-borne acrylic', 'gloss', '2026-02-07'], 'moss' => ['water-borne acrylic', 'gloss', '2025-10-10'],
            'sepia' => ['water-borne acrylic', 'gloss', '2026-07-04'], 'smoke' => ['water-borne acrylic', 'gloss', null],
            'blue' => ['water-borne urethane', 'gloss', '2026-05-15'], 'silverpearl' => ['water-borne acrylic', 'shimmer', '2026-01-09'],
            'bluepearl' => ['water-borne acrylic', 'shimmer', '2025-03-28'], 'gold' => ['water-borne acrylic', 'sparkle', '2026-09-01'],
            'glow' => ['water-borne acrylic', 'matte', '2026-09-14'], 'ink' => ['acrylic ink', 'matte', '2025-12-24'],
            'rainbow' => ['water-borne acrylic', 'sparkle', '2026-08-02'], 'shift' => ['water-borne urethane', 'shimmer', null],
            'night' => ['water-borne acrylic', 'matte', '2026-10-01'], 'foil' => ['water-borne acrylic', 'gloss', '2026-09-20'],
            'medium' => ['water-borne acrylic', 'gloss', '2026-03-09'], 'size' => ['water-borne acrylic', 'gloss', '2026-05-02'],
        ];
    }

    /** What a bottle costs, by kind; a price of our own. */
    public static function price(string $kind, float $bottleMl): float
    {
        $ofThirty = match ($kind) {
            'holographic', 'colour shift', 'glow in the dark' => 9.8,
            'pearl', 'metallic', 'fluorescent' => 6.4,
            'foil', 'tacky size' => 5.2,
            default => 4.6,
        };

        return round($ofThirty * ($bottleMl / 30) ** 0.8, 1);
    }
}
