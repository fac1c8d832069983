<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Eye;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\DeltaE2000;

/**
 * How an eye sits: the sizes that fit a socket or a head, how proud one stands, and whether it is seen against what is
 * round it. Shares and heights are common practice without a published source.
 */
final class Fit
{
    /** Of the depth of the head at the eye, where there is no socket: 5 to 6 mm on a bait of 65. */
    private const SHARE_OF_HEAD = [0.29, 0.37];

    /** A size over is a matter of taste. */
    private const TASTE_MM = 1.0;

    /** Height of the dome over its diameter, by kind. */
    private const DOME = ['flat' => 0.08, 'domed' => 0.28, '3D' => 0.35, 'glass' => 0.5, 'painted' => 0.0, 'glow' => 0.28];

    /** Of its width, how deep a socket is that nobody measured. A guess. */
    private const SOCKET_DEPTH = 0.2;

    /** A socket deeper than this share of its width shows its wall round the eye. A guess. */
    private const DEEP = 0.3;

    /** Proud by more than this, it can be knocked off a diving plastic bait. */
    private const PROUD_MM = 1.5;

    /** Deeper than this, the clear leaves a dent over it. A guess. */
    private const SUNK_MM = 0.5;

    /** Of its diameter, how far behind its middle the surround is looked at. */
    private const BESIDE = 0.7;

    /** Iris and surround must differ by this to be told apart at a distance. */
    private const SEEN_LIGHTNESS = 20.0;

    /** @return non-empty-list<array{diameter_mm: float, why: string}> sizes sold in half millimetres, the fitting ones first, then a size over */
    public static function sizes(Body $body): array
    {
        $fits = self::fitting($body);
        $over = $body->marks->eyeSocketMm === null ? [] : array_map(
            static fn(float $more): array => ['diameter_mm' => $fits[0]['diameter_mm'] + $more, 'why' => 'a size over: a matter of taste'],
            [0.5, self::TASTE_MM],
        );

        return [...$fits, ...$over];
    }

    /** The size that a new eye begins with: what fills the socket, else the middle of what fits the head. */
    public static function usualMm(Body $body): float
    {
        $fits = self::fitting($body);

        return $fits[intdiv(\count($fits), 2)]['diameter_mm'] ?? $fits[0]['diameter_mm'];
    }

    /** @return non-empty-list<array{diameter_mm: float, why: string}> what fills the socket, or suits the head where there is none */
    private static function fitting(Body $body): array
    {
        $socket = $body->marks->eyeSocketMm;
        $half = static fn(float $mm): float => floor($mm * 2) / 2;
        if ($socket !== null) {
            return [['diameter_mm' => max(1.0, $half($socket)), 'why' => \sprintf('fills the socket of %s mm', self::plain($socket))]];
        }
        $head = $body->topAt($body->marks->eyeU) + $body->bottomAt($body->marks->eyeU);
        $sizes = [];
        for ($mm = max(1.0, ceil(2 * $head * self::SHARE_OF_HEAD[0]) / 2); $mm <= $head * self::SHARE_OF_HEAD[1]; $mm += 0.5) {
            $why = \sprintf('%d %% of the head, which is %s mm deep at the eye', round(100 * $mm / $head), self::plain($head));
            $sizes[] = ['diameter_mm' => $mm, 'why' => $why];
        }

        if ($sizes !== []) {
            return $sizes;
        }
        $size = max(1.0, $half($head / 3));

        return [['diameter_mm' => $size, 'why' => \sprintf(
            $size > $head * self::SHARE_OF_HEAD[1] ? 'the smallest there is, and large for a head %2$s mm deep at the eye: %1$d %% of it'
                : '%d %% of the head, which is %s mm deep at the eye',
            round(100 * $size / max(0.1, $head)),
            self::plain($head),
        )]];
    }

    /** Where its surround is looked at, along the body: a little behind its rim. */
    public static function besideU(Body $body, Eye $eye): float
    {
        return min(1.0, $body->marks->eyeU + self::BESIDE * $eye->diameterMm / $body->lengthMm);
    }

    /**
     * How high it stands on its own base, mm.
     *
     * @param value-of<Eye::KINDS> $kind
     */
    public static function domeMm(float $diameterMm, string $kind): float
    {
        return $diameterMm * self::DOME[$kind];
    }

    /**
     * How far it stands out of the body, mm.
     *
     * @param value-of<Eye::KINDS> $kind
     */
    public static function proudMm(Body $body, float $diameterMm, string $kind): float
    {
        return max(0.0, self::domeMm($diameterMm, $kind) - self::floorMm($body, $diameterMm));
    }

    /**
     * How far its highest point lies below the face of the head, mm.
     *
     * @param value-of<Eye::KINDS> $kind
     */
    public static function sunkMm(Body $body, float $diameterMm, string $kind): float
    {
        // What is painted into a socket is meant to lie there, and a depth that was guessed says nothing.
        return $kind === 'painted' || $body->marks->eyeSocketDepthMm === null
            ? 0.0 : max(0.0, self::floorMm($body, $diameterMm) - self::domeMm($diameterMm, $kind));
    }

    /** Whether the wall of its socket is seen round an eye of that size. */
    public static function deep(Body $body, float $diameterMm): bool
    {
        $socket = $body->marks->eyeSocketMm;

        return $socket !== null && $diameterMm <= $socket && ($body->marks->eyeSocketDepthMm ?? 0.0) > self::DEEP * $socket;
    }

    /** How deep below the face of the head it is set, mm: an eye larger than its socket lies on the rim. */
    private static function floorMm(Body $body, float $diameterMm): float
    {
        $socket = $body->marks->eyeSocketMm;

        return $socket !== null && $diameterMm <= $socket ? $body->marks->eyeSocketDepthMm ?? self::SOCKET_DEPTH * $socket : 0.0;
    }

    /** Whether it is too large for its socket or head, too small, or a matter of taste; empty where it fits. */
    public static function sizeWords(Body $body, float $diameterMm): string
    {
        $sizes = array_column(self::sizes($body), 'diameter_mm');
        $over = $diameterMm - ($body->marks->eyeSocketMm ?? max($sizes));

        return match (true) {
            $over > self::TASTE_MM => \sprintf('%s mm over: it will not lie down.', self::plain($over)),
            $over > 0.25 => 'One size larger: a matter of taste.',
            $diameterMm < min($sizes) - 0.5 => 'Small for this head.',
            default => '',
        };
    }

    /** What lying so deep means; empty where it means nothing. */
    public static function sunkWords(float $sunkMm): string
    {
        return $sunkMm >= self::SUNK_MM ? 'So deep in its socket it leaves a dent: fill it with clear, or take a higher dome.' : '';
    }

    /** What standing so proud means; empty where it means nothing. */
    public static function proudWords(Body $body, float $proudMm, string $kind): string
    {
        if ($kind === 'glass' && str_contains($body->material, 'plastic')) {
            return 'Glass is for wood: plastic bends and throws it.';
        }

        return $proudMm > self::PROUD_MM && $body->marks->billLengthMm !== null && str_contains($body->material, 'plastic')
            ? 'It stands proud: on a diving plastic bait it can be knocked off.' : '';
    }

    /** @return array{delta_e: float, lightness: float, seen: bool} of an iris against its surround */
    public static function contrast(Colour $iris, Colour $surround): array
    {
        $lightness = $iris->lab->l - $surround->lab->l;

        return [
            'delta_e' => DeltaE2000::between($iris->lab, $surround->lab),
            'lightness' => $lightness,
            'seen' => abs($lightness) >= self::SEEN_LIGHTNESS,
        ];
    }

    private static function plain(float $mm): string
    {
        return rtrim(rtrim(\sprintf('%.1f', $mm), '0'), '.');
    }
}
