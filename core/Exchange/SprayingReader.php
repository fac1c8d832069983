<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Exchange;

use Hawkbrush\Core\Air\Nozzle;
use Hawkbrush\Core\Air\Spraying;
use Hawkbrush\Core\Air\SprayWork;
use Hawkbrush\Core\Coat\CoatDocument;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** Reads a way of spraying: {work, kind, thinning_percent, nozzle_mm}; what is left out is ordinary. */
final class SprayingReader
{
    public const FIELDS = ['work', 'kind', 'thinning_percent', 'nozzle_mm'];

    /**
     * @param SprayWork|null $usual where none is named; null: it must be
     *
     * @throws Refused saying what is possible
     */
    public static function read(Node $in, ?SprayWork $usual = null): Spraying
    {
        return new Spraying(
            $usual !== null && ! $in->has('work') ? $usual : SprayWork::from($in->field('work')->choice(SprayWork::names())),
            Kind::from($in->optional('kind')?->choice(Kind::names()) ?? 'opaque'),
            CoatDocument::fields()->among($in)->number('thinning_percent') / 100,
            new Nozzle($in->optional('nozzle_mm')?->number(Nozzle::LEAST_MM, Nozzle::MOST_MM) ?? Nozzle::ORDINARY_MM),
        );
    }
}
