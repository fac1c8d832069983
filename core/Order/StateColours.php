<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Order;

use Hawkbrush\Core\Colour\Bands;
use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Colour\Lab;
use Hawkbrush\Core\Colour\Observer;
use Hawkbrush\Core\Colour\Xyz;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Render\Field;

/** How film states look under clear, each worked out once for as long as it is there. */
final readonly class StateColours
{
    /** @var \WeakMap<FilmState, array{Lab, Lab|null}> */
    private \WeakMap $seen;

    public function __construct(private Bands $bands)
    {
        $this->seen = new \WeakMap();
    }

    /** The greater of the differences in flat light and at the glint, DeltaE00. */
    public function between(FilmState $one, FilmState $other): float
    {
        [$flat, $glint] = $this->seen[$one] ??= $this->look($one);
        [$otherFlat, $otherGlint] = $this->seen[$other] ??= $this->look($other);

        return max(
            DeltaE2000::between($flat, $otherFlat),
            $glint === null && $otherGlint === null ? 0.0 : DeltaE2000::between($glint ?? $flat, $otherGlint ?? $otherFlat),
        );
    }

    /**
     * The mean of these differences over places of the left half, each counted by its share.
     *
     * @param array<int, float> $shares by place; none: 0
     */
    public function mean(Field $one, Field $other, array $shares): float
    {
        $sum = 0.0;
        foreach ($shares as $place => $share) {
            $sum += $share * $this->between($one->states[$one->left[$place]], $other->states[$other->left[$place]]);
        }

        return $shares === [] ? 0.0 : $sum / array_sum($shares);
    }

    /** @return array{Lab, Lab|null} */
    private function look(FilmState $state): array
    {
        $flat = Observer::xyz(SurfaceFinish::Clear->seen($state->r, $state->glow), $this->bands);
        $glint = $state->glint;

        return [Lab::fromXyz($flat), $glint === null ? null : Lab::fromXyz(
            new Xyz($flat->x + 100 * $glint[0], $flat->y + 100 * $glint[1], $flat->z + 100 * $glint[2]),
        )];
    }
}
