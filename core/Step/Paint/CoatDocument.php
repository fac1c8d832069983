<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step\Paint;

use Hawkbrush\Core\Air\SprayWork;
use Hawkbrush\Core\Body\Zone;
use Hawkbrush\Core\Coat\Bounds;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Coat\Mixture;
use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Coat\Place;
use Hawkbrush\Core\Coat\SetBy;
use Hawkbrush\Core\Coat\Setting;
use Hawkbrush\Core\Coat\Weight;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Techniques;

/** A coat as it stands in the document of its step. */
final class CoatDocument
{
    public const FIELDS = [
        'mix',
        'technique',
        'where',
        'aim_deg',
        'slant_deg',
        'width_mm',
        'coats',
        'weight',
        'psi',
        'thinning_percent',
        'strokes',
        'set',
        'seed',
        'work',
    ];

    private const MOST_SEED = 2_000_000_000;

    /**
     * @param array<string, Paint> $paints by id
     *
     * @throws Refused
     */
    public static function read(string $id, Node $document, array $paints): Coat
    {
        $technique = Techniques::named($document->field('technique')->field('name')->choice(Techniques::names()));

        return new Coat(
            $id,
            self::mixture($document->field('mix'), $paints),
            $technique,
            Choices::read($technique, $document->field('technique')),
            $document->optional('seed')?->integer(0, self::MOST_SEED) ?? 1,
            self::place($document->field('where')),
            Bounds::optional($document, 'aim_deg', null),
            Bounds::optional($document, 'width_mm', null),
            Bounds::optionalWhole($document, 'coats', 1, 'coats'),
            Weight::from($document->optional('weight')?->choice(Weight::names()) ?? 'medium'),
            Bounds::optional($document, 'psi', 15),
            Bounds::optional($document, 'thinning_percent', 0) / 100,
            Bounds::optionalWhole($document, 'strokes', 4, 'strokes'),
            self::setting($document->optional('set')),
            Bounds::optional($document, 'slant_deg', 0),
            saidWork: SprayWork::tryFrom($document->optional('work')?->choice(SprayWork::names()) ?? ''),
        );
    }

    /** @return array<string, mixed> */
    public static function write(Coat $coat): array
    {
        return [
            'mix' => self::mixed($coat->mixture),
            'technique' => ['name' => $coat->technique->name(), ...$coat->choices->all()],
            'where' => self::placed($coat->place),
            'aim_deg' => $coat->aimDeg,
            'slant_deg' => $coat->slantDeg,
            'width_mm' => $coat->widthMm,
            'coats' => $coat->coats,
            'weight' => $coat->weight->value,
            'psi' => $coat->psi,
            'thinning_percent' => round($coat->thinning * 100, 4),
            'strokes' => $coat->strokes,
            'set' => ['by' => $coat->setting->by->value, 'minutes' => $coat->setting->minutes],
            'seed' => $coat->seed,
            'work' => $coat->saidWork?->value,
        ];
    }

    /**
     * @param array<string, Paint> $paints by id
     *
     * @throws Refused
     */
    public static function mixture(Node $mix, array $paints): Mixture
    {
        $parts = [];
        foreach ($mix->items(...Bounds::OF['paints_in_mix']) as $part) {
            $part->only(['paint', 'drops']);
            $parts[] = [
                self::paint($part->field('paint'), $paints),
                Bounds::optionalWhole($part, 'drops', 1, 'drops'),
            ];
        }

        return new Mixture($parts);
    }

    /** @return list<array{paint: string, drops: int}> */
    public static function mixed(Mixture $mixture): array
    {
        return array_map(static fn(array $part): array => ['paint' => $part[0]->id, 'drops' => $part[1]], $mixture->parts);
    }

    /**
     * @param array<string, Paint> $paints by id
     *
     * @throws Refused when there is no such paint
     */
    public static function paint(Node $node, array $paints): Paint
    {
        $id = $node->text(60);

        return $paints[$id] ?? throw $node->refuse("There is no paint “{$id}” in this document.");
    }

    /** @throws Refused when it is neither a zone nor a range */
    public static function place(Node $node): Place
    {
        $side = $node->optional('side')?->choice([...Place::SIDES, 'both']);
        $side = \in_array($side, Place::SIDES, true) ? $side : null;
        if ($node->has('zone')) {
            return Place::zone(Zone::from($node->only(['zone', 'side'])->field('zone')->choice(Zone::names())), $side);
        }
        $node->only(['from_u', 'to_u', 'from_deg', 'to_deg', 'soft', 'side']);
        $fromU = $node->field('from_u')->number(0, 1);
        $fromDeg = $node->field('from_deg')->number(0, 180);

        return Place::range(
            $fromU,
            $node->field('to_u')->number($fromU, 1),
            $fromDeg,
            $node->field('to_deg')->number($fromDeg, 180),
            $node->optional('soft')?->number(0, 1) ?? 0.3,
            $side,
        );
    }

    /** @return array<string, mixed> */
    public static function placed(Place $place): array
    {
        return ($place->zone !== null
            ? ['zone' => $place->zone->value]
            : [
                'from_u' => $place->fromU,
                'to_u' => $place->toU,
                'from_deg' => $place->fromDeg,
                'to_deg' => $place->toDeg,
                'soft' => $place->soft,
            ])
            + ($place->side === null ? [] : ['side' => $place->side]);
    }

    private static function setting(?Node $node): Setting
    {
        if ($node === null) {
            return new Setting(SetBy::Heat);
        }
        $node->only(['by', 'minutes']);

        return new Setting(SetBy::from($node->field('by')->choice(SetBy::names())), Bounds::optional($node, 'minutes', 0));
    }
}
