<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Render;

use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Colour\Bands;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Film\WetBlend;

/** One coat as it goes over film states: set below, or run together with a coat that was left wet. */
final class Layer
{
    private readonly float $dryUm;

    private readonly float $wetShare;

    private readonly ?Optics $lower;

    private readonly float $lowerUm;

    /** @param array<int, array{int, int}> $laid state before and thickness of the wet coat below, by state it made */
    public function __construct(
        Coat $coat,
        private readonly Optics $optics,
        ?Coat $below,
        private readonly array $laid,
        Climate $climate,
        public readonly Bands $bands,
    ) {
        $this->dryUm = $coat->dryUm();
        $this->wetShare = $below?->wetShare($climate) ?? 0.0;
        $this->lower = $below?->optics();
        $this->lowerUm = $below?->dryUm() ?? 0.0;
    }

    /**
     * The coat run together with the one below it; null where that one is set, or is not there.
     *
     * @param list<FilmState> $states
     * @param int $before the state it goes over
     * @param int $q thickness in twelfths
     */
    public function blend(array $states, int $before, int $q): ?FilmState
    {
        if ($this->lower === null || ! isset($this->laid[$before])) {
            return null;
        }
        [$ground, $lowerQ] = $this->laid[$before];

        return WetBlend::lay($states[$ground], $this->lower, $this->lowerUm * $lowerQ / Coverage::FULL,
            $this->optics, $this->dryUm * $q / Coverage::FULL, $this->wetShare, $this->bands);
    }

    /** Whether anything below it is still wet. */
    public function blends(): bool
    {
        return $this->lower !== null && $this->wetShare > 0 && $this->laid !== [];
    }
}
