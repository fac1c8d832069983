<?php

declare(strict_types=1);

namespace App\Stores\Clears;

use App\Stores\TakeUp;
use Hawkbrush\Core\Clear\Clear;
use Hawkbrush\Core\Clear\Product;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Illuminate\Support\Facades\DB;

/** Puts clears into the store, changes them, takes one of its kind into use. */
final class KeepClears
{
    /**
     * {kind, name, …sheet, …kept, in_use}; the first of its kind is in use.
     *
     * @throws Refused
     */
    public function add(Node $form): ClearBottle
    {
        $form->only(['in_use', ...Product::fields()->names(), ...ClearBottle::fields()->names()]);
        $kind = $form->field('kind')->choice(Clear::names());
        $kept = ClearBottle::fields()->among($form);
        $fields = ['kind' => $kind, 'figures' => self::sheet($kind, $form, [])]
            + ($kept->has('left_ml') ? [] : ['left_ml' => $kept->number('bottle_ml')]) + $kept->all();

        return DB::transaction(static function () use ($form, $kind, $fields): ClearBottle {
            $first = TakeUp::isFirst(new ClearBottle(), $kind);
            $one = ClearBottle::query()->create($fields);

            return $first || ($form->optional('in_use')?->boolean() ?? false) ? TakeUp::one($one, 'in_use') : $one->refresh();
        });
    }

    /**
     * {name, …sheet, …kept, in_use: true, archived}: what is named changes.
     *
     * @throws Refused
     */
    public function change(ClearBottle $one, Node $form): ClearBottle
    {
        $sheet = Product::fields()->without('kind');
        $form->only(['revision', 'in_use', 'archived', ...$sheet->names(), ...ClearBottle::fields()->names()]);
        $archived = TakeUp::archived($form);
        $one->update([
            'figures' => self::sheet($one->kind, $form, $one->figures),
            ...ClearBottle::fields()->among($form)->named(),
            ...$archived,
            'in_use' => ($archived['archived_at'] ?? null) === null && $one->in_use,
            'revision' => $one->revision + 1,
        ]);

        return $form->optional('in_use')?->boolean() === true && $one->archived_at === null ? TakeUp::one($one, 'in_use') : $one;
    }

    /**
     * @param array<string, mixed> $before figures that are not named stay as they were kept
     *
     * @return array<string, mixed>
     */
    private static function sheet(string $kind, Node $form, array $before): array
    {
        $named = Product::fields()->without('kind')->among($form)->named();
        $sheet = Product::read(Node::kept(['kind' => $kind] + array_filter($named, static fn(mixed $v): bool => $v !== null) + $before));

        return array_diff_key($sheet->document(), ['kind' => true]);
    }
}
