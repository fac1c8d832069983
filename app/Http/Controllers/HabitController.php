<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Input;
use App\Models\Preference;
use App\Present\HabitView;
use Hawkbrush\Core\Air\CleanFigures;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Shop\Habits;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The school that this shop follows where painters differ, and what its ways of cleaning leave and take. */
final class HabitController
{
    public function show(): JsonResponse
    {
        return new JsonResponse(HabitView::of(Preference::habits(), Preference::cleaning()));
    }

    /** {habits: {habit: school}, clean: {level: {left, minutes, cleaner_ml}}}: what is named changes. */
    public function update(Request $request): JsonResponse
    {
        $form = Input::of($request)->only(['habits', 'clean']);
        Preference::changeWays(static function (Habits $habits, CleanFigures $clean) use ($form): array {
            $named = static fn(string $name): array => array_map(
                static fn(Node $value): mixed => $value->raw(),
                $form->optional($name)?->fields() ?? [],
            );
            $all = Node::root(['habits' => [...$habits->all(), ...$named('habits')], 'clean' => [...$clean->all(), ...$named('clean')]]);

            return [
                'habits' => Habits::read($all->field('habits'))->all(),
                'clean' => CleanFigures::read($all->field('clean'))->all(),
            ];
        });

        return $this->show();
    }
}
