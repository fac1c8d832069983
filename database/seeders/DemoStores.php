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
        ];
    }

    /** @return array<string, array{array<string, mixed>, int}> by key: body document and how many are left */
    public static function bodies(): array
    {
        $plover = [[0, 1.6, 1.6, 1.4], [0.04, 5.4, 5.0, 3.6], [0.12, 9.6, 8.8, 6.2], [0.24, 13.0, 12.0, 8.2], [0.38, 14.2, 13.2, 8.7], [0.54, 12.8, 12.2, 7.9], [0.72, 8.8, 8.6, 5.6], [0.88, 4.4, 4.2, 3.0], [1, 1.4, 1.4, 1.2]];
        $larger = array_map(static fn(array $s): array => [$s[0], round($s[1] * 1.4, 2), round($s[2] * 1.4, 2), round($s[3] * 1.38, 2)], $plover);

        return [
            'plover65' => [self::body('Plover 65', 'plastic', 65, 2.1, $plover, '#e6e7e2', ['gill_u' => 0.245, 'eye_u' => 0.125, 'eye_deg' => 74, 'eye_socket_mm' => 5.5, 'bill_length_mm' => 11, 'bill_angle_deg' => 38, 'hooks_u' => [0.4, 0.985]]), 24],
            'plover90' => [self::body('Plover 90', 'plastic', 90, 2.1, $larger, '#e6e7e2', ['gill_u' => 0.245, 'eye_u' => 0.125, 'eye_deg' => 74, 'eye_socket_mm' => 8, 'bill_length_mm' => 15, 'bill_angle_deg' => 38, 'hooks_u' => [0.4, 0.985]]), 9],
            'linnet110' => [self::body('Linnet 110', 'clear plastic', 110, 2.1,
                [[0, 1.2, 1.2, 1.0], [0.05, 4.4, 4.2, 3.2], [0.14, 7.4, 7.2, 5.0], [0.28, 9.4, 9.6, 6.2], [0.45, 9.4, 9.8, 6.2], [0.63, 7.9, 8.2, 5.2], [0.8, 5.5, 5.4, 3.6], [0.93, 3.4, 3.2, 2.2], [1, 2.4, 2.2, 1.4]],
                '#d8dcda', ['gill_u' => 0.2, 'eye_u' => 0.085, 'eye_deg' => 76, 'eye_socket_mm' => 5, 'bill_length_mm' => 10, 'bill_angle_deg' => 48, 'hooks_u' => [0.3, 0.62, 0.985]]), 31],
            'heron180' => [self::body('Heron 180', 'resin', 180, 2.5,
                [[0, 4, 4, 3], [0.04, 11, 10, 7], [0.14, 18, 17, 11], [0.28, 21, 21, 13], [0.42, 20, 20.5, 12.5], [0.52, 18, 18.5, 11.5], [0.66, 14.5, 14.5, 9], [0.82, 9.5, 9.5, 5.5], [0.94, 7.5, 7.2, 3.2], [1, 7.4, 7, 2.2]],
                '#cfc9bd', ['gill_u' => 0.23, 'eye_u' => 0.1, 'eye_deg' => 68, 'eye_socket_mm' => 10, 'joints_u' => [0.53], 'hooks_u' => [0.3, 0.72]]), 6],
        ];
    }

    /**
     * @param list<list<float|int>> $stations
     * @param array<string, mixed> $marks
     *
     * @return array<string, mixed>
     */
    private static function body(string $name, string $material, float $length, float $exponent, array $stations, string $ground, array $marks): array
    {
        return ['name' => $name, 'material' => $material, 'length_mm' => $length, 'exponent' => $exponent, 'stations' => $stations, 'ground' => ['hex' => $ground], 'marks' => $marks];
    }
}
