<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Exchange;

use Hawkbrush\Core\Body\Zone;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\BenchStep;
use Hawkbrush\Core\Pattern\Bounds;
use Hawkbrush\Core\Pattern\Clear;
use Hawkbrush\Core\Pattern\ClearStep;
use Hawkbrush\Core\Pattern\EyeStep;
use Hawkbrush\Core\Pattern\Paint;
use Hawkbrush\Core\Pattern\PaintStep;
use Hawkbrush\Core\Pattern\Place;
use Hawkbrush\Core\Pattern\SetBy;
use Hawkbrush\Core\Pattern\Setting;
use Hawkbrush\Core\Pattern\Step;
use Hawkbrush\Core\Pattern\Weight;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Techniques;

/** Reads one step of a recipe document; the shape is in contract/recipe.schema.json. */
final class StepReader
{
    public const TYPES = ['paint', 'prep', 'wait', 'inspect', 'eye', 'clear'];

    private const COMMON = ['id', 'type', 'title', 'on', 'check'];

    private const PAINT = ['mix', 'technique', 'where', 'aim_deg', 'width_mm', 'coats', 'weight', 'psi', 'thinning_percent', 'strokes', 'set', 'seed'];

    /**
     * @param array<string, Paint> $paints
     *
     * @throws Refused
     */
    public static function read(Node $node, array $paints): Step
    {
        $type = $node->field('type')->choice(self::TYPES);
        $id = $node->field('id')->text(40);
        if (preg_match('/^[A-Za-z0-9_-]+$/', $id) !== 1) {
            throw $node->field('id')->refuse('A step id is made of letters, digits, - and _.');
        }
        $title = $node->optional('title')?->text(80, true) ?? '';
        $on = $node->optional('on')?->boolean() ?? true;
        $check = $node->optional('check')?->text(300, true) ?? '';

        return match ($type) {
            'paint' => self::paint($node, $paints, $id, $title, $on, $check),
            'eye' => self::eye($node, $id, $title, $on, $check),
            'clear' => self::clear($node, $id, $title, $on, $check),
            default => self::bench($node, $type, $id, $title, $on, $check),
        };
    }

    /** @param array<string, Paint> $paints */
    private static function paint(Node $node, array $paints, string $id, string $title, bool $on, string $check): PaintStep
    {
        $node->only([...self::COMMON, ...self::PAINT]);
        $mix = [];
        foreach ($node->field('mix')->items(1, 6) as $part) {
            $part->only(['paint', 'drops']);
            $key = $part->field('paint')->text(60);
            $mix[] = [
                $paints[$key] ?? throw $part->field('paint')->refuse("There is no paint “{$key}” in this document."),
                self::count($part->optional('drops'), 'drops') ?? 1,
            ];
        }
        \assert($mix !== []);
        $technique = Techniques::named($node->field('technique')->field('name')->choice(Techniques::names()));
        \assert($technique !== null);

        return new PaintStep(
            $id, $title, $on, $check, $mix, $technique,
            Choices::read($technique, $node->field('technique')),
            $node->optional('seed')?->integer(0, 2_000_000_000) ?? 1,
            self::place($node->field('where')),
            self::figure($node->optional('aim_deg'), 'aim_deg'),
            self::figure($node->optional('width_mm'), 'width_mm'),
            self::count($node->optional('coats'), 'coats') ?? 1,
            Weight::from($node->optional('weight')?->choice(Weight::names()) ?? 'medium'),
            self::figure($node->optional('psi'), 'psi') ?? 15.0,
            (self::figure($node->optional('thinning_percent'), 'thinning_percent') ?? 0.0) / 100,
            self::count($node->optional('strokes'), 'strokes') ?? 4,
            self::setting($node->optional('set')),
        );
    }

    private static function place(Node $node): Place
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

    private static function setting(?Node $node): Setting
    {
        if ($node === null) {
            return new Setting(SetBy::Heat);
        }
        $node->only(['by', 'minutes']);

        return new Setting(
            SetBy::from($node->field('by')->choice(SetBy::names())),
            self::figure($node->optional('minutes'), 'minutes') ?? 0.0,
        );
    }

    private static function eye(Node $node, string $id, string $title, bool $on, string $check): EyeStep
    {
        $node->only([...self::COMMON, 'diameter_mm', 'iris', 'pupil', 'set_with']);

        return new EyeStep(
            $id, $title, $on, $check,
            Bounds::number($node->field('diameter_mm'), 'diameter_mm'),
            $node->has('iris') ? PaintReader::hex($node->field('iris'))->hex() : EyeStep::ORDINARY_IRIS,
            $node->optional('pupil')?->choice(EyeStep::PUPILS) ?? 'round',
            $node->optional('set_with')?->text(60) ?? 'tacky glue',
        );
    }

    private static function clear(Node $node, string $id, string $title, bool $on, string $check): ClearStep
    {
        $node->only([...self::COMMON, 'clear', 'coats']);

        return new ClearStep($id, $title, $on, $check, Clear::from($node->field('clear')->choice(Clear::names())), self::count($node->optional('coats'), 'clear_coats') ?? 1);
    }

    private static function bench(Node $node, string $type, string $id, string $title, bool $on, string $check): BenchStep
    {
        $node->only([...self::COMMON, 'task', 'minutes']);
        \assert(\in_array($type, BenchStep::TYPES, true));

        return new BenchStep($id, $title, $on, $check, $type, $node->optional('task')?->text(500, true) ?? '', self::figure($node->optional('minutes'), 'minutes') ?? 0.0);
    }

    /** @param key-of<Bounds::OF> $figure */
    private static function figure(?Node $node, string $figure): ?float
    {
        return $node === null ? null : Bounds::number($node, $figure);
    }

    /** @param 'clear_coats'|'coats'|'drops'|'strokes' $figure */
    private static function count(?Node $node, string $figure): ?int
    {
        return $node === null ? null : Bounds::whole($node, $figure);
    }
}
