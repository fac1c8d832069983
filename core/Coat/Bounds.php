<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Coat;

use Hawkbrush\Core\Drying\DryingFactor;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/**
 * The least and the most of each figure a painter sets, in the unit of its name. It stands here only: values, readers
 * and the bench take it from here, forms by way of the vocabulary, and the schema of a step is held against it.
 */
final class Bounds
{
    public const OF = [
        'aim_deg' => [0, 180],
        'clear_coats' => [1, 6],
        'coats' => [1, 40],
        'colour_percent' => [5, 100],
        'cup_ml' => [20, 2000],
        'diameter_mm' => [1, 40],
        'dips' => [1, 4],
        'drops' => [1, 200],
        'drop_ml' => [0.005, 0.5],
        'drying' => [DryingFactor::LEAST, DryingFactor::MOST],
        'flake_mm' => [0, 2],
        'melt_c' => [140, 200],
        'minutes' => [0, 10080],
        'paints_in_mix' => [1, 6],
        'psi' => [0.5, 120],
        'ring_percent' => [5, 100],
        'slant_deg' => [-70, 70],
        'solids' => [0, 1],
        'stirred_percent' => [0.1, 10],
        'strokes' => [1, 200],
        'thinning_percent' => [0, 95],
        'width_mm' => [0.5, 300],
        'yellow_percent' => [0, 100],
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
     * @param 'clear_coats'|'coats'|'dips'|'drops'|'strokes' $figure
     *
     * @throws Refused when it is no whole number within its bounds
     */
    public static function whole(Node $node, string $figure): int
    {
        return $node->integer(...self::OF[$figure]);
    }

    /**
     * A figure that a document may leave out.
     *
     * @param key-of<self::OF> $figure also its name in the document
     *
     * @return ($default is null ? float|null : float)
     *
     * @throws Refused when it is no number within its bounds
     */
    public static function optional(Node $document, string $figure, ?float $default): ?float
    {
        return $document->has($figure) ? self::number($document->field($figure), $figure) : $default;
    }

    /**
     * A whole figure that a document may leave out.
     *
     * @param 'clear_coats'|'coats'|'dips'|'drops'|'strokes' $figure
     *
     * @throws Refused when it is no whole number within its bounds
     */
    public static function optionalWhole(Node $document, string $field, int $default, string $figure): int
    {
        return $document->has($field) ? self::whole($document->field($field), $figure) : $default;
    }

    /**
     * For values that guard themselves.
     *
     * @param key-of<self::OF> $figure
     *
     * @throws Refused when a value lies outside its bounds
     */
    public static function hold(string $figure, float $value): void
    {
        [$least, $most] = self::OF[$figure];
        if (! is_finite($value) || $value < $least || $value > $most) {
            throw Refused::because(\sprintf('%s goes from %s to %s, not %s.', strtr($figure, '_', ' '), $least, $most, $value));
        }
    }

    /**
     * The nearest value within the bounds.
     *
     * @param key-of<self::OF> $figure
     */
    public static function within(string $figure, float $value): float
    {
        [$least, $most] = self::OF[$figure];

        return max($least, min($most, $value));
    }
}
