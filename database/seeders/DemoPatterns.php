<?php

declare(strict_types=1);

namespace Database\Seeders;

/** The invented patterns of the demo: six species, four schools (white, pearl, black and metal base). */
final class DemoPatterns
{
    /** @return list<array{name: string, species: string, water: string, notes: string, body: string, steps: list<array<string, mixed>>}> */
    public static function all(): array
    {
        return [self::roach(), self::char(), self::bleak(), self::burbot(), self::zander(), self::rudd()];
    }

    /** @return array{name: string, species: string, water: string, notes: string, body: string, steps: list<array<string, mixed>>} */
    private static function roach(): array
    {
        return self::pattern('Roach, first frost', 'roach', 'clear to stained', 'For the club outing on Sellemere in October. White base school.', 'plover65', [
            self::prep('Wipe and mask', 'Wipe with alcohol, mask the bill with tape and cut around the sockets.', 3),
            self::coat('white', 'spray', 'whole', ['title' => 'White, opaque', 'coats' => 2, 'weight' => 'heavy', 'psi' => 38, 'strokes' => 6, 'check' => 'No grey of the body left along the belly seam.']),
            self::coat('silverpearl', 'spray', 'flank', ['title' => 'Pearl flank', 'aim_deg' => 90, 'coats' => 2, 'psi' => 30, 'thinning_percent' => 10, 'strokes' => 5]),
            self::coat('orange+red', 'spot', 'whole', ['title' => 'Blush, pelvic fins', 'technique' => ['u' => 0.33, 'deg' => 152, 'diameter_mm' => 6.5, 'soft' => 1], 'coats' => 2, 'weight' => 'light', 'psi' => 12, 'thinning_percent' => 50, 'strokes' => 2]),
            self::coat('orange+red', 'spot', 'whole', ['title' => 'Blush, anal fin', 'technique' => ['u' => 0.71, 'deg' => 160, 'diameter_mm' => 4.5, 'soft' => 1], 'coats' => 2, 'weight' => 'light', 'psi' => 12, 'thinning_percent' => 50, 'strokes' => 2]),
            self::coat('bluepearl', 'spray', 'shoulder', ['title' => 'Blue pearl, soft fade down', 'aim_deg' => 42, 'width_mm' => 17, 'coats' => 2, 'psi' => 7, 'thinning_percent' => 20, 'strokes' => 4, 'check' => 'Look from underneath: both edges stand equally high.', 'set' => ['by' => 'heat', 'minutes' => 25]]),
            self::coat('grey', 'mesh', self::range(0.235, 0.985, 12, 142, 0.5), ['title' => 'Grey through 3.6 mm mesh', 'technique' => ['pitch_mm' => 3.6, 'age' => 'stiff'], 'aim_deg' => 62, 'coats' => 1, 'weight' => 'light', 'psi' => 10, 'thinning_percent' => 40, 'strokes' => 4, 'check' => 'Mesh tight, no crease behind the gill.']),
            self::coat('moss', 'spray', 'back', ['title' => 'Moss ink, dusted', 'aim_deg' => 0, 'width_mm' => 17, 'coats' => 3, 'psi' => 10, 'thinning_percent' => 50, 'strokes' => 5]),
            self::coat('smoke', 'spray', 'back', ['title' => 'Dark back', 'aim_deg' => 0, 'width_mm' => 9, 'coats' => 4, 'psi' => 10, 'thinning_percent' => 50, 'strokes' => 4]),
            self::coat('smoke', 'spray', 'muzzle', ['title' => 'Nose', 'aim_deg' => 0, 'width_mm' => 9, 'coats' => 3, 'weight' => 'light', 'psi' => 10, 'thinning_percent' => 50, 'strokes' => 2, 'set' => ['by' => 'heat', 'minutes' => 22]]),
            self::coat('smoke', 'card', 'whole', ['title' => 'Gill edge', 'technique' => ['width_mm' => 2.4], 'coats' => 4, 'psi' => 5, 'thinning_percent' => 40, 'weight' => 'light', 'strokes' => 2]),
            self::eye(5.5, '#d8842c'),
            self::clear('two-part epoxy', 1),
        ]);
    }

    /** @return array{name: string, species: string, water: string, notes: string, body: string, steps: list<array<string, mixed>>} */
    private static function char(): array
    {
        return self::pattern('Arctic char, leaf fall', 'Arctic char', 'clear, deep', 'Transparents over white, pale spots last. For stock.', 'linnet110', [
            self::prep('Scuff and wipe', 'Sand the seam flat with 400 grit, wipe with alcohol.', 5),
            self::coat('white', 'spray', 'whole', ['title' => 'White, opaque', 'coats' => 2, 'weight' => 'heavy', 'psi' => 38, 'strokes' => 7]),
            self::coat('amber', 'spray', self::range(0.16, 1, 96, 146, 0.5), ['title' => 'Yellow under the red', 'aim_deg' => 118, 'width_mm' => 16, 'coats' => 2, 'psi' => 20, 'thinning_percent' => 20, 'strokes' => 5]),
            self::coat('red', 'spray', self::range(0.12, 1, 96, 162, 0.5), ['title' => 'Red belly side', 'aim_deg' => 128, 'width_mm' => 11, 'coats' => 3, 'psi' => 14, 'thinning_percent' => 30, 'strokes' => 5]),
            self::coat('silverpearl', 'spray', 'belly', ['title' => 'Pearl belly edge', 'aim_deg' => 180, 'width_mm' => 5, 'coats' => 1, 'weight' => 'light', 'psi' => 7, 'strokes' => 3]),
            self::coat('moss', 'spray', self::range(0, 1, 0, 104, 0.7), ['title' => 'Moss shoulder and flank', 'aim_deg' => 38, 'width_mm' => 18, 'coats' => 3, 'psi' => 12, 'thinning_percent' => 40, 'strokes' => 5]),
            self::coat('sepia', 'spray', 'back', ['title' => 'Peat back', 'aim_deg' => 0, 'width_mm' => 14, 'coats' => 3, 'psi' => 10, 'thinning_percent' => 40, 'strokes' => 4]),
            self::coat('smoke', 'spray', 'back', ['title' => 'Dark ridge', 'aim_deg' => 0, 'width_mm' => 6, 'coats' => 4, 'psi' => 10, 'thinning_percent' => 50, 'strokes' => 4, 'set' => ['by' => 'heat', 'minutes' => 5]]),
            self::coat('bone', 'splatter', self::range(0.2, 0.94, 30, 122, 0.35), ['title' => 'Pale spots', 'technique' => ['drop_mm' => 1.7, 'per_cm2' => 7], 'coats' => 2, 'weight' => 'heavy', 'psi' => 3, 'strokes' => 2, 'seed' => 11]),
            self::coat('glow', 'splatter', self::range(0.22, 0.9, 76, 118, 0.4), ['title' => 'Glowing spots', 'technique' => ['drop_mm' => 1.4, 'per_cm2' => 3], 'coats' => 3, 'weight' => 'heavy', 'psi' => 3, 'strokes' => 2, 'seed' => 4, 'set' => ['by' => 'heat', 'minutes' => 22]]),
            self::coat('smoke', 'card', 'whole', ['title' => 'Gill edge', 'technique' => ['width_mm' => 2.2], 'coats' => 3, 'weight' => 'light', 'psi' => 5, 'thinning_percent' => 40, 'strokes' => 2]),
            self::eye(5, '#e2c46a'),
            self::clear('two-part epoxy', 2),
        ]);
    }

    /** @return array{name: string, species: string, water: string, notes: string, body: string, steps: list<array<string, mixed>>} */
    private static function bleak(): array
    {
        return self::pattern('Bleak, moonlight', 'bleak', 'clear to stained', 'Pearl base on clear plastic: see-through in the water.', 'linnet110', [
            self::prep('Wipe', 'Wipe with a dry towel; a good factory finish wants no scuffing.', 2),
            self::coat('silverpearl', 'spray', 'whole', ['title' => 'Pearl base', 'coats' => 4, 'psi' => 25, 'thinning_percent' => 5, 'strokes' => 6, 'set' => ['by' => 'wet']]),
            self::coat('bluepearl', 'spray', self::range(0, 1, 50, 108, 0.6), ['title' => 'Blue pearl side, wet blend', 'aim_deg' => 80, 'width_mm' => 10, 'coats' => 1, 'psi' => 7, 'strokes' => 4, 'set' => ['by' => 'heat', 'minutes' => 22]]),
            self::coat('grey', 'mesh', self::range(0.19, 0.97, 60, 150, 0.4), ['title' => 'Scales, a breath of grey', 'technique' => ['pitch_mm' => 2.8, 'age' => 'stiff'], 'aim_deg' => 80, 'coats' => 1, 'weight' => 'mist', 'psi' => 12, 'thinning_percent' => 50, 'strokes' => 4]),
            self::coat('blue', 'spray', self::range(0, 1, 0, 62, 0.55), ['title' => 'Blue back', 'aim_deg' => 20, 'width_mm' => 13, 'coats' => 2, 'psi' => 10, 'thinning_percent' => 30, 'strokes' => 4]),
            self::coat('moss', 'spray', 'back', ['title' => 'Green over the ridge', 'aim_deg' => 0, 'width_mm' => 8, 'coats' => 4, 'psi' => 10, 'thinning_percent' => 40, 'strokes' => 4, 'set' => ['by' => 'heat', 'minutes' => 22]]),
            self::coat('grey', 'line', 'whole', ['title' => 'Lateral line', 'technique' => ['width_mm' => 0.7, 'deg' => 84, 'from_u' => 0.22, 'to_u' => 0.95, 'dash_mm' => 0], 'coats' => 1, 'weight' => 'light', 'thinning_percent' => 30, 'strokes' => 1, 'set' => ['by' => 'heat', 'minutes' => 22]]),
            self::coat('ink', 'card', 'whole', ['title' => 'Gill edge', 'technique' => ['width_mm' => 1.8], 'coats' => 1, 'weight' => 'light', 'psi' => 5, 'thinning_percent' => 40, 'strokes' => 2]),
            self::eye(5, '#dfe3e0'),
            self::clear('UV resin', 1),
        ]);
    }

    /** @return array{name: string, species: string, water: string, notes: string, body: string, steps: list<array<string, mixed>>} */
    private static function burbot(): array
    {
        return self::pattern('Burbot, under ice', 'burbot', 'muddy or night', 'Black base school: the dark stays as veins between the patches.', 'heron180', [
            self::prep('Seal and sand', 'Two coats of sealer, sand back with 400 grit, take the joint apart.', 12),
            self::coat('black', 'spray', 'whole', ['title' => 'Black base', 'coats' => 1, 'weight' => 'heavy', 'psi' => 35, 'strokes' => 8, 'set' => ['by' => 'heat', 'minutes' => 22]]),
            self::coat('bone', 'mottle', self::range(0.02, 1, 0, 140, 0.4), ['title' => 'Bone mottle', 'technique' => ['size_mm' => 8, 'cover' => 0.58, 'soft' => 0.8], 'coats' => 3, 'psi' => 12, 'thinning_percent' => 15, 'strokes' => 4, 'seed' => 5, 'check' => 'Lift and look: the veins stay black.']),
            self::coat('bone', 'spray', 'belly', ['title' => 'Pale belly', 'aim_deg' => 180, 'width_mm' => 34, 'coats' => 4, 'psi' => 25, 'strokes' => 6]),
            self::coat('amber', 'spray', self::range(0, 1, 20, 128, 0.6), ['title' => 'Yellow glaze', 'aim_deg' => 75, 'width_mm' => 34, 'coats' => 1, 'weight' => 'light', 'psi' => 15, 'thinning_percent' => 60, 'strokes' => 5]),
            self::coat('sepia', 'spray', self::range(0, 1, 0, 100, 0.6), ['title' => 'Peat over the back', 'aim_deg' => 20, 'width_mm' => 36, 'coats' => 3, 'psi' => 10, 'thinning_percent' => 40, 'strokes' => 5, 'set' => ['by' => 'heat', 'minutes' => 22]]),
            self::coat('black', 'mottle', self::range(0.02, 1, 0, 116, 0.5), ['title' => 'Dark mottle', 'technique' => ['size_mm' => 6, 'cover' => 0.32, 'soft' => 0.9], 'coats' => 1, 'weight' => 'light', 'psi' => 8, 'thinning_percent' => 40, 'strokes' => 4, 'seed' => 23]),
            self::eye(10, '#b9a45a'),
            self::clear('slow casting resin', 1),
        ]);
    }

    /** @return array{name: string, species: string, water: string, notes: string, body: string, steps: list<array<string, mixed>>} */
    private static function zander(): array
    {
        return self::pattern('Zander, reed edge', 'zander', 'stained', 'Bars through the bent stencil, back last to hide their ends.', 'linnet110', [
            self::prep('Wipe and mask', 'Wipe with alcohol, mask the bill with tape.', 3),
            self::coat('white', 'spray', 'whole', ['title' => 'White, opaque', 'coats' => 2, 'weight' => 'heavy', 'psi' => 38, 'strokes' => 7]),
            self::coat('silverpearl', 'spray', self::range(0, 1, 60, 180, 0.5), ['title' => 'Pearl side and belly', 'aim_deg' => 115, 'coats' => 2, 'psi' => 25, 'strokes' => 5]),
            self::coat('gold', 'spray', self::range(0, 1, 34, 104, 0.6), ['title' => 'Brass flank', 'aim_deg' => 66, 'width_mm' => 12, 'coats' => 1, 'psi' => 30, 'strokes' => 4, 'set' => ['by' => 'heat', 'minutes' => 22]]),
            self::coat('sepia', 'mesh', self::range(0.2, 0.98, 15, 112, 0.5), ['title' => 'Peat through 2.8 mm mesh', 'technique' => ['pitch_mm' => 2.8, 'age' => 'new'], 'aim_deg' => 60, 'coats' => 2, 'weight' => 'light', 'psi' => 10, 'thinning_percent' => 40, 'strokes' => 4, 'set' => ['by' => 'heat', 'minutes' => 22]]),
            self::coat('smoke', 'bars', 'whole', ['title' => 'Bars', 'technique' => ['count' => 9, 'width_mm' => 4.4, 'from_u' => 0.25, 'to_u' => 0.92, 'top_deg' => 0, 'bottom_deg' => 108, 'waver' => 0.6], 'aim_deg' => 60, 'coats' => 4, 'psi' => 5, 'thinning_percent' => 50, 'strokes' => 2, 'seed' => 3, 'check' => 'Same count left and right, first bar on the gill edge.']),
            self::coat('moss', 'spray', self::range(0, 1, 0, 62, 0.6), ['title' => 'Moss back', 'aim_deg' => 10, 'width_mm' => 13, 'coats' => 3, 'psi' => 10, 'thinning_percent' => 40, 'strokes' => 4]),
            self::coat('smoke', 'spray', 'back', ['title' => 'Dark ridge', 'aim_deg' => 0, 'width_mm' => 6, 'coats' => 4, 'psi' => 10, 'thinning_percent' => 50, 'strokes' => 4, 'set' => ['by' => 'heat', 'minutes' => 5]]),
            self::coat('smoke', 'card', 'whole', ['title' => 'Gill edge', 'technique' => ['width_mm' => 2], 'coats' => 4, 'weight' => 'light', 'psi' => 5, 'thinning_percent' => 40, 'strokes' => 2]),
            self::eye(5, '#cfd6cf'),
            self::clear('two-part epoxy', 1),
        ]);
    }

    /** @return array{name: string, species: string, water: string, notes: string, body: string, steps: list<array<string, mixed>>} */
    private static function rudd(): array
    {
        return self::pattern('Rudd, brass and rowan', 'rudd', 'stained', 'Metal base: brass over white, red fins, dark shoulder spot for the strike.', 'plover65', [
            self::prep('Wipe and mask', 'Wipe with alcohol, mask the bill with tape.', 3),
            self::coat('white', 'spray', 'whole', ['title' => 'White, opaque', 'coats' => 1, 'weight' => 'heavy', 'psi' => 38, 'strokes' => 6]),
            self::coat('gold', 'spray', self::range(0, 1, 0, 158, 0.5), ['title' => 'Brass all over', 'coats' => 2, 'psi' => 45, 'strokes' => 6, 'set' => ['by' => 'heat', 'minutes' => 22]]),
            self::coat('sepia', 'mesh', self::range(0.23, 0.98, 10, 146, 0.5), ['title' => 'Peat through 4.2 mm mesh', 'technique' => ['pitch_mm' => 4.2, 'age' => 'new'], 'aim_deg' => 65, 'coats' => 2, 'weight' => 'medium', 'psi' => 10, 'thinning_percent' => 30, 'strokes' => 4]),
            self::coat('red', 'spot', 'whole', ['title' => 'Red pelvic fins', 'technique' => ['u' => 0.34, 'deg' => 150, 'diameter_mm' => 8, 'soft' => 1], 'coats' => 3, 'psi' => 10, 'thinning_percent' => 20, 'strokes' => 3]),
            self::coat('red', 'spot', 'whole', ['title' => 'Red anal fin', 'technique' => ['u' => 0.7, 'deg' => 155, 'diameter_mm' => 6, 'soft' => 1], 'coats' => 3, 'psi' => 10, 'thinning_percent' => 20, 'strokes' => 3]),
            self::coat('red', 'spray', 'tail', ['title' => 'Red tail', 'coats' => 3, 'psi' => 10, 'thinning_percent' => 20, 'strokes' => 3]),
            self::coat('moss', 'spray', self::range(0, 1, 0, 66, 0.6), ['title' => 'Olive back', 'aim_deg' => 8, 'width_mm' => 17, 'coats' => 3, 'psi' => 10, 'thinning_percent' => 30, 'strokes' => 5]),
            self::coat('smoke', 'spray', 'back', ['title' => 'Dark ridge', 'aim_deg' => 0, 'width_mm' => 8, 'coats' => 4, 'psi' => 10, 'thinning_percent' => 50, 'strokes' => 4]),
            self::coat('smoke', 'spot', 'whole', ['title' => 'Shoulder spot', 'technique' => ['u' => 0.32, 'deg' => 68, 'diameter_mm' => 4.5, 'soft' => 0.9], 'coats' => 5, 'weight' => 'light', 'psi' => 10, 'thinning_percent' => 30, 'strokes' => 2, 'set' => ['by' => 'heat', 'minutes' => 22]]),
            self::coat('ink', 'card', 'whole', ['title' => 'Gill edge', 'technique' => ['width_mm' => 2.4], 'coats' => 2, 'weight' => 'light', 'psi' => 5, 'thinning_percent' => 40, 'strokes' => 2]),
            self::eye(5.5, '#c8502a'),
            self::clear('two-part epoxy', 1),
        ]);
    }

    /**
     * @param list<array<string, mixed>> $steps
     *
     * @return array{name: string, species: string, water: string, notes: string, body: string, steps: list<array<string, mixed>>}
     */
    private static function pattern(string $name, string $species, string $water, string $notes, string $body, array $steps): array
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
    private static function coat(string $paint, string $technique, string|array $where, array $more): array
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

    /** @return array<string, float> */
    private static function range(float $fromU, float $toU, float $fromDeg, float $toDeg, float $soft): array
    {
        return ['from_u' => $fromU, 'to_u' => $toU, 'from_deg' => $fromDeg, 'to_deg' => $toDeg, 'soft' => $soft];
    }

    /** @return array<string, mixed> */
    private static function prep(string $title, string $task, float $minutes): array
    {
        return ['type' => 'prep', 'title' => $title, 'task' => $task, 'minutes' => $minutes];
    }

    /** @return array<string, mixed> */
    private static function eye(float $diameterMm, string $iris): array
    {
        return ['type' => 'eye', 'title' => 'Eyes', 'diameter_mm' => $diameterMm, 'iris' => $iris, 'set_with' => 'tacky glue', 'check' => 'Both pupils look the same way.'];
    }

    /** @return array<string, mixed> */
    private static function clear(string $clear, int $coats): array
    {
        return ['type' => 'clear', 'title' => ucfirst($clear), 'clear' => $clear, 'coats' => $coats, 'check' => 'Eye rims covered, joints and line tie free.'];
    }
}
