<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Handle;

use Hawkbrush\Core\Body\Index;
use Hawkbrush\Core\Technique\Grip;

/** Handles on one mark that stands at a point: where it is, how long and how far turned, how large. */
final readonly class PointHandles
{
    /** An end that is pulled or turned less than this keeps its length, or its turn. */
    private const STEADY_MM = 0.4;

    private const STEADY_DEG = 3.0;

    private SurfacePoint $at;

    public function __construct(private Gripped $on)
    {
        $this->at = new SurfacePoint($on->body, $on->now(Grip::Along), $on->now(Grip::Around));
    }

    /** @return list<Handle> */
    public function all(): array
    {
        return array_values(array_filter([$this->position(), $this->end(), $this->size(), $this->spread(), $this->again()]));
    }

    private function position(): Handle
    {
        return new Handle('mark', 'the mark', $this->at->u, $this->at->deg, Index::say($this->on->body, $this->at->u, $this->at->deg),
            true, true, fn(float $u, float $deg): array => $this->on->set([[Grip::Along, $u], [Grip::Around, $deg]]));
    }

    /** The end towards the tail of a mark that has a length and a turn. */
    private function end(): ?Handle
    {
        $long = $this->on->has(Grip::LengthFromRoot) ? Grip::LengthFromRoot : Grip::LengthOverMiddle;
        if (! $this->on->has($long, Grip::Turn)) {
            return null;
        }
        // A fin stands on its root, any other mark on its middle.
        $part = $long === Grip::LengthFromRoot ? 1.0 : 0.5;
        $reach = $this->on->now($long) * $part;
        $turn = $this->on->now(Grip::Turn);
        $end = $this->at->away($reach * cos(deg2rad($turn)), $reach * sin(deg2rad($turn)));

        return Handle::at('end', 'its end: length and turn', $end, \sprintf(
            '%.1f mm%s',
            $this->on->now($long),
            abs($turn) < 0.5 ? '' : \sprintf(', %d° %s', round(abs($turn)), $turn > 0 ? 'down' : 'up'),
        ), true, true, function (float $u, float $deg) use ($long, $part, $reach, $turn): array {
            [$back, $down] = $this->at->to(new SurfacePoint($this->on->body, $u, $deg));
            $far = hypot($back, $down);
            $angle = rad2deg(atan2($down, $back));

            return $this->on->set([
                [$long, abs($far - $reach) < self::STEADY_MM ? $this->on->now($long) : $far / $part],
                [Grip::Turn, abs($angle - $turn) < self::STEADY_DEG ? $turn : round($angle)],
            ]);
        });
    }

    private function size(): ?Handle
    {
        if (! $this->on->has(Grip::Diameter)) {
            return null;
        }

        return Handle::at('size', 'its size', $this->at->away($this->on->now(Grip::Diameter) / 2, 0),
            \sprintf('%.1f mm across', $this->on->now(Grip::Diameter)), true, false,
            fn(float $u): array => $this->on->set([
                [Grip::Diameter, 2 * abs($this->at->to(new SurfacePoint($this->on->body, $u, $this->at->deg))[0])],
            ]));
    }

    /** How far a fin or a bundle of rays opens: its lower edge. */
    private function spread(): ?Handle
    {
        if (! $this->on->has(Grip::Spread, Grip::LengthFromRoot)) {
            return null;
        }
        $turn = $this->on->now(Grip::Turn);
        $angle = deg2rad($turn + $this->on->now(Grip::Spread) / 2);
        $reach = $this->on->now(Grip::LengthFromRoot);

        return Handle::at('spread', 'how far it opens', $this->at->away($reach * cos($angle), $reach * sin($angle)),
            \sprintf('opens by %d°', round($this->on->now(Grip::Spread))), true, true,
            function (float $u, float $deg) use ($turn): array {
                [$back, $down] = $this->at->to(new SurfacePoint($this->on->body, $u, $deg));
                $off = fmod(rad2deg(atan2($down, $back)) - $turn + 540, 360) - 180;

                return $this->on->set([[Grip::Spread, round(2 * abs($off))]]);
            });
    }

    /** Where a stencil is laid the second time. */
    private function again(): ?Handle
    {
        return ! $this->on->has(Grip::Again, Grip::Times) || $this->on->now(Grip::Times) < 1.5 ? null
            : Handle::at('again', 'where it is laid again', $this->at->away($this->on->now(Grip::Again), 0),
                \sprintf('%.1f mm farther back', $this->on->now(Grip::Again)), true, false,
                fn(float $u): array => $this->on->set([
                    [Grip::Again, $this->at->to(new SurfacePoint($this->on->body, $u, $this->at->deg))[0]],
                ]));
    }
}
