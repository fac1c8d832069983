<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Handle;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Technique\Grip;
use Hawkbrush\Core\Technique\Indexed;

/** Handles on the marks of a technique: each setting that has a {@see Grip} has its handle by itself. */
final readonly class MarkHandles
{
    /** @return list<Handle> */
    public static function of(Coat $coat, Body $body): array
    {
        $on = new Gripped($coat, $body);
        if (! $coat->technique instanceof Indexed) {
            return [];
        }
        if ($on->has(Grip::Along, Grip::Around)) {
            return (new PointHandles($on))->all();
        }
        $u = match (true) {
            $on->has(Grip::Front) => ($on->now(Grip::Front) + $on->now(Grip::Rear)) / 2,
            $on->has(Grip::Behind) => $coat->technique->anchors($body, $coat->choices)[0]->u,
            default => null,
        };
        $deg = match (true) {
            $on->has(Grip::Around) => $on->now(Grip::Around),
            $on->has(Grip::Upper) => ($on->now(Grip::Upper) + $on->now(Grip::Lower)) / 2,
            default => 90.0,
        };

        return $u === null ? [] : (new RowHandles($on, new SurfacePoint($body, $u, $deg)))->all();
    }
}
