<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Handle;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Index;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Technique\Placed;
use Hawkbrush\Core\Technique\Tool;

/** What of a coat can be taken hold of on the bait. */
final class Handles
{
    private const LEAST_DEPTH_U = 0.2;

    /** @return list<Handle> marks first, then the place, then the aim */
    public static function of(Coat $coat, Body $body): array
    {
        if ($coat->technique->tool() === Tool::Melt) {
            return [self::depth($coat, $body)];
        }
        $placed = $coat->technique instanceof Placed;
        // A place that only cuts marks off is there when it is asked for.
        $place = $placed && ! $coat->place->cuts() ? [] : PlaceHandles::of($coat->place, $body);

        return [...MarkHandles::of($coat, $body), ...$place, ...AimHandles::of($coat, $body)];
    }

    /** How far a bait goes into the melt. */
    private static function depth(Coat $coat, Body $body): Handle
    {
        $u = $coat->place->toU;

        return new Handle(
            'depth', 'how far in it goes', $u, 90, Index::along($body, $u), true, false,
            static fn(float $to): array => ['to_u' => max(self::LEAST_DEPTH_U, PlaceHandles::round($body, $to))],
        );
    }

    /**
     * @return array<string, mixed> the fields of the step when that handle is moved there
     *
     * @throws Refused when this coat has no such handle
     */
    public static function move(Coat $coat, Body $body, string $id, float $u, float $deg, bool $snap): array
    {
        $to = new SurfacePoint($body, $u, $deg > 180 ? 360 - $deg : $deg);
        $to = $snap ? $to->snapped() : $to;

        return self::named($coat, $body, $id)->movedTo($to->u, $to->deg);
    }

    /**
     * @return array<string, mixed> the fields of the step when that handle is moved so far along and around
     *
     * @throws Refused when this coat has no such handle
     */
    public static function nudge(Coat $coat, Body $body, string $id, float $backMm, float $downMm): array
    {
        $handle = self::named($coat, $body, $id);
        $to = (new SurfacePoint($body, $handle->u, $handle->deg))->away($backMm, $downMm);

        return $handle->movedTo($to->u, $to->deg);
    }

    private static function named(Coat $coat, Body $body, string $id): Handle
    {
        foreach (self::of($coat, $body) as $handle) {
            if ($handle->id === $id) {
                return $handle;
            }
        }
        throw Refused::because("This step has no handle “{$id}”.");
    }
}
