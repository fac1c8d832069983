<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Change;

use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Step\Step;
use Hawkbrush\Core\Step\Steps;

/**
 * {op: change, step, set}: sets fields of a step. All steps that go through one mask follow. By
 * another seed a step and those after it take another mask.
 */
final readonly class SetFields implements Change
{
    private const MOST_FIELDS = 20;

    /** Said once for all that go through one mask. */
    private const OF_MASK = ['technique', 'seed'];

    private function __construct(private Node $step, private Node $set) {}

    public static function op(): string
    {
        return 'change';
    }

    public static function read(Node $change): static
    {
        return self::of($change->only(['op', 'step', 'set'])->field('step'), $change->field('set'));
    }

    /** Fields that another change comes to. */
    public static function of(Node $step, Node $set): self
    {
        foreach ($set->fields(self::MOST_FIELDS) as $field => $value) {
            if ($field === 'id' || $field === 'type') {
                throw $value->refuse('A step keeps its id and its type.');
            }
        }

        return new self($step, $set);
    }

    public function applyTo(Recipe $recipe, Surroundings $around): Changed
    {
        $at = Ladder::find($recipe, $this->step);
        $names = array_map(strval(...), array_keys($this->set->fields()));
        $steps = $recipe->steps;
        foreach ($steps as $i => $step) {
            $fields = $i === $at ? $names : $this->ofMask($recipe, $i, $at, $names);
            if ($fields !== []) {
                $steps[$i] = Ladder::read($this->set->part($fields), Steps::write($step), $recipe, $around);
            }
        }

        return new Changed(
            $recipe->with($steps),
            'change step '.($at + 1),
            new Touched($recipe->steps[$at]->id, $names),
            self::lost($recipe->steps[$at], $steps[$at]),
        );
    }

    /**
     * Fields that another step takes too, because its mask is the same.
     *
     * @param list<string> $names that are set
     *
     * @return list<string>
     */
    private function ofMask(Recipe $recipe, int $other, int $at, array $names): array
    {
        [$first, $last] = MaskSpan::around($recipe->steps, $at);
        if ($other < $first || $other > $last) {
            return [];
        }

        return array_values(array_intersect($names, $other < $at ? [self::OF_MASK[0]] : self::OF_MASK));
    }

    /** What a step loses that does not show: the figures of the technique it is put on with no more. */
    private static function lost(Step $was, Step $is): string
    {
        $before = $was->coat();
        $now = $is->coat();
        if ($before === null || $now === null || $before->technique->name() === $now->technique->name()) {
            return '';
        }

        return $before->choices->areUsual($before->technique) ? ''
            : $now->technique->label().' now; the figures of “'.$before->technique->label().'” are gone.';
    }
}
