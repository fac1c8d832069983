<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Passes;

use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Order\StateColours;
use Hawkbrush\Core\Render\Coverage;
use Hawkbrush\Core\Render\Field;

/** What each coat of a pattern does for the finished bait at some places: how much they would change without it. */
final readonly class Effects
{
    /**
     * @param list<Coat> $coats
     * @param list<array<int, float>> $shares by coat: how much of it lands, by place
     * @param Field $bare the body at these places
     */
    public function __construct(
        private array $coats,
        private array $shares,
        private Field $bare,
        private Climate $climate,
        private StateColours $colours,
    ) {}

    /**
     * With another number of coats of one of them.
     *
     * @return array<int, float> mean DeltaE00 under clear over the places where a coat lands, flat or at the glint, by its
     *                           number; that one, and those that land at none of them, left out
     */
    public function with(int $at, int $coats): array
    {
        $laid = $this->coats;
        $laid[$at] = $laid[$at]->laidAs($coats, null, null, null);
        $under = [$this->bare];
        foreach ($laid as $i => $coat) {
            $under[] = $this->lay($under[$i], $coat, $i);
        }
        $whole = $under[\count($laid)];
        $effects = [];
        foreach ($this->shares as $left => $shares) {
            if ($left === $at || $shares === []) {
                continue;
            }
            $without = $under[$left];
            for ($i = $left + 1; $i < \count($laid); $i++) {
                $without = $this->lay($without, $laid[$i], $i);
            }
            $effects[$left] = $this->colours->mean($whole, $without, $shares);
        }

        return $effects;
    }

    private function lay(Field $field, Coat $coat, int $number): Field
    {
        return $field->with($coat, $this->climate, Coverage::shares($this->shares[$number]));
    }
}
