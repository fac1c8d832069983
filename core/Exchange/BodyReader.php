<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Exchange;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Extent;
use Hawkbrush\Core\Body\Marks;
use Hawkbrush\Core\Body\Shine;
use Hawkbrush\Core\Body\Station;
use Hawkbrush\Core\Body\Zone;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** Reads a body from a document: {length_mm, exponent, stations: [[u, top_mm, bottom_mm, half_width_mm]], …}. */
final class BodyReader
{
    /** Bare plastic, where a document says nothing of its ground. */
    private const ORDINARY_GROUND = 0.75;

    /** @throws Refused */
    public static function read(Node $node): Body
    {
        $node->only(['name', 'material', 'length_mm', 'exponent', 'stations', 'ground', 'shine', 'marks']);
        $stations = array_map(self::station(...), $node->field('stations')->items(2, 100));
        try {
            return Body::of(
                $node->optional('name')?->text(80) ?? 'body',
                $node->optional('material')?->text(40) ?? 'plastic',
                $node->field('length_mm')->number(5, 1000),
                $node->optional('exponent')?->number(1, 8) ?? 2.0,
                $stations,
                $node->has('ground') ? PaintReader::colour($node->field('ground'))->reflectance() : Spectrum::flat(self::ORDINARY_GROUND),
                $node->has('marks') ? self::marks($node->field('marks')) : new Marks(),
                Shine::from($node->optional('shine')?->choice(Shine::names()) ?? Shine::None->value),
            );
        } catch (Refused $e) {
            throw str_starts_with($e->pointer, $node->pointer.'/') ? $e : $e->below($node->pointer);
        }
    }

    private static function station(Node $node): Station
    {
        [$u, $top, $bottom, $half] = $node->items(4, 4);

        return new Station($u->number(0, 1), $top->number(0, 500), $bottom->number(0, 500), $half->number(0, 500));
    }

    /** @return array<string, Extent> */
    private static function zones(Node $node): array
    {
        $zones = [];
        foreach ($node->only(array_values(array_diff(Zone::names(), [Zone::Whole->value])))->fields() as $name => $zone) {
            $zone->only(['from_u', 'to_u', 'soft_u', 'from_deg', 'to_deg', 'soft_deg']);
            $fromU = $zone->field('from_u')->number(0, 1);
            $fromDeg = $zone->field('from_deg')->number(0, 180);
            $zones[$name] = Extent::set(
                $fromU, $zone->field('to_u')->number($fromU, 1), $zone->optional('soft_u')?->number(0, 0.5) ?? 0.05,
                $fromDeg, $zone->field('to_deg')->number($fromDeg, 180), $zone->optional('soft_deg')?->number(0, 90) ?? 15.0,
                Zone::from($name)->isOval(),
            );
        }

        return $zones;
    }

    private static function marks(Node $node): Marks
    {
        $node->only([
            'gill_u',
            'eye_u',
            'eye_deg',
            'eye_socket_mm',
            'eye_socket_depth_mm',
            'bill_length_mm',
            'bill_angle_deg',
            'joints_u',
            'hooks_u',
            'tie_u',
            'tie_deg',
            'zones',
        ]);
        $places = static fn(string $field): array => array_map(
            static fn(Node $u): float => $u->number(0, 1),
            $node->optional($field)?->items(0, 12) ?? [],
        );
        $plain = new Marks();

        return new Marks(
            $node->optional('gill_u')?->number(0.02, 0.6) ?? $plain->gillU,
            $node->optional('eye_u')?->number(0.01, 0.5) ?? $plain->eyeU,
            $node->optional('eye_deg')?->number(10, 130) ?? $plain->eyeDeg,
            $node->optional('eye_socket_mm')?->number(1, 40),
            $node->optional('eye_socket_depth_mm')?->number(0.1, 20),
            $node->optional('bill_length_mm')?->number(1, 200),
            $node->optional('bill_angle_deg')?->number(-90, 90) ?? $plain->billAngleDeg,
            $places('joints_u'),
            $places('hooks_u'),
            $node->optional('tie_u')?->number(0, 1),
            $node->optional('tie_deg')?->number(0, 180) ?? $plain->tieDeg,
            $node->has('zones') ? self::zones($node->field('zones')) : [],
        );
    }
}
