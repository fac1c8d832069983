<?php

declare(strict_types=1);

namespace Database\Seeders;

/** Steps of the demo's patterns, written short. */
final class DemoSteps
{
    /**
     * @param list<array<string, mixed>> $steps
     *
     * @return array{name: string, species: string, water: string, notes: string, body: string, steps: list<array<string, mixed>>}
     */
    public static function pattern(string $name, string $species, string $water, string $notes, string $body, array $steps): array
    {
        return [
            'name' => $name, 'species' => $species, 'water' => $water, 'notes' => $notes, 'body' => $body,
            'steps' => array_map(static fn(array $step, int $i): array => ['id' => 's'.($i + 1)] + $step, $steps, array_keys($steps)),
        ];
    }

    /**
     * @param string $paint key, or keys joined with + for equal drops
     * @param string|array<string, float> $where zone or own range
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed>
     */
    public static function coat(string $paint, string $technique, string|array $where, array $more): array
    {
        $settings = $more['technique'] ?? [];
        unset($more['technique']);

        return [
            'type' => 'paint',
            'mix' => array_map(static fn(string $key): array => ['paint' => $key, 'drops' => 1], explode('+', $paint)),
            'technique' => ['name' => $technique] + (\is_array($settings) ? $settings : []),
            'where' => \is_string($where) ? ['zone' => $where] : $where,
        ] + $more + ['set' => ['by' => 'heat', 'minutes' => 0]];
    }

    /**
     * The base under anything that is meant to be bright.
     *
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed>
     */
    public static function white(int $coats, string $weight, int $strokes, array $more = []): array
    {
        return self::coat('white', 'spray', 'whole', $more + [
            'title' => 'White, opaque', 'coats' => $coats, 'weight' => $weight, 'psi' => 38, 'strokes' => $strokes,
        ]);
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed>
     */
    public static function darkRidge(float $widthMm, array $more = []): array
    {
        return self::coat('smoke', 'spray', 'back', $more + [
            'title' => 'Dark ridge', 'aim_deg' => 0, 'width_mm' => $widthMm, 'coats' => 4, 'psi' => 10, 'thinning_percent' => 50,
            'strokes' => 4,
        ]);
    }

    /** @return array<string, mixed> */
    public static function gillEdge(string $paint, float $widthMm, int $coats): array
    {
        return self::coat($paint, 'card', 'whole', [
            'title' => 'Gill edge', 'technique' => ['width_mm' => $widthMm], 'coats' => $coats, 'weight' => 'light', 'psi' => 5,
            'thinning_percent' => 40, 'strokes' => 2,
        ]);
    }

    /** @return array<string, float> */
    public static function range(float $fromU, float $toU, float $fromDeg, float $toDeg, float $soft): array
    {
        return ['from_u' => $fromU, 'to_u' => $toU, 'from_deg' => $fromDeg, 'to_deg' => $toDeg, 'soft' => $soft];
    }

    /** @return array<string, mixed> */
    public static function prep(string $title, string $task, float $minutes): array
    {
        return ['type' => 'prep', 'title' => $title, 'task' => $task, 'minutes' => $minutes];
    }

    /** @return array<string, mixed> */
    public static function tryOut(string $ground, string $lookFor): array
    {
        return ['type' => 'try', 'ground' => $ground, 'look_for' => $lookFor];
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed>
     */
    public static function eye(string $kind, float $diameterMm, string $iris, array $more = []): array
    {
        return $more + [
            'type' => 'eye',
            'title' => 'Eyes',
            'kind' => $kind,
            'diameter_mm' => $diameterMm,
            'iris' => $iris,
            'set_with' => 'tacky glue',
            'check' => 'Both pupils look the same way.',
        ];
    }

    /**
     * @param list<array{paint: string, drops: int}> $mix none: clear vinyl
     *
     * @return array<string, mixed>
     */
    public static function dip(string $title, array $mix, string $check): array
    {
        return ['type' => 'dip', 'title' => $title, 'mix' => $mix, 'colour_percent' => 15, 'check' => $check];
    }

    /** @return array<string, mixed> */
    public static function clear(string $clear, int $coats): array
    {
        return [
            'type' => 'clear',
            'title' => ucfirst($clear),
            'clear' => $clear,
            'coats' => $coats,
            'check' => 'Eye rims covered, joints and line tie free.',
        ];
    }
}
