<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Change;

use Hawkbrush\Core\Coat\Place;
use Hawkbrush\Core\Handle\Handles;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Refused;

/**
 * {op: handle, step, handle, to: {u, deg} or by: {back_mm, down_mm}, free}: takes hold of a handle. It goes to a mark of the
 * body that is near, unless it is moved freely or by a distance. One that is pushed again at once goes on; one that is pulled is
 * an edit of its own.
 */
final readonly class PullHandle implements Change
{
    private const FARTHEST_MM = 400.0;

    private function __construct(private Node $change) {}

    public static function op(): string
    {
        return 'handle';
    }

    public static function read(Node $change): static
    {
        return new self($change->only(['op', 'step', 'handle', 'to', 'by', 'free']));
    }

    public function applyTo(Recipe $recipe, Surroundings $around): Changed
    {
        $step = $this->change->field('step');
        $coat = PlaceStep::coat($recipe, $step);
        $named = $this->change->field('handle');
        $handle = $named->text(40);
        $by = $this->change->optional('by')?->only(['back_mm', 'down_mm']);
        if ($by !== null) {
            $mm = static fn(string $name): float => $by->optional($name)?->number(-self::FARTHEST_MM, self::FARTHEST_MM) ?? 0.0;
            $set = $named->guard(static fn(): array => Handles::nudge($coat, $recipe->body, $handle, $mm('back_mm'), $mm('down_mm')));
        } else {
            [$u, $deg] = self::spot($this->change->field('to')->only(['u', 'deg']));
            $snap = ! ($this->change->optional('free')?->boolean() ?? false);
            $set = $named->guard(static fn(): array => Handles::move($coat, $recipe->body, $handle, $u, $deg, $snap));
        }
        $set = isset($set['where']) ? PlaceStep::following($coat, Place::read(Node::root($set['where'])), $set) : $set;
        $changed = SetFields::of($step, Node::root($set))->applyTo($recipe, $around);
        $touched = $by === null || $changed->touched === null ? null
            : new Touched($changed->touched->stepId, [...$changed->touched->fields, $handle]);

        return new Changed($changed->recipe, $changed->label, $touched);
    }

    /**
     * @return array{float, float} u and degrees
     *
     * @throws Refused when it is not on the bait
     */
    public static function spot(Node $at): array
    {
        return [$at->field('u')->number(0, 1), $at->field('deg')->number(0, 360)];
    }
}
