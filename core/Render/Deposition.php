<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Render;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\Placed;

/** How much of what a step means to lay lands at all: the rest lies outside its place, or is turned away from its aim. */
final class Deposition
{
    /** A mark is there where so much of it lands: it may fade towards its edge and over the shoulder. */
    private const LEFT_OF_IT = 0.25;

    /**
     * @param Coverage $coverage of the coat on this surface
     *
     * @return float 0 to 1, by area; of marks without a place of their own only whether any lands
     */
    public static function share(Coat $coat, Surface $surface, Coverage $coverage): float
    {
        $landed = $coat->place->isRight() ? $coverage->right : $coverage->left;
        if ($landed === [] || ! $coat->technique instanceof Placed) {
            return $landed === [] ? 0.0 : 1.0;
        }
        $all = $there = 0.0;
        foreach ($coat->technique->through($surface, $coat->marks(), $coat->seed, OpenSpray::everywhere($surface)) as $cell => $share) {
            if ($share < OpenSpray::LEAST || ! isset($surface->areaMm2[$cell])) {
                continue;
            }
            $area = $surface->areaMm2[$cell] * $share;
            $all += $area;
            $there += ($landed[$cell] ?? 0.0) >= self::LEFT_OF_IT * $share ? $area : 0.0;
        }

        return $all > 0 ? $there / $all : 0.0;
    }
}
