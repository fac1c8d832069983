<?php

declare(strict_types=1);

namespace Tests;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Calculator\Examples;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\Techniques;

/** What a technique lays on the example body, with an even spray from everywhere. */
final class Marked
{
    /**
     * @param array<string, mixed> $settings
     *
     * @return array{Surface, array<int, float>} the surface and what gets through of a full spray
     */
    public static function by(string $name, array $settings = [], int $seed = 1): array
    {
        $surface = Surface::of(Body::read(Node::root(Examples::body() + ['marks' => ['gill_u' => 0.25]])), 192, 96);
        $technique = Techniques::named($name);
        \assert($technique !== null);
        $open = OpenSpray::everywhere($surface);

        return [$surface, $technique->through($surface, Choices::read($technique, Node::root($settings)), $seed, $open)];
    }

    /**
     * @param array{Surface, array<int, float>} $marked
     *
     * @return array{u: array{float, float}, deg: array{float, float}, share: float} extent of what is well covered
     */
    public static function extent(array $marked, float $least = 0.5): array
    {
        [$surface, $through] = $marked;
        $us = $degs = [];
        $covered = 0.0;
        foreach ($through as $cell => $share) {
            $cell %= \count($surface->areaMm2);
            $covered += $share * $surface->areaMm2[$cell];
            if ($share >= $least) {
                $us[] = $surface->u[$cell % $surface->columns];
                $degs[] = $surface->theta[intdiv($cell, $surface->columns)];
            }
        }

        return ['u' => [min($us), max($us)], 'deg' => [min($degs), max($degs)], 'share' => $covered / array_sum($surface->areaMm2)];
    }
}
