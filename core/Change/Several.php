<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Change;

use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Recipe;

/** {op: several, changes}: changes to steps made at once, and undone at once. */
final readonly class Several implements Change
{
    private const MOST = 100;

    /** What changes steps alone. */
    private const KINDS = [
        AddStep::class, SetFields::class, MoveStep::class, DuplicateStep::class, RemoveStep::class, OrderSteps::class,
    ];

    /** @param list<Change> $changes */
    private function __construct(private array $changes) {}

    public static function op(): string
    {
        return 'several';
    }

    public static function read(Node $change): static
    {
        $ops = array_map(static fn(string $kind): string => $kind::op(), self::KINDS);

        return new self(array_map(static function (Node $one) use ($ops): Change {
            $one->field('op')->choice($ops);

            return Changes::read($one);
        }, $change->only(['op', 'changes'])->field('changes')->items(1, self::MOST)));
    }

    public function applyTo(Recipe $recipe, Surroundings $around): Changed
    {
        foreach ($this->changes as $one) {
            $recipe = $one->applyTo($recipe, $around)->recipe;
        }

        return new Changed($recipe, 'change several steps');
    }
}
