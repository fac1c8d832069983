<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Colour;

use Hawkbrush\Core\Refused;

/** A colour of the screen (IEC 61966-2-1), components 0 to 1, encoded; what lies outside is out of gamut. */
final readonly class Srgb
{
    /** Linear red, green and blue from XYZ, white D65: the inverse of {@see TO_XYZ}. */
    private const FROM_XYZ = [
        [3.2409699419, -1.5373831776, -0.4986107603],
        [-0.9692436363, 1.8759675015, 0.0415550574],
        [0.0556300797, -0.2039769589, 1.0569715142],
    ];

    /** From the chromaticities of the primaries and of D65 (IEC 61966-2-1, clause 5.2), with ten places. */
    private const TO_XYZ = [
        [0.4123907993, 0.3575843394, 0.1804807884],
        [0.2126390059, 0.7151686788, 0.0721923154],
        [0.0193308187, 0.1191947798, 0.9505321522],
    ];

    /** Transfer (IEC 61966-2-1, clause 5.2): a straight line near black, a power of 2.4 with this offset above. */
    private const OFFSET = 0.055;

    private const SLOPE = 12.92;

    private const GAMMA = 2.4;

    private const LINEAR_UNTIL = 0.0031308;

    private const ENCODED_UNTIL = 0.04045;

    public function __construct(public float $r, public float $g, public float $b) {}

    /** @throws Refused when it is not #rrggbb */
    public static function fromHex(string $hex): self
    {
        if (preg_match('/^#[0-9a-fA-F]{6}$/', $hex) !== 1) {
            throw Refused::because("“{$hex}” is no colour; write it as #rrggbb.");
        }
        [$r, $g, $b] = array_map(static fn(string $c): float => hexdec($c) / 255, str_split(substr($hex, 1), 2));

        return new self($r, $g, $b);
    }

    public static function fromXyz(Xyz $xyz): self
    {
        [$r, $g, $b] = self::linear($xyz);

        return new self(self::encode($r), self::encode($g), self::encode($b));
    }

    /** @return array{float, float, float} linear red, green and blue, 0 to 1 within gamut */
    public static function linear(Xyz $xyz): array
    {
        return self::times(self::FROM_XYZ, $xyz->x / 100, $xyz->y / 100, $xyz->z / 100);
    }

    public function toXyz(): Xyz
    {
        return new Xyz(...self::times(
            self::TO_XYZ,
            self::decode($this->r) * 100,
            self::decode($this->g) * 100,
            self::decode($this->b) * 100,
        ));
    }

    /** Whether the screen can show it, within half a step of its 8 bits. */
    public function inGamut(): bool
    {
        $slack = 0.5 / 255;

        return min($this->r, $this->g, $this->b) >= -$slack && max($this->r, $this->g, $this->b) <= 1 + $slack;
    }

    /** #rrggbb, clipped to what the screen can show. */
    public function hex(): string
    {
        $byte = static fn(float $c): int => (int) round(max(0.0, min(1.0, $c)) * 255);

        return \sprintf('#%02x%02x%02x', $byte($this->r), $byte($this->g), $byte($this->b));
    }

    public static function encode(float $linear): float
    {
        return $linear <= self::LINEAR_UNTIL ? self::SLOPE * $linear : (1 + self::OFFSET) * $linear ** (1 / self::GAMMA) - self::OFFSET;
    }

    public static function decode(float $encoded): float
    {
        return $encoded <= self::ENCODED_UNTIL ? $encoded / self::SLOPE : (($encoded + self::OFFSET) / (1 + self::OFFSET)) ** self::GAMMA;
    }

    /**
     * @param array{array{float, float, float}, array{float, float, float}, array{float, float, float}} $matrix
     *
     * @return array{float, float, float}
     */
    private static function times(array $matrix, float $x, float $y, float $z): array
    {
        [$m, $n, $o] = $matrix;

        return [
            $m[0] * $x + $m[1] * $y + $m[2] * $z,
            $n[0] * $x + $n[1] * $y + $n[2] * $z,
            $o[0] * $x + $o[1] * $y + $o[2] * $z,
        ];
    }
}
