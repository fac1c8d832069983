<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice;

use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Shop\Shop;

/** Looks a recipe through. A new rule is one class in Rules and a line here. */
final class Advisor
{
    /** Rules that say the same in different words, the one with the best mend first: of each group a step hears one. */
    public const ONE_OF = [
        ['brighter-over-white', 'hardly-shows', 'colour-turns'],
        ['deep-socket', 'eye-seen'],
    ];

    /** @return list<Rule> */
    public static function rules(): array
    {
        return [
            new Rules\TooSoonToClamp(),
            new Rules\RunsTogether(),
            new Rules\TooThick(),
            new Rules\SealFirst(),
            new Rules\OverClear(),
            new Rules\HardOnSoft(),
            new Rules\MoltenVinyl(),
            new Rules\BuriesMarks(),
            new Rules\StripesOverDark(),
            new Rules\HardlyShows(),
            new Rules\ColourTurns(),
            new Rules\BrighterOverWhite(),
            new Rules\EyeAndSocket(),
            new Rules\DeepSocket(),
            new Rules\EyeSeen(),
            new Rules\NotHidden(),
            new Rules\BareLine(),
            new Rules\RoomTooCold(),
        ];
    }

    /**
     * @param Climate $climate that the waits of the recipe are planned for
     * @param iterable<Paint> $rack paints at hand beside those of the recipe, for what mends it
     * @param Shop|null $shop that it is painted in: its times are given, and its habits count; null: an ordinary one
     *
     * @return list<Finding> the gravest first, then in the order of the ladder; those answered with “meant so” too
     */
    public static function advise(Recipe $recipe, Climate $climate, iterable $rack = [], ?Shop $shop = null): array
    {
        $painted = new Painted($recipe, $climate, $rack, $shop);
        $findings = [];
        foreach (self::rules() as $rule) {
            array_push($findings, ...array_map(
                static fn(Finding $finding): Finding => self::withAnswer($recipe, $finding),
                $rule->check($painted),
            ));
        }
        $findings = self::once($findings);
        $order = [Severity::Stop->value => 0, Severity::Caution->value => 1, Severity::Hint->value => 2];
        usort(
            $findings,
            static fn(Finding $a, Finding $b): int => [
                $order[$a->severity->value],
                $recipe->number($a->stepId),
            ] <=> [$order[$b->severity->value], $recipe->number($b->stepId)],
        );

        return $findings;
    }

    /**
     * @param list<Finding> $findings
     *
     * @return list<Finding> none found twice
     */
    private static function once(array $findings): array
    {
        foreach (self::ONE_OF as $group) {
            $best = [];
            foreach ($findings as $finding) {
                $rank = array_search($finding->rule, $group, true);
                if ($rank !== false) {
                    $best[$finding->stepId] = min($best[$finding->stepId] ?? $rank, $rank);
                }
            }
            $findings = array_filter($findings, static function (Finding $finding) use ($group, $best): bool {
                $rank = array_search($finding->rule, $group, true);

                return $rank === false || $rank === $best[$finding->stepId];
            });
        }

        return array_values($findings);
    }

    private static function withAnswer(Recipe $recipe, Finding $finding): Finding
    {
        $step = $recipe->step($finding->stepId);
        if ($step === null) {
            return $finding;
        }
        $meant = Meant::is($step, $finding->rule);

        return $finding->answered($meant, $meant ? Meant::takeBack($step, $finding->rule) : Meant::answer($step, $finding->rule));
    }
}
