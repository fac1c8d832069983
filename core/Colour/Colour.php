<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Colour;

use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** A colour however it was given: as a swatch of the screen, in CIELAB, or as a reflectance curve. */
final readonly class Colour
{
    private function __construct(public Lab $lab, private ?Spectrum $measured) {}

    /**
     * {hex}, {lab: [L, a, b]} or {reflectance: {start: 400, step: 10, values: [31]}}.
     *
     * @throws Refused
     */
    public static function read(Node $node): self
    {
        if ($node->has('hex')) {
            return self::readHex($node->only(['hex'])->field('hex'));
        }
        if ($node->has('lab')) {
            $lab = $node->only(['lab'])->field('lab');
            $values = $lab->numbers(3, -200, 200);
            if ($values[0] < 0 || $values[0] > 100) {
                throw $lab->items()[0]->refuse('L* runs from 0 to 100.');
            }

            return self::fromLab(new Lab($values[0], $values[1], $values[2]));
        }
        if (! $node->has('reflectance')) {
            throw $node->refuse('A colour is given as hex, lab or reflectance.');
        }
        $curve = $node->only(['reflectance'])->field('reflectance')->only(['start', 'step', 'values']);
        $curve->field('start')->number(Spectrum::START_NM, Spectrum::START_NM);
        $curve->field('step')->number(Spectrum::STEP_NM, Spectrum::STEP_NM);

        return self::fromReflectance(Spectrum::of($curve->field('values')->numbers(Spectrum::BANDS, 0, 1)));
    }

    /** @throws Refused when it is not #rrggbb */
    public static function readHex(Node $node): self
    {
        return self::fromHex($node->colour());
    }

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
