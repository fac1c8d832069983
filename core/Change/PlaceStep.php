<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Change;

use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Coat\Place;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Refused;

/** {op: place, step, where}: puts a paint step elsewhere; its aim follows unless it was set otherwise. */
final readonly class PlaceStep implements Change
{
    private function __construct(private Node $step, private Node $where) {}

    public static function op(): string
    {
        return 'place';
    }

    public static function read(Node $change): static
    {
        return new self($change->only(['op', 'step', 'where'])->field('step'), $change->field('where'));
    }

    public function applyTo(Recipe $recipe, Surroundings $around): Changed
    {
        $coat = self::coat($recipe, $this->step);
        $set = self::following($coat, Place::read($this->where), ['where' => $this->where->raw()]);
        $changed = SetFields::of($this->step, Node::root($set))->applyTo($recipe, $around);

        return new Changed($changed->recipe, $changed->label);
    }

    /** @throws Refused when that step lays no coat */
    public static function coat(Recipe $recipe, Node $step): Coat
    {
        return $recipe->step($step->text(40))?->coat() ?? throw $step->refuse('There is no such paint step in this version.');
    }

    /**
     * The aim goes with the place until it is set otherwise.
     *
     * @param array<string, mixed> $set
     *
     * @return array<string, mixed>
     */
    public static function following(Coat $coat, Place $to, array $set): array
    {
        $usual = $coat->aimDeg === $coat->place->usualAimDeg();

        return $usual && $coat->technique->sprayed() ? [...$set, 'aim_deg' => $to->usualAimDeg()] : $set;
    }
}
