<?php

declare(strict_types=1);

namespace App\Actions\Patterns;

use Hawkbrush\Core\Node;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Techniques;

/** The steps of a document that go through one mesh or tape, which stays on between them ({@see \Hawkbrush\Core\Coat\Coat::keepsMaskOf}). */
final class MaskSpan
{
    /**
     * @param list<array<string, mixed>> $steps
     *
     * @return array{int, int} places of the first and the last of them; the same place twice where no mask stays on
     */
    public static function around(array $steps, int $at): array
    {
        $mask = self::mask($steps[$at]);
        [$first, $last] = [$at, $at];
        while ($mask !== null && isset($steps[$first - 1]) && self::mask($steps[$first - 1]) === $mask) {
            $first--;
        }
        while ($mask !== null && isset($steps[$last + 1]) && self::mask($steps[$last + 1]) === $mask) {
            $last++;
        }

        return [$first, $last];
    }

    /**
     * @param array<string, mixed> $step
     *
     * @return array{mixed, mixed}|null null: it goes through none that could stay on
     */
    private static function mask(array $step): ?array
    {
        $technique = $step['technique'] ?? null;
        $name = \is_array($technique) ? ($technique['name'] ?? null) : null;
        if (! \is_string($name) || ! \in_array($name, Techniques::names(), true) || ! Techniques::named($name)->press()->presses()) {
            return null;
        }

        // What a document leaves out stands at its default, as where the coat is read.
        $plain = Choices::read(Techniques::named($name), Node::root(['name' => $name]))->all();
        $set = $technique + $plain;
        ksort($set);

        return [
            array_map(static fn(mixed $value): mixed => \is_int($value) ? (float) $value : $value, $set),
            $step['seed'] ?? 1,
        ];
    }
}
