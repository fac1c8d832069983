<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Change;

use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\FreshPaint;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Technique\Technique;
use Hawkbrush\Core\Technique\Techniques;

/** {op: begin, technique, after or first, at}: a paint step with the figures that are usual where it stands. */
final readonly class BeginStep implements Change
{
    private function __construct(private Node $change, private Technique $technique) {}

    public static function op(): string
    {
        return 'begin';
    }

    public static function read(Node $change): static
    {
        $change->only(['op', 'technique', 'after', 'first', 'at']);

        return new self($change, Techniques::named($change->field('technique')->choice(Techniques::names())));
    }

    public function applyTo(Recipe $recipe, Surroundings $around): Changed
    {
        $place = Ladder::place($recipe, $this->change);
        $at = $this->change->optional('at')?->only(['u', 'deg']);
        $fresh = FreshPaint::at($recipe, $place, $this->technique, $around->rack(), $at === null ? null : PullHandle::spot($at));
        $step = Ladder::read(Node::root($fresh), ['id' => $around->newId()] + $around->habits()->ofNewStep($fresh['type']), $recipe, $around);

        return new Changed(Ladder::insert($recipe, $place, $step), 'add step '.($place + 1));
    }
}
