<?php

declare(strict_types=1);

namespace App\Stores\Rig;

use App\Stores\TakeUp;
use Hawkbrush\Core\Drying\Dryer;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Illuminate\Support\Facades\DB;

/** Puts airbrushes, compressors and dryers into the rig, changes them, takes them in hand. */
final class KeepRig
{
    /**
     * {kind, name, …figures, in_hand}; the first of its kind is in hand.
     *
     * @throws Refused
     */
    public function add(Node $form): Equipment
    {
        $kind = $form->field('kind')->choice(Equipment::KINDS);
        $form->only(['kind', 'name', 'in_hand', ...Equipment::fields($kind)->names()]);
        $figures = self::figures($kind, $form, []);
        $name = $form->field('name')->text(80);

        return DB::transaction(static function () use ($kind, $name, $figures, $form): Equipment {
            $wanted = $form->optional('in_hand')?->boolean() ?? false;
            $first = TakeUp::isFirst(new Equipment(), $kind);
            $one = Equipment::query()->create(['kind' => $kind, 'name' => $name, 'figures' => $figures]);

            return $wanted || $first ? TakeUp::one($one, 'in_hand') : $one->refresh();
        });
    }

    /**
     * {name, …figures, in_hand: true, archived}: what is named changes.
     *
     * @throws Refused
     */
    public function change(Equipment $one, Node $form): Equipment
    {
        $form->only(['revision', 'name', 'in_hand', 'archived', ...Equipment::fields($one->kind)->names()]);
        $figures = self::figures($one->kind, $form, $one->figures);
        $archived = TakeUp::archived($form);
        $one->update([
            'name' => $form->optional('name')?->text(80) ?? $one->name,
            'figures' => $figures,
            ...$archived,
            'in_hand' => ($archived['archived_at'] ?? null) === null && $one->in_hand,
            'revision' => $one->revision + 1,
        ]);

        return $form->optional('in_hand')?->boolean() === true && $one->archived_at === null ? TakeUp::one($one, 'in_hand') : $one;
    }

    /**
     * @param array<string, mixed> $before figures that are not named stay
     *
     * @return array<string, mixed>
     */
    private static function figures(string $kind, Node $form, array $before): array
    {
        $fields = Equipment::fields($kind);
        $figures = [...$fields->among($form)->all(), ...$before, ...$fields->among($form)->named()];

        if ($kind !== 'dryer') {
            return $figures;
        }
        $dryer = $form->optional('dryer')?->only(Dryer::fields()->names());

        return ['dryer' => $dryer === null ? $before['dryer'] ?? Dryer::hairDryer()->document() : Dryer::read($dryer)->document()];
    }
}
