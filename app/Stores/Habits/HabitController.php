<?php

declare(strict_types=1);

namespace App\Stores\Habits;

use App\Http\Input;
use App\Models\Preference;
use Hawkbrush\Core\Air\CleanFigures;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Shop\Habits;
use Hawkbrush\Core\Shop\ShopHabits;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The school that this shop follows where painters differ, and what its ways of cleaning leave and take. */
final class HabitController
{
    public function show(): JsonResponse
    {
        return new JsonResponse(HabitView::of(Preference::ways()));
    }

    /** {painter, forget, habits: {habit: school}, clean: {level: {left, minutes, cleaner_ml}}}: what is named changes. */
    public function update(Request $request): JsonResponse
    {
        $form = Input::of($request)->only(['painter', 'forget', 'habits', 'clean']);
        Preference::changeWays(static function (ShopHabits $ways) use ($form): ShopHabits {
            $painter = $form->optional('painter')?->text(40);
            $forget = $form->optional('forget')?->text(40);
            $ways = $painter === null ? $ways : $ways->paintedBy($painter);
            $ways = $forget === null ? $ways : $ways->without($forget);
            $named = static fn(string $name): array => array_map(
                static fn(Node $value): mixed => $value->raw(),
                $form->optional($name)?->fields() ?? [],
            );
            $all = Node::root([
                'habits' => [...$ways->habits()->all(), ...$named('habits')],
                'clean' => [...$ways->clean->all(), ...$named('clean')],
            ]);

            return $ways->with(Habits::read($all->field('habits')), CleanFigures::read($all->field('clean')));
        });

        return $this->show();
    }
}
