<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run;

use Hawkbrush\Core\Air\CleanOut;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Render\Coverage;
use Hawkbrush\Core\Render\Field;
use Hawkbrush\Core\Shop\Shop;

/** How the airbrush is cleaned before each step of a recipe that takes another colour, held on what that step is laid on. */
final class Cleanings
{
    private const COLUMNS = 64;

    private const AROUND = 40;

    /** @return array<string, CleanOut> by step id; not in it: the airbrush stays as it is */
    public static function of(Recipe $recipe, Shop $shop): array
    {
        $surface = Surface::of($recipe->body, self::COLUMNS, self::AROUND);
        $field = Field::bare($surface);
        $last = null;
        $cleanings = [];
        foreach ($recipe->coats() as $coat) {
            $coverage = Coverage::land($coat, $surface);
            if ($coat->byAir()) {
                $clean = $last === null ? null : self::between($last, $coat, self::ground($field, $coverage), $shop);
                $cleanings += $clean === null ? [] : [$coat->id => $clean];
                $last = $coat;
            }
            $field = $field->with($coat, $shop->climate, $coverage);
        }

        return $cleanings;
    }

    /** Null where the same colour goes on, or one of the two leaves nothing. */
    public static function between(Coat $from, Coat $to, FilmState $ground, Shop $shop): ?CleanOut
    {
        [$before, $after] = [$from->mixture->inCup(), $to->mixture->inCup()];

        return $before === null || $after === null || $from->mixture->isSameAs($to->mixture)
            ? null
            : CleanOut::between($before, $after, $to->dryUm(), $ground, $shop->clean);
    }

    /** What most of a coat is laid on. */
    private static function ground(Field $field, Coverage $coverage): FilmState
    {
        $on = [];
        foreach ($coverage->left === [] ? $coverage->right : $coverage->left as $cell => $share) {
            $state = $coverage->left === [] ? $field->right[$cell] : $field->left[$cell];
            $on[$state] = ($on[$state] ?? 0.0) + $share * $field->surface->areaMm2[$cell];
        }
        arsort($on);

        return $field->states[array_key_first($on) ?? 0];
    }
}
