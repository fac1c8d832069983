<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Colour;

use Hawkbrush\Core\Refused;

/** A colour however it was given: as a swatch of the screen, in CIELAB, or as a reflectance curve. */
final readonly class Colour
{
    private function __construct(public Lab $lab, private ?Spectrum $measured) {}

    /** @throws Refused when it is not #rrggbb */
    public static function fromHex(string $hex): self
    {
        return new self(Lab::fromXyz(Srgb::fromHex($hex)->toXyz()), null);
    }

    public static function fromLab(Lab $lab): self
    {
        return new self($lab, null);
    }

    public static function fromReflectance(Spectrum $reflectance): self
    {
        return new self(Lab::fromXyz(Observer::xyz($reflectance->values)), $reflectance);
    }

    /** As measured where there is a measurement, else by {@see Upsampling}. */
    public function reflectance(): Spectrum
    {
        return $this->measured ?? Upsampling::reflectance($this->lab);
    }

    /** Whether its curve was measured, not made from three figures. */
    public function isMeasured(): bool
    {
        return $this->measured !== null;
    }

    public function srgb(): Srgb
    {
        return Srgb::fromXyz($this->lab->toXyz());
    }

    public function hex(): string
    {
        return $this->srgb()->hex();
    }
}
