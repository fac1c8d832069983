<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Pattern;

use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/**
 * The least and the most that each figure of a step may be, in the unit of its name. It stands here only: readers and
 * bench take it from here, forms by way of the vocabulary, and the schema of the recipe file is held against it.
 */
final class Bounds
{
    public const OF = [
        'aim_deg' => [0, 180],
        'clear_coats' => [1, 6],
        'coats' => [1, 40],
        'diameter_mm' => [1, 40],
        'drops' => [1, 200],
        'minutes' => [0, 10080],
        'psi' => [0.5, 120],
        'strokes' => [1, 200],
        'thinning_percent' => [0, 95],
        'width_mm' => [0.5, 300],
    ];

    /**
     * @param key-of<self::OF> $figure
     *
     * @throws Refused when it is no number within its bounds
     */
    public static function number(Node $node, string $figure): float
    {
        return $node->number(...self::OF[$figure]);
    }

    /**
     * @param 'clear_coats'|'coats'|'drops'|'strokes' $figure
     *
     * @throws Refused when it is no whole number within its bounds
     */
    public static function whole(Node $node, string $figure): int
    {
        return $node->integer(...self::OF[$figure]);
    }
}
