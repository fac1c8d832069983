<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice\Rules;

use Hawkbrush\Core\Advice\Finding;
use Hawkbrush\Core\Advice\Painted;
use Hawkbrush\Core\Advice\Rule;
use Hawkbrush\Core\Advice\Severity;

/** A room too cold for water-borne paint or for a two-part clear: said once of each, at the first step that it touches. */
final class RoomTooCold implements Rule
{
    public function name(): string
    {
        return 'room-too-cold';
    }

    public function check(Painted $painted): array
    {
        $findings = [];
        foreach ($painted->recipe->enabled() as $step) {
            $least = $step->coldestC();
            if ($least === null || $painted->room()->airC >= $least || isset($findings[$step->kind()])) {
                continue;
            }
            $findings[$step->kind()] = new Finding(
                $this->name(), Severity::Caution, $step->id, 'The room is cold for it',
                \sprintf(
                    '%.0f °C here; below about %.0f °C %s Warm the room, the bait and the bottle. The product’s sheet goes first.',
                    $painted->room()->airC,
                    $least,
                    $step->coat() !== null
                        ? 'water-borne paint dries chalky and does not hold.'
                        : 'the two parts thicken, keep their bubbles and may stay soft.',
                ),
                null,
            );
        }

        return array_values($findings);
    }
}
