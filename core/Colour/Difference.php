<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Colour;

/** How one colour is beside another. */
final readonly class Difference
{
    /** DeltaE00 that hardly anybody sees. */
    private const SEEN = 1.0;

    /** Steps of L*, a* or b* that come to none in whole ones. */
    private const WORTH = 0.5;

    public float $deltaE;

    public function __construct(private Lab $one, private Lab $other)
    {
        $this->deltaE = DeltaE2000::between($one, $other);
    }

    /** How the other is beside the one, the most first, in the words of the axes of L*a*b*; nothing where no eye tells them apart. */
    public function words(): string
    {
        if ($this->deltaE < self::SEEN) {
            return '';
        }
        $by = [];
        foreach ([
            [$this->other->l - $this->one->l, 'lighter', 'darker'],
            [$this->other->a - $this->one->a, 'redder', 'greener'],
            [$this->other->b - $this->one->b, 'yellower', 'bluer'],
        ] as [$more, $up, $down]) {
            if (abs($more) >= self::WORTH) {
                $by[\sprintf('%.0f %s', abs($more), $more > 0 ? $up : $down)] = abs($more);
            }
        }
        arsort($by);

        return $by === [] ? 'a shade off' : implode(', ', array_keys($by));
    }
}
