<?php

declare(strict_types=1);

namespace App\Actions\Patterns;

use App\Models\Preference;
use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Eye\Fit;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Step\Steps;
use Illuminate\Support\Str;

/**
 * One change to the steps of a recipe: {op: add, step, after (step id), or first: true; else last}, {op: change, step, set}, {op: move, step, to},
 * {op: duplicate, step}, {op: remove, step} or {op: order, steps}: all ids in their new order.
 */
final class ChangeSteps
{
    public const OPS = ['add', 'change', 'move', 'duplicate', 'remove', 'order'];

    /**
     * @param list<array<string, mixed>> $steps
     * @param Body|null $body that a new eye is to fit; null: the change says its size
     *
     * @return array{list<array<string, mixed>>, string, string} the steps after it, what was done in words, and which
     *                                                         fields of which step were set
     *
     * @throws Refused when the change does not fit these steps
     */
    public function apply(array $steps, Node $change, ?Body $body = null): array
    {
        $op = $change->field('op')->choice(self::OPS);
        if ($op === 'add') {
            return $this->add($steps, $change, $body);
        }
        if ($op === 'order') {
            return $this->order($steps, $change);
        }
        $at = $this->find($steps, $change->field('step'));
        $number = $at + 1;
        switch ($op) {
            case 'change':
                $change->only(['op', 'step', 'set']);
                [$first, $last] = MaskSpan::around($steps, $at);
                foreach ($change->field('set')->fields(20) as $field => $value) {
                    if (\in_array($field, ['id', 'type'], true)) {
                        throw $value->refuse('A step keeps its id and its type.');
                    }
                    $steps[$at][$field] = $value->raw();
                    // A mask that stays on is said once: all that go through it follow. By another seed a step and
                    // those after it take another mask.
                    for ($i = $field === 'technique' ? $first : $at; $i <= $last && \in_array($field, ['technique', 'seed'], true); $i++) {
                        $steps[$i][$field] = $value->raw();
                    }
                }

                return [
                    $steps,
                    "change step {$number}",
                    $change->field('step')->text(40).' '.implode(' ', array_keys($change->field('set')->fields())),
                ];
            case 'move':
                $change->only(['op', 'step', 'to']);
                $to = $change->field('to')->integer(0, \count($steps) - 1);
                [$moved] = array_splice($steps, $at, 1);
                array_splice($steps, $to, 0, [$moved]);

                return [$steps, "move step {$number}", ''];
            case 'duplicate':
                $change->only(['op', 'step']);
                array_splice($steps, $number, 0, [['id' => $this->newId()] + $steps[$at]]);

                return [$steps, "duplicate step {$number}", ''];
            default:
                $change->only(['op', 'step']);
                array_splice($steps, $at, 1);

                return [$steps, "remove step {$number}", ''];
        }
    }

    /**
     * @param list<array<string, mixed>> $steps
     *
     * @return array{list<array<string, mixed>>, string, string}
     */
    private function add(array $steps, Node $change, ?Body $body): array
    {
        $change->only(['op', 'step', 'after', 'first']);
        $at = match (true) {
            $change->has('after') => $this->find($steps, $change->field('after')) + 1,
            $change->optional('first')?->boolean() ?? false => 0,
            default => \count($steps),
        };
        $step = ['id' => $this->newId()];
        foreach ($change->field('step')->fields(40) as $field => $value) {
            $step[$field] = $value->raw();
        }
        $step += Preference::habits()->ofNewStep($step['type'] ?? null);
        if ($body !== null && Steps::setsEye($step)) {
            $step += ['diameter_mm' => Fit::usualMm($body)];
        }
        array_splice($steps, $at, 0, [$step]);

        return [$steps, 'add step '.($at + 1), ''];
    }

    /**
     * @param list<array<string, mixed>> $steps
     *
     * @return array{list<array<string, mixed>>, string, string}
     */
    private function order(array $steps, Node $change): array
    {
        $wanted = $change->only(['op', 'steps'])->field('steps')->items(\count($steps), \count($steps));
        $ids = array_map(static fn(Node $id): string => $id->text(40), $wanted);
        $of = array_column($steps, null, 'id');
        if (array_diff(array_keys($of), $ids) !== []) {
            throw $change->field('steps')->refuse('An order names every step of the version once.');
        }

        return [array_map(static fn(string $id): array => $of[$id], $ids), 'change the order', ''];
    }

    /** @param list<array<string, mixed>> $steps */
    private function find(array $steps, Node $id): int
    {
        foreach ($steps as $i => $step) {
            if ($step['id'] === $id->text(40)) {
                return $i;
            }
        }
        throw $id->refuse('There is no such step in this version.');
    }

    private function newId(): string
    {
        return strtolower((string) Str::ulid());
    }
}
