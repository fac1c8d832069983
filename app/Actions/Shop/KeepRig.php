<?php

declare(strict_types=1);

namespace App\Actions\Shop;

use App\Models\Equipment;
use Hawkbrush\Core\Air\Nozzle;
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
        $form->only(['kind', 'name', 'in_hand', ...self::fields($kind)]);
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
        $form->only(['revision', 'name', 'in_hand', 'archived', ...self::fields($one->kind)]);
        $figures = self::figures($one->kind, $form, $one->figures);
        $archived = $form->optional('archived')?->boolean();
        $one->update([
            'name' => $form->optional('name')?->text(80) ?? $one->name,
            'figures' => $figures,
            'archived_at' => $archived === null ? $one->archived_at : ($archived ? now() : null),
            'in_hand' => $archived === true ? false : $one->in_hand,
            'revision' => $one->revision + 1,
        ]);

        return $form->optional('in_hand')?->boolean() === true && $one->archived_at === null ? TakeUp::one($one, 'in_hand') : $one;
    }

    /** @return list<string> */
    private static function fields(string $kind): array
    {
        return match ($kind) {
            'airbrush' => ['nozzle_mm', 'cup_ml', 'gauge'],
            'compressor' => ['most_psi', 'tank_l', 'moisture_trap'],
            default => ['dryer'],
        };
    }

    /**
     * @param array<string, mixed> $before figures that are not named stay
     *
     * @return array<string, mixed>
     */
    private static function figures(string $kind, Node $form, array $before): array
    {
        $number = static fn(string $name, float $usual): mixed => $form->optional($name)?->number(...Equipment::BOUNDS[$name])
            ?? $before[$name] ?? $usual;
        $whether = static fn(string $name): mixed => $form->optional($name)?->boolean() ?? $before[$name] ?? false;

        return match ($kind) {
            'airbrush' => [
                'nozzle_mm' => $number('nozzle_mm', Nozzle::ORDINARY_MM),
                'cup_ml' => $number('cup_ml', 7.0),
                'gauge' => $whether('gauge'),
            ],
            'compressor' => [
                'most_psi' => $number('most_psi', 58.0),
                'tank_l' => $number('tank_l', 3.0),
                'moisture_trap' => $whether('moisture_trap'),
            ],
            default => [
                'dryer' => $form->has('dryer')
                    ? Dryer::read($form->field('dryer')->only(['kind', ...array_keys(Dryer::BOUNDS)]))->document()
                    : $before['dryer'] ?? Dryer::hairDryer()->document(),
            ],
        };
    }
}
