<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Change;

use Hawkbrush\Core\Eye\Fit;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Step\Steps;

/** {op: add, step, after: step id, or first: true; else last}: puts a step in, with what the shop's habits and the body say of it. */
final readonly class AddStep implements Change
{
    private const MOST_FIELDS = 40;

    private function __construct(private Node $change) {}

    public static function op(): string
    {
        return 'add';
    }

    public static function read(Node $change): static
    {
        $change->only(['op', 'step', 'after', 'first'])->field('step')->fields(self::MOST_FIELDS);

        return new self($change);
    }

    public function applyTo(Recipe $recipe, Surroundings $around): Changed
    {
        $at = Ladder::place($recipe, $this->change);
        $document = $this->change->field('step');
        $type = $document->optional('type')?->raw();
        $usual = $around->habits()->ofNewStep($type) + (Steps::setsEye($type) ? ['diameter_mm' => Fit::usualMm($recipe->body)] : []);
        $step = Ladder::read($document, ['id' => $around->newId()] + $usual, $recipe, $around);
        if ($recipe->step($step->id) !== null) {
            throw $document->field('id')->refuse("Two steps are called “{$step->id}”.");
        }

        return new Changed(Ladder::insert($recipe, $at, $step), 'add step '.($at + 1));
    }
}
