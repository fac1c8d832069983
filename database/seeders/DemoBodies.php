<?php

declare(strict_types=1);

namespace Database\Seeders;

/** The invented bodies of the demo, measured with calipers, across materials and shapes; and the lots they came in. */
final class DemoBodies
{
    /** @return array<string, array{array<string, mixed>, array<string, mixed>}> by key: body document, and what is kept of it */
    public static function all(): array
    {
        $plover = [
            [0, 1.6, 1.6, 1.4],
            [0.04, 5.4, 5.0, 3.6],
            [0.12, 9.6, 8.8, 6.2],
            [0.24, 13.0, 12.0, 8.2],
            [0.38, 14.2, 13.2, 8.7],
            [0.54, 12.8, 12.2, 7.9],
            [0.72, 8.8, 8.6, 5.6],
            [0.88, 4.4, 4.2, 3.0],
            [1, 1.4, 1.4, 1.2],
        ];
        $larger = array_map(
            static fn(array $s): array => [$s[0], round($s[1] * 1.4, 2), round($s[2] * 1.4, 2), round($s[3] * 1.38, 2)],
            $plover,
        );

        return [
            'plover65' => [self::body(
                'Plover 65',
                'plastic',
                65,
                2.1,
                $plover,
                '#e6e7e2',
                [
                    'gill_u' => 0.245,
                    'eye_u' => 0.125,
                    'eye_deg' => 74,
                    'eye_socket_mm' => 5.5,
                    'bill_length_mm' => 11,
                    'bill_angle_deg' => 38,
                    'hooks_u' => [0.4, 0.985],
                ],
            ),
                self::kept('scuffed plastic', ['moulding seam', 'rattle chamber', 'fixed bill'], 9.5)],
            'plover90' => [self::body(
                'Plover 90',
                'plastic',
                90,
                2.1,
                $larger,
                '#e6e7e2',
                [
                    'gill_u' => 0.245,
                    'eye_u' => 0.125,
                    'eye_deg' => 74,
                    'eye_socket_mm' => 8,
                    'bill_length_mm' => 15,
                    'bill_angle_deg' => 38,
                    'hooks_u' => [0.4, 0.985],
                ],
            ),
                self::kept('scuffed plastic', ['moulding seam', 'rattle chamber', 'fixed bill'], 22.0)],
            'linnet110' => [self::body('Linnet 110', 'clear plastic', 110, 2.1,
                [
                    [0, 1.2, 1.2, 1.0],
                    [0.05, 4.4, 4.2, 3.2],
                    [0.14, 7.4, 7.2, 5.0],
                    [0.28, 9.4, 9.6, 6.2],
                    [0.45, 9.4, 9.8, 6.2],
                    [0.63, 7.9, 8.2, 5.2],
                    [0.8, 5.5, 5.4, 3.6],
                    [0.93, 3.4, 3.2, 2.2],
                    [1, 2.4, 2.2, 1.4],
                ],
                '#d8dcda', [
                    'gill_u' => 0.2,
                    'eye_u' => 0.085,
                    'eye_deg' => 76,
                    'eye_socket_mm' => 5,
                    'bill_length_mm' => 10,
                    'bill_angle_deg' => 48,
                    'hooks_u' => [0.3, 0.62, 0.985],
                ]),
                self::kept('clear plastic', ['moulding seam', 'fixed bill'], 14.0)],
            'heron180' => [self::body('Heron 180', 'resin', 180, 2.5,
                [
                    [0, 4, 4, 3],
                    [0.04, 11, 10, 7],
                    [0.14, 18, 17, 11],
                    [0.28, 21, 21, 13],
                    [0.42, 20, 20.5, 12.5],
                    [0.52, 18, 18.5, 11.5],
                    [0.66, 14.5, 14.5, 9],
                    [0.82, 9.5, 9.5, 5.5],
                    [0.94, 7.5, 7.2, 3.2],
                    [1, 7.4, 7, 2.2],
                ],
                '#cfc9bd', [
                    'gill_u' => 0.23,
                    'eye_u' => 0.1,
                    'eye_deg' => 68,
                    'eye_socket_mm' => 10,
                    'eye_socket_depth_mm' => 2.5,
                    'joints_u' => [0.53],
                    'hooks_u' => [0.3, 0.72],
                    'tail_length_mm' => 24,
                    'tie_u' => 0.0,
                ]),
                self::kept('resin', ['jointed', 'removable tail'], 96.0)],
            'dipper50' => [self::body('Dipper 50', 'basswood', 50, 2.0,
                [
                    [0, 2.5, 2.5, 2.2],
                    [0.06, 7, 6.2, 5.4],
                    [0.18, 10.6, 10, 8.2],
                    [0.34, 12, 12.2, 9.6],
                    [0.52, 10.8, 11, 8.8],
                    [0.7, 7.6, 7.4, 6.2],
                    [0.87, 4, 3.8, 3.4],
                    [1, 1.6, 1.6, 1.5],
                ],
                '#d9c7a2', [
                    'gill_u' => 0.29,
                    'eye_u' => 0.16,
                    'eye_deg' => 70,
                    'eye_socket_mm' => 5,
                    'bill_length_mm' => 8,
                    'bill_angle_deg' => 30,
                    'hooks_u' => [0.45, 0.98],
                ]),
                self::kept('raw wood', ['fixed bill'], 7.2)],
            'sandpiper95' => [self::body('Sandpiper 95', 'lime wood', 95, 2.0,
                [
                    [0, 1.5, 1.5, 1.5],
                    [0.05, 5, 4.6, 4.6],
                    [0.16, 7.6, 7.4, 7],
                    [0.34, 9, 8.8, 8.4],
                    [0.55, 8.8, 9, 8.2],
                    [0.75, 7, 7.6, 6.4],
                    [0.92, 4.2, 5, 4],
                    [1, 2.2, 2.6, 2.2],
                ],
                '#cdb68e', [
                    'gill_u' => 0.22,
                    'eye_u' => 0.1,
                    'eye_deg' => 72,
                    'hooks_u' => [0.38, 0.985],
                    'tie_u' => 0.01,
                    'tie_deg' => 110,
                ]),
                self::kept('sealed wood', [], 16.5)],
            'tern75' => [['shine' => 'mirror'] + self::body('Tern 75', 'plated plastic', 75, 2.8,
                [
                    [0, 1.2, 1.2, 0.9],
                    [0.06, 5.2, 5.4, 2.6],
                    [0.2, 9.8, 10.4, 4.4],
                    [0.36, 11.2, 12.4, 5],
                    [0.54, 9.6, 10.8, 4.6],
                    [0.74, 6, 6.6, 3.4],
                    [0.9, 3.2, 3.2, 2],
                    [1, 2.2, 2, 1.1],
                ],
                '#c4c8ca', [
                    'gill_u' => 0.23,
                    'eye_u' => 0.1,
                    'eye_deg' => 76,
                    'eye_socket_mm' => 5,
                    'bill_length_mm' => 7,
                    'bill_angle_deg' => 60,
                    'hooks_u' => [0.42, 0.98],
                ]),
                self::kept('mirror plastic', ['fixed eyes', 'fixed bill'], 11.0)],
            'bittern140' => [self::body('Bittern 140', 'resin', 140, 2.2,
                [
                    [0, 2.5, 2.5, 2],
                    [0.05, 8, 7.4, 6],
                    [0.15, 12.4, 12, 8.6],
                    [0.3, 14.6, 15, 9.8],
                    [0.46, 13.6, 14.2, 9],
                    [0.62, 10.8, 11.2, 7],
                    [0.78, 7.4, 7.6, 4.8],
                    [0.92, 4.6, 4.6, 2.6],
                    [1, 3.4, 3.4, 1.6],
                ],
                '#d2cbbb', [
                    'gill_u' => 0.21,
                    'eye_u' => 0.09,
                    'eye_deg' => 70,
                    'eye_socket_mm' => 8,
                    'eye_socket_depth_mm' => 3.2,
                    'joints_u' => [0.38, 0.66],
                    'hooks_u' => [0.26, 0.56],
                    'tie_u' => 0.0,
                ]),
                self::kept('repaint', ['jointed', 'removable tail'], 54.0)],
            'curlew120' => [self::body('Curlew 120', 'soft plastic', 120, 2.0,
                [
                    [0, 2, 2, 1.6],
                    [0.05, 5.4, 5, 4.2],
                    [0.14, 7.6, 7.2, 5.6],
                    [0.3, 8.4, 8, 6],
                    [0.5, 7.6, 7.4, 5.4],
                    [0.7, 5.6, 5.6, 3.8],
                    [0.86, 3.4, 3.4, 2.2],
                    [0.94, 5.2, 5.2, 1.4],
                    [1, 6.2, 6.2, 0.8],
                ],
                '#cfd3cf', [
                    'gill_u' => 0.17,
                    'eye_u' => 0.085,
                    'eye_deg' => 68,
                    'hooks_u' => [0.42],
                ]),
                self::kept('soft plastic', [], 11.0)],
        ];
    }

    /** @return list<array{string, string, int, float|null, string, int, list<array{int, string}>}> body, supplier, count, price, day bought, how many were looked over, faults by number */
    public static function lots(): array
    {
        return [
            ['plover65', 'Two Sheds Moulding', 20, 1.4, '2026-08-03', 20, [[4, 'water in the rattle chamber'], [11, 'hook hanger bent']]],
            [
                'plover65',
                'Quayside Blanks',
                14,
                0.75,
                '2026-10-12',
                14,
                [[2, 'leaks'], [7, 'line tie crooked'], [12, 'rust in the rattle chamber']],
            ],
            ['plover90', 'Two Sheds Moulding', 9, 1.9, '2026-09-21', 0, []],
            ['linnet110', 'Quayside Blanks', 32, 1.1, '2026-06-15', 32, [[17, 'blob on the seam']]],
            ['heron180', 'cast here', 6, 6.5, '2026-10-02', 6, []],
            ['dipper50', 'turned here', 12, 2.2, '2026-10-20', 5, [[3, 'crack along the grain']]],
            ['sandpiper95', 'turned here', 8, 2.8, '2026-09-08', 8, []],
            ['curlew120', 'poured here', 18, 0.6, '2026-11-09', 18, [[6, 'air in the tail']]],
            ['tern75', 'Two Sheds Moulding', 15, 2.4, '2026-11-02', 0, []],
            ['bittern140', 'brought in for a repaint', 3, null, '2026-11-16', 3, []],
        ];
    }

    /**
     * @param list<list<float|int>> $stations
     * @param array<string, mixed> $marks
     *
     * @return array<string, mixed>
     */
    private static function body(
        string $name,
        string $material,
        float $length,
        float $exponent,
        array $stations,
        string $ground,
        array $marks,
    ): array {
        return [
            'name' => $name,
            'material' => $material,
            'length_mm' => $length,
            'exponent' => $exponent,
            'stations' => $stations,
            'ground' => ['hex' => $ground],
            'marks' => $marks,
        ];
    }

    /**
     * @param list<string> $fittings
     *
     * @return array<string, mixed>
     */
    private static function kept(string $condition, array $fittings, float $weightG): array
    {
        return ['condition' => $condition, 'fittings' => $fittings, 'weight_g' => $weightG];
    }
}
