<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Change;

use Hawkbrush\Core\Step\Step;

/** The steps that go through one mesh or tape, which stays on between them ({@see \Hawkbrush\Core\Coat\Coat::keepsMaskOf}). */
final class MaskSpan
{
    /**
     * @param list<Step> $steps
     *
     * @return array{int, int} places of the first and the last of them; the same place twice where no mask stays on
     */
    public static function around(array $steps, int $at): array
    {
        $keeps = static fn(int $i): bool => isset($steps[$i - 1], $steps[$i])
            && $steps[$i]->coat()?->keepsMaskOf($steps[$i - 1]->coat()) === true;
        [$first, $last] = [$at, $at];
        while ($keeps($first)) {
            $first--;
        }
        while ($keeps($last + 1)) {
            $last++;
        }

        return [$first, $last];
    }
}
