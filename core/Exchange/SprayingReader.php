<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Exchange;

use Hawkbrush\Core\Air\Nozzle;
use Hawkbrush\Core\Air\Spraying;
use Hawkbrush\Core\Air\SprayWork;
use Hawkbrush\Core\Air\Sweep;
use Hawkbrush\Core\Body\Zone;
use Hawkbrush\Core\Coat\CoatDocument;
use Hawkbrush\Core\Coat\LikelyWork;
use Hawkbrush\Core\Coat\Place;
use Hawkbrush\Core\Coat\Weight;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/**
 * Reads a way of spraying: {work, kind, thinning_percent, nozzle_mm, craft}; of free spraying instead of the work {weight,
 * width_mm, zone}. What is left out is ordinary.
 */
final class SprayingReader
{
    public const FIELDS = ['work', 'weight', 'width_mm', 'zone', 'kind', 'thinning_percent', 'nozzle_mm', 'craft'];

    /**
     * @param SprayWork|null $usual where none is named; null: it must be
     *
     * @throws Refused saying what is possible
     */
    public static function read(Node $in, ?SprayWork $usual = null): Spraying
    {
        $kind = Kind::from($in->optional('kind')?->choice(Kind::names()) ?? 'opaque');
        [$work, $sweep] = self::work($in, $kind, $usual);

        return new Spraying(
            $work,
            $kind,
            CoatDocument::fields()->among($in)->number('thinning_percent') / 100,
            new Nozzle($in->optional('nozzle_mm')?->number(Nozzle::LEAST_MM, Nozzle::MOST_MM) ?? Nozzle::ORDINARY_MM),
            $in->optional('craft')?->boolean() ?? false,
            sweep: $sweep,
        );
    }

    /** @return array{SprayWork, Sweep|null} */
    private static function work(Node $in, Kind $kind, ?SprayWork $usual): array
    {
        $free = array_values(array_filter(['weight', 'width_mm', 'zone'], $in->has(...)));
        if ($free === []) {
            $said = $usual !== null && ! $in->has('work');

            return [$said ? $usual : SprayWork::from($in->field('work')->choice(SprayWork::names())), null];
        }
        if ($in->has('work')) {
            throw $in->field($free[0])->refuse('Name a work, or weight, width and zone of free spraying, not both.');
        }
        $weight = Weight::from($in->optional('weight')?->choice(Weight::names()) ?? Weight::Medium->value);
        $place = Place::zone(Zone::from($in->optional('zone')?->choice(Zone::names()) ?? Zone::Whole->value));
        $width = $in->optional('width_mm')?->number(Sweep::LEAST_MM, Sweep::MOST_MM);
        $work = LikelyWork::free($kind, $weight, $place, $width);

        return [$work, $work->isFree() ? LikelyWork::freely($kind, $weight->wetUm(), $place->sweptMm($width)) : null];
    }
}
