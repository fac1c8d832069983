<?php

declare(strict_types=1);

namespace Tests;

use Hawkbrush\Core\Body\Zone;
use Hawkbrush\Core\Clear\Clear;
use Hawkbrush\Core\Coat\SetBy;
use Hawkbrush\Core\Coat\Weight;
use Hawkbrush\Core\Eye\Eye;
use Hawkbrush\Core\Eye\Ring;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Technique\Technique;
use Hawkbrush\Core\Technique\Techniques;

/** Recipe documents by chance: any steps in any order, each figure anywhere within its bounds. */
final class AnyRecipe
{
    /** @return array<string, mixed> */
    public static function document(int $seed, int $steps = 9): array
    {
        mt_srand($seed);
        $paints = [];
        foreach (Kind::cases() as $kind) {
            $paints[str_replace([' ', '-'], '_', $kind->value)] = [
                'name' => ucfirst($kind->value), 'kind' => $kind->value, 'hex' => \sprintf(
                    '#%02x%02x%02x',
                    mt_rand(0, 255),
                    mt_rand(0, 255),
                    mt_rand(0, 255),
                ),
                'solids' => mt_rand(0, 100) / 100, 'drop_ml' => mt_rand(10, 100) / 1000,
            ];
        }

        return [
            'name' => "Any {$seed}",
            'body' => self::body(),
            'paints' => $paints,
            'steps' => array_map(static fn(int $i): array => self::step($i, array_keys($paints)), range(1, $steps)),
        ];
    }

    /** @return array<string, mixed> */
    public static function body(): array
    {
        $tall = mt_rand(4, 22);
        $gill = mt_rand(15, 35) / 100;

        return [
            'length_mm' => mt_rand(25, 220), 'exponent' => mt_rand(16, 34) / 10,
            'stations' => [
                [0, mt_rand(0, 20) / 10, mt_rand(0, 20) / 10, mt_rand(1, 20) / 10],
                [mt_rand(15, 40) / 100, $tall, mt_rand(3, 20), mt_rand(2, 12)],
                [mt_rand(50, 85) / 100, mt_rand(2, 16), mt_rand(2, 16), mt_rand(2, 9)],
                [1, mt_rand(0, 30) / 10, mt_rand(0, 30) / 10, mt_rand(1, 20) / 10],
            ],
            'marks' => ['gill_u' => $gill, 'eye_u' => $gill / 2, 'eye_socket_mm' => mt_rand(10, 60) / 10],
        ];
    }

    /**
     * @param list<string> $paints
     *
     * @return array<string, mixed>
     */
    private static function step(int $number, array $paints): array
    {
        $common = ['id' => "s{$number}", 'title' => mt_rand(0, 1) === 1 ? "Step {$number}" : '', 'on' => mt_rand(0, 9) > 0];

        return $common + match (mt_rand(0, 10)) {
            0 => ['type' => 'wait', 'minutes' => mt_rand(0, 600) / 10],
            1 => ['type' => 'prep', 'task' => 'Sand with 400 grit', 'minutes' => mt_rand(0, 20)],
            2 => [
                'type' => 'eye', 'diameter_mm' => mt_rand(10, 120) / 10, 'iris' => '#d0a040', 'pupil' => self::one(Eye::PUPILS),
                'kind' => self::one(Eye::KINDS), 'spark' => mt_rand(0, 1) === 1,
                'rings' => array_map(static fn(): array => [
                    'paint' => self::one($paints), 'percent' => mt_rand(5, 100), 'by' => self::one(Ring::BY),
                ], array_fill(0, mt_rand(0, 4), 0)),
            ],
            3 => [
                'type' => 'clear', 'clear' => self::one(Clear::names()), 'coats' => mt_rand(1, 6), 'yellow_percent' => mt_rand(0, 100),
                'stirred' => array_map(static fn(): array => [
                    'paint' => self::one($paints), 'percent' => mt_rand(1, 100) / 10, 'flake_mm' => mt_rand(0, 20) / 10,
                    'where' => ['zone' => self::one(Zone::names())],
                ], array_fill(0, mt_rand(0, 3), 0)),
            ],
            4 => [
                'type' => 'dip', 'mix' => mt_rand(0, 2) > 0 ? [['paint' => self::one($paints), 'drops' => mt_rand(1, 9)]] : [],
                'colour_percent' => mt_rand(5, 100), 'weight' => self::one(Weight::names()), 'dips' => mt_rand(1, 4),
                'to_u' => mt_rand(20, 100) / 100, 'melt_c' => mt_rand(140, 200), 'cup_ml' => mt_rand(20, 2000),
            ],
            default => self::coat($paints),
        };
    }

    /**
     * @param list<string> $paints
     *
     * @return array<string, mixed>
     */
    private static function coat(array $paints): array
    {
        $technique = Techniques::all()[mt_rand(0, \count(Techniques::all()) - 1)];
        $from = mt_rand(0, 80) / 100;
        $deg = mt_rand(0, 150);

        return [
            'type' => 'paint',
            'mix' => array_map(
                static fn(string $paint): array => ['paint' => $paint, 'drops' => mt_rand(1, 9)],
                (array) array_rand(array_flip($paints), mt_rand(1, 2)),
            ),
            'technique' => ['name' => $technique->name()] + self::choices($technique),
            'where' => mt_rand(0, 2) > 0 ? ['zone' => self::one(Zone::names())]
                : [
                    'from_u' => $from,
                    'to_u' => min(1, $from + mt_rand(0, 60) / 100),
                    'from_deg' => $deg,
                    'to_deg' => mt_rand($deg, 180),
                    'soft' => mt_rand(0, 10) / 10,
                    'side' => self::one(['left', 'right', 'both']),
                ],
            'aim_deg' => mt_rand(0, 180), 'width_mm' => mt_rand(5, 600) / 10,
            'coats' => mt_rand(1, 40),
            'weight' => self::one(Weight::names()),
            'thinning_percent' => mt_rand(0, 95),
            'psi' => mt_rand(1, 120),
            'set' => ['by' => self::one(SetBy::names()), 'minutes' => mt_rand(0, 60)], 'seed' => mt_rand(0, 1_000_000),
        ];
    }

    /** @return array<string, mixed> */
    private static function choices(Technique $technique): array
    {
        $choices = [];
        foreach ($technique->settings() as $setting) {
            // Towards the lower end, where marks are many: twenty thousand flakes tell no more than two thousand.
            $choices[$setting->name] = match (true) {
                $setting->outline !== '' => $setting->outline,
                $setting->choices !== [] => self::one($setting->choices),
                default => round($setting->min + ($setting->max - $setting->min) * (mt_rand(0, 1000) / 1000) ** 2, 3),
            };
        }

        return $choices;
    }

    /**
     * @template T
     *
     * @param list<T> $of
     *
     * @return T
     */
    private static function one(array $of): mixed
    {
        return $of[mt_rand(0, \count($of) - 1)];
    }
}
