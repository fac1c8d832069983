<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Clear\Clear;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Coat\Mixture;
use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Eye\Eye;
use Hawkbrush\Core\Film\Optics;

/** What a step leaves on the bait. */
interface OnBait
{
    /** The film it lays, if any. */
    public function coat(): ?Coat;

    /** With its film changed; a step that lays none stays as it is. */
    public function withCoat(Coat $coat): static;

    /** @return list<Coat> all films it lays that colour, in order: its coat, or what is stirred into its clear */
    public function films(): array;

    /**
     * What it lays over all of the bait alike, and how thick in um; null where that changes no colour, as a water-clear coat.
     *
     * @return array{Optics, float}|null
     */
    public function overAll(): ?array;

    /** The clear it lays, if any. */
    public function clear(): ?Clear;

    /** The eye it sets, if any. */
    public function eye(): ?Eye;

    /** @return list<Paint> all paints it takes */
    public function paints(): array;

    /** @param callable(Mixture): Mixture $change of all it is laid of; where only one paint can lie, the most of a mix stays */
    public function withMixtures(callable $change): static;

    /**
     * The same step on another body.
     *
     * @param float $by root of the ratio of areas
     * @param bool $marks whether marks, mesh and the width of strokes grow with the body
     */
    public function fitted(Body $to, float $by, bool $marks): static;
}
