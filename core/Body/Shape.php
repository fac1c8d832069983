<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Body;

use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Refused;

/**
 * A usual shape of hard baits, to begin a body from before anybody has measured it: its outline as shares of the length, in
 * proportions of our own. Calipers say the rest.
 */
final readonly class Shape
{
    /** Plain bare plastic. */
    private const GROUND = 0.72;

    private const MATERIAL = 'plastic';

    /** An eye socket is made in steps of half a millimetre. */
    private const SOCKET_STEP_MM = 0.5;

    /**
     * @param list<array{float, float, float, float}> $stations u, and up, down and half width as shares of the length
     * @param list<float> $hooksU
     * @param list<float> $jointsU
     * @param float|null $bill its length as a share of the body's
     */
    private function __construct(
        public string $name,
        public string $about,
        public float $usualMm,
        private float $exponent,
        private array $stations,
        private float $socket,
        private array $hooksU,
        private array $jointsU = [],
        private ?float $bill = null,
        private float $billDeg = 35.0,
    ) {}

    /** @return non-empty-list<self> */
    public static function all(): array
    {
        return [
            new self('round crankbait', 'short and full, with a bill', 60, 2.1, [
                [0, 0.02, 0.02, 0.018], [0.05, 0.085, 0.08, 0.06], [0.15, 0.16, 0.15, 0.105], [0.3, 0.215, 0.2, 0.135],
                [0.45, 0.212, 0.2, 0.134], [0.65, 0.15, 0.148, 0.1], [0.85, 0.07, 0.07, 0.048], [1, 0.022, 0.02, 0.016],
            ], 0.085, [0.42, 0.985], bill: 0.2, billDeg: 38),
            new self('flat-sided crankbait', 'tall and narrow, with a bill', 70, 2.9, [
                [0, 0.02, 0.02, 0.015], [0.06, 0.075, 0.075, 0.036], [0.18, 0.145, 0.145, 0.056], [0.36, 0.178, 0.18, 0.063],
                [0.55, 0.15, 0.155, 0.056], [0.78, 0.085, 0.088, 0.036], [0.93, 0.045, 0.045, 0.02], [1, 0.025, 0.022, 0.012],
            ], 0.075, [0.4, 0.985], bill: 0.16, billDeg: 34),
            new self('minnow', 'long and slim, with a small bill', 90, 2.1, [
                [0, 0.015, 0.015, 0.012], [0.07, 0.055, 0.055, 0.036], [0.2, 0.086, 0.088, 0.057], [0.4, 0.095, 0.1, 0.065],
                [0.62, 0.076, 0.08, 0.053], [0.82, 0.048, 0.048, 0.032], [0.94, 0.03, 0.03, 0.018], [1, 0.018, 0.018, 0.01],
            ], 0.055, [0.3, 0.62, 0.985], bill: 0.11, billDeg: 30),
            new self('jerkbait', 'thick and tapered, without a bill', 120, 2.4, [
                [0, 0.03, 0.03, 0.024], [0.06, 0.07, 0.07, 0.046], [0.2, 0.105, 0.105, 0.066], [0.42, 0.115, 0.118, 0.072],
                [0.65, 0.095, 0.098, 0.06], [0.86, 0.056, 0.056, 0.038], [1, 0.03, 0.03, 0.02],
            ], 0.06, [0.3, 0.7]),
            new self('glide bait', 'tall, in two parts', 150, 2.8, [
                [0, 0.025, 0.02, 0.018], [0.07, 0.085, 0.075, 0.044], [0.2, 0.14, 0.135, 0.068], [0.36, 0.158, 0.162, 0.074],
                [0.55, 0.125, 0.13, 0.062], [0.75, 0.078, 0.082, 0.042], [0.92, 0.042, 0.042, 0.022], [1, 0.03, 0.03, 0.014],
            ], 0.062, [0.3, 0.72], jointsU: [0.46]),
            new self('popper', 'for the surface, with a blunt face', 70, 2.0, [
                [0, 0.1, 0.085, 0.085], [0.08, 0.118, 0.108, 0.1], [0.25, 0.118, 0.118, 0.104], [0.5, 0.095, 0.105, 0.088],
                [0.75, 0.062, 0.07, 0.058], [0.92, 0.034, 0.036, 0.03], [1, 0.018, 0.018, 0.015],
            ], 0.08, [0.38, 0.985]),
        ];
    }

    /** @throws Refused when there is none of that name */
    public static function named(string $name): self
    {
        foreach (self::all() as $shape) {
            if ($shape->name === $name) {
                return $shape;
            }
        }
        throw Refused::because('One of '.implode(', ', array_column(self::all(), 'name'))." was expected here, not “{$name}”.");
    }

    /** What a body of it is called until its painter names it: Minnow 90. */
    public function called(float $lengthMm): string
    {
        return ucfirst($this->name).' '.round($lengthMm);
    }

    /**
     * The shape as a body of that length.
     *
     * @throws Refused when no body is that long
     */
    public function body(string $name, float $lengthMm): Body
    {
        $long = static fn(float $share): float => round($share * $lengthMm, 2);
        $within = static fn(string $mark, float $mm): float => Marks::fields()->of($mark)->within($mm);
        $socket = round($this->socket * $lengthMm / self::SOCKET_STEP_MM) * self::SOCKET_STEP_MM;

        return Body::of(
            $name,
            self::MATERIAL,
            $lengthMm,
            $this->exponent,
            array_map(static fn(array $s): Station => new Station($s[0], $long($s[1]), $long($s[2]), $long($s[3])), $this->stations),
            Spectrum::flat(self::GROUND),
            new Marks(
                eyeSocketMm: $within('eye_socket_mm', $socket),
                billLengthMm: $this->bill === null ? null : $within('bill_length_mm', $long($this->bill)),
                billAngleDeg: $this->billDeg,
                jointsU: $this->jointsU,
                hooksU: $this->hooksU,
            ),
        );
    }
}
