<?php

declare(strict_types=1);

namespace App\Actions\Patterns;

use App\Models\Paint;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Coat\Place;
use Hawkbrush\Core\Handle\Handles;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\FreshPaint;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Step\Paint\CoatDocument;
use Hawkbrush\Core\Technique\Techniques;

/**
 * What a change by hand comes to in fields of a step: {op: begin, technique, after or first, at} begins a paint step with
 * usual figures, {op: place, step, where} moves a step and lets its aim follow, {op: handle, step, handle, to or by} takes
 * hold of a handle.
 */
final class PlainChange
{
    public const OPS = ['begin', 'place', 'handle'];

    private const FARTHEST_MM = 400.0;

    /**
     * @return array<string, mixed> {op: add} or {op: change}
     *
     * @throws Refused when it does not fit these steps
     */
    public static function of(Recipe $recipe, Node $change): array
    {
        return match ($change->field('op')->choice(self::OPS)) {
            'begin' => self::begin($recipe, $change),
            'place' => self::place($recipe, $change),
            default => self::handle($recipe, $change),
        };
    }

    /** @return array<string, mixed> */
    private static function begin(Recipe $recipe, Node $change): array
    {
        $change->only(['op', 'technique', 'after', 'first', 'at']);
        $technique = Techniques::named($change->field('technique')->choice(Techniques::names()));
        $first = $change->optional('first')?->boolean() ?? false;
        $after = $change->optional('after')?->text(40);
        if ($after !== null && $recipe->number($after) === 0) {
            throw $change->field('after')->refuse('There is no such step in this version.');
        }
        $position = $first ? 0 : ($after === null ? \count($recipe->steps) : $recipe->number($after));
        $at = $change->optional('at')?->only(['u', 'deg']);
        $rack = Paint::query()->whereNull('archived_at')->where('left_ml', '>', 0)->orderBy('name')->get()
            ->map(static fn(Paint $paint) => $paint->core())->all();

        return [
            'op' => 'add',
            'step' => FreshPaint::at($recipe, $position, $technique, array_values($rack), $at === null ? null : self::spot($at)),
        ] + ($first ? ['first' => true] : []) + ($after === null ? [] : ['after' => $after]);
    }

    /** @return array<string, mixed> */
    private static function place(Recipe $recipe, Node $change): array
    {
        $change->only(['op', 'step', 'where']);
        $coat = self::coat($recipe, $change);
        $where = $change->field('where');

        return self::change($change, self::following($coat, CoatDocument::place($where), ['where' => $where->raw()]));
    }

    /** @return array<string, mixed> */
    private static function handle(Recipe $recipe, Node $change): array
    {
        $change->only(['op', 'step', 'handle', 'to', 'by', 'free']);
        $coat = self::coat($recipe, $change);
        $named = $change->field('handle');
        $handle = $named->text(40);
        $by = $change->optional('by')?->only(['back_mm', 'down_mm']);
        if ($by !== null) {
            $mm = static fn(string $name): float => $by->optional($name)?->number(-self::FARTHEST_MM, self::FARTHEST_MM) ?? 0.0;
            $set = $named->guard(static fn(): array => Handles::nudge($coat, $recipe->body, $handle, $mm('back_mm'), $mm('down_mm')));
        } else {
            [$u, $deg] = self::spot($change->field('to')->only(['u', 'deg']));
            $snap = ! ($change->optional('free')?->boolean() ?? false);
            $set = $named->guard(static fn(): array => Handles::move($coat, $recipe->body, $handle, $u, $deg, $snap));
        }

        return self::change($change, isset($set['where']) ? self::following($coat, CoatDocument::place(Node::root($set['where'])), $set) : $set);
    }

    /**
     * The aim goes with the place until it is set otherwise.
     *
     * @param array<string, mixed> $set
     *
     * @return array<string, mixed>
     */
    private static function following(Coat $coat, Place $to, array $set): array
    {
        $usual = $coat->aimDeg === $coat->place->usualAimDeg();

        return $usual && $coat->technique->sprayed() ? [...$set, 'aim_deg' => $to->usualAimDeg()] : $set;
    }

    /**
     * @param array<string, mixed> $set
     *
     * @return array<string, mixed>
     */
    private static function change(Node $change, array $set): array
    {
        return ['op' => 'change', 'step' => $change->field('step')->text(40), 'set' => $set];
    }

    private static function coat(Recipe $recipe, Node $change): Coat
    {
        return $recipe->step($change->field('step')->text(40))?->coat()
            ?? throw $change->field('step')->refuse('There is no such paint step in this version.');
    }

    /** @return array{float, float} */
    private static function spot(Node $at): array
    {
        return [$at->field('u')->number(0, 1), $at->field('deg')->number(0, 360)];
    }
}
