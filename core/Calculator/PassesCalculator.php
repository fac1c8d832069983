<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Calculator;

use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Exchange\RecipeReader;
use Hawkbrush\Core\Exchange\ResultWriter;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Passes\Pass;
use Hawkbrush\Core\Passes\Passes;

/** What each further coat of a step changes. */
final class PassesCalculator implements Calculator
{
    /** As many as a step may have. */
    private const MOST = 40;

    public function name(): string
    {
        return 'passes';
    }

    public function shape(): string
    {
        return <<<'TEXT'
            in:  recipe (a recipe document), step (id), optional up_to (coats, 1 to 40; else three beyond the planned)
            out: passes [{coats, zones {name: {hex, lab, delta_e_from_before}}, delta_e_from_before: where it lands}]
                 after the step, from none on;
                 planned, last_seen (the last coat that changes a zone by 1 DeltaE00; null: none),
                 too_many (null: not within these): from which coat on something wanted is lost, reason: what
            TEXT;
    }

    public function example(): array
    {
        return ['recipe' => Examples::recipe(), 'step' => 'scales', 'up_to' => 5];
    }

    public function calculate(Node $in): array
    {
        $in->only(['recipe', 'step', 'up_to']);
        $passes = Passes::of(
            RecipeReader::read($in->field('recipe')),
            $in->field('step')->text(),
            $in->optional('up_to')?->integer(1, self::MOST),
            Climate::ordinary(),
        );

        return [
            'passes' => array_map(self::pass(...), $passes->all),
            'planned' => $passes->planned,
            'last_seen' => $passes->lastSeen,
            'too_many' => $passes->tooMany?->coats,
            'reason' => $passes->tooMany?->reason,
        ];
    }

    /** @return array<string, mixed> */
    private static function pass(Pass $pass): array
    {
        $zones = array_map(
            static fn(Colour $colour, string $zone): array => [
                'hex' => $colour->hex(),
                'lab' => ResultWriter::lab($colour->lab),
                'delta_e_from_before' => round($pass->fromBefore[$zone], 3),
            ],
            $pass->zones,
            array_keys($pass->zones),
        );

        return [
            'coats' => $pass->coats,
            'zones' => (object) array_combine(array_keys($pass->zones), $zones),
            'delta_e_from_before' => round($pass->atPlace, 3),
        ];
    }
}
