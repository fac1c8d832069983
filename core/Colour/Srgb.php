<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Colour;

use Hawkbrush\Core\Refused;

/** A colour of the screen (IEC 61966-2-1), components 0 to 1, encoded; what lies outside is out of gamut. */
final readonly class Srgb
{
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
        $x = $xyz->x / 100;
        $y = $xyz->y / 100;
        $z = $xyz->z / 100;

        return [
            3.2409699419 * $x - 1.5373831776 * $y - 0.4986107603 * $z,
            -0.9692436363 * $x + 1.8759675015 * $y + 0.0415550574 * $z,
            0.0556300797 * $x - 0.2039769589 * $y + 1.0569715142 * $z,
        ];
    }

    public function toXyz(): Xyz
    {
        $r = self::decode($this->r) * 100;
        $g = self::decode($this->g) * 100;
        $b = self::decode($this->b) * 100;

        return new Xyz(
            0.4123907993 * $r + 0.3575843394 * $g + 0.1804807884 * $b,
            0.2126390059 * $r + 0.7151686788 * $g + 0.0721923154 * $b,
            0.0193308187 * $r + 0.1191947798 * $g + 0.9505321522 * $b,
        );
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
        return $linear <= 0.0031308 ? 12.92 * $linear : 1.055 * $linear ** (1 / 2.4) - 0.055;
    }

    public static function decode(float $encoded): float
    {
        return $encoded <= 0.04045 ? $encoded / 12.92 : (($encoded + 0.055) / 1.055) ** 2.4;
    }
}
