<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Colour;

use Hawkbrush\Core\Refused;

/** A curve over 31 bands, 400 to 700 nm by 10: a reflectance, a transmittance, or K or S per micrometre. */
final readonly class Spectrum
{
    public const BANDS = 31;

    public const START_NM = 400;

    public const STEP_NM = 10;

    /** @param list<float> $values 31 numbers */
    private function __construct(public array $values) {}

    /**
     * @param list<float> $values 31 numbers
     *
     * @throws Refused when there are not 31 finite numbers
     */
    public static function of(array $values): self
    {
        if (\count($values) !== self::BANDS) {
            throw Refused::because('A curve has 31 bands, 400 to 700 nm by 10; this one has '.\count($values).'.');
        }
        foreach ($values as $i => $value) {
            if (! is_finite($value)) {
                throw Refused::at('/'.$i, 'Every band must be a finite number.');
            }
        }

        return new self($values);
    }

    /** @return array{string} for keys: as bytes, which takes a tenth of the time of digits */
    public function __serialize(): array
    {
        return [pack('d*', ...$this->values)];
    }

    public static function flat(float $value): self
    {
        return new self(array_fill(0, self::BANDS, $value));
    }

    /** @param callable(float, int): float $with value and wavelength in nm to the new value */
    public function map(callable $with): self
    {
        $values = [];
        foreach ($this->values as $i => $value) {
            $values[] = $with($value, self::START_NM + $i * self::STEP_NM);
        }

        return new self($values);
    }

    /** @return array{start: int, step: int, values: list<float>} as it stands in a document */
    public function document(): array
    {
        return ['start' => self::START_NM, 'step' => self::STEP_NM, 'values' => $this->values];
    }
}
