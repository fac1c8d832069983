<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Air;

use Hawkbrush\Core\Refused;

/**
 * One sweep of free spraying: how wet and how wide. A narrow one goes with the air of an accent, a wide one with that of a
 * coat, and between them the air goes over without a jump. Common practice, no published source; the constants are fitted.
 */
final readonly class Sweep
{
    public const LEAST_MM = 0.5;

    public const MOST_MM = 300.0;

    /** Up to here it is an accent, from there on a coat: a tenth more width changes the air by less than a tenth. */
    private const NARROW_MM = 4.0;

    private const WIDE_MM = 27.0;

    /** A lighter coat than this, wet, wants less air, by this power. */
    private const FULL_UM = 16.0;

    private const LIGHTER = 0.35;

    /**
     * @param float $wetUm one coat
     *
     * @throws Refused when nobody sprays so wide
     */
    public function __construct(public float $wetUm, public float $widthMm)
    {
        if (! is_finite($widthMm) || $widthMm < self::LEAST_MM || $widthMm > self::MOST_MM) {
            throw Refused::at('/width_mm', \sprintf('A sweep is %s to %s mm wide.', self::LEAST_MM, self::MOST_MM));
        }
    }

    /** As wide as a sweep can be, for a width that was kept before it had bounds. */
    public static function near(float $wetUm, float $widthMm): self
    {
        return new self($wetUm, max(self::LEAST_MM, min(self::MOST_MM, $widthMm)));
    }

    /** Between what is asked for where it is narrow and an ordinary coat. */
    public function from(WorkFigures $narrow): WorkFigures
    {
        $share = log($this->widthMm / self::NARROW_MM) / log(self::WIDE_MM / self::NARROW_MM);
        $wide = SprayWork::Coat->figures()->times(min(1.0, ($this->wetUm / self::FULL_UM) ** self::LIGHTER));

        return $narrow->towards($wide, max(0.0, min(1.0, $share)));
    }
}
