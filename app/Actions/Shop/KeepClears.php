<?php

declare(strict_types=1);

namespace App\Actions\Shop;

use App\Models\ClearBottle;
use Hawkbrush\Core\Clear\Clear;
use Hawkbrush\Core\Clear\Product;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Illuminate\Support\Facades\DB;

/** Puts clears into the store, changes them, takes one of its kind into use. */
final class KeepClears
{
    private const SHEET = [
        'label_min', 'parts_a', 'parts_b', 'by', 'density_a', 'density_b', 'yellow_percent', 'dose_j_cm2', 'lamp_mw_cm2',
    ];

    private const KEPT = ['bottle_ml', 'left_ml', 'price', 'opened_on', 'keeps_months', 'expires_on'];

    private const BOTTLE_ML = 240.0;

    /**
     * {kind, name, …sheet, …kept, in_use}; the first of its kind is in use.
     *
     * @throws Refused
     */
    public function add(Node $form): ClearBottle
    {
        $form->only(['kind', 'name', 'in_use', ...self::SHEET, ...self::KEPT]);
        $kind = $form->field('kind')->choice(Clear::names());
        $bottle = $form->optional('bottle_ml')?->number(...ClearBottle::BOUNDS['bottle_ml']) ?? self::BOTTLE_ML;
        $fields = ['kind' => $kind, 'name' => $form->field('name')->text(80), 'figures' => self::sheet($kind, $form, [])]
            + self::kept($form) + ['bottle_ml' => $bottle, 'left_ml' => $bottle];

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
        $form->only(['revision', 'name', 'in_use', 'archived', ...self::SHEET, ...self::KEPT]);
        $archived = $form->optional('archived')?->boolean();
        $one->update([
            'name' => $form->optional('name')?->text(80) ?? $one->name,
            'figures' => self::sheet($one->kind, $form, $one->figures),
            ...self::kept($form),
            'archived_at' => $archived === null ? $one->archived_at : ($archived ? now() : null),
            'in_use' => $archived === true ? false : $one->in_use,
            'revision' => $one->revision + 1,
        ]);

        return $form->optional('in_use')?->boolean() === true && $one->archived_at === null ? TakeUp::one($one, 'in_use') : $one;
    }

    /**
     * @param array<string, mixed> $before figures that are not named stay
     *
     * @return array<string, mixed>
     */
    private static function sheet(string $kind, Node $form, array $before): array
    {
        foreach (self::SHEET as $name) {
            if ($form->has($name)) {
                $before[$name] = $form->field($name)->raw();
            }
        }

        return array_diff_key(Product::read(Node::root(['kind' => $kind] + $before))->document(), ['kind' => true]);
    }

    /** @return array<string, mixed> what is named of stock, price and dates; null takes price, months or date away */
    private static function kept(Node $form): array
    {
        $kept = [];
        foreach (array_intersect(self::KEPT, array_map(strval(...), array_keys($form->fields()))) as $name) {
            $field = $form->optional($name);
            $bounds = ClearBottle::BOUNDS[$name] ?? null;
            $kept[$name] = match (true) {
                $field !== null && $name === 'keeps_months' => $field->integer(...ClearBottle::BOUNDS['keeps_months']),
                $field !== null => $bounds === null ? $field->date() : $field->number(...$bounds),
                $name === 'bottle_ml' || $name === 'left_ml' => throw Refused::at("/{$name}", 'A number was expected here.'),
                default => null,
            };
        }

        return $kept;
    }
}
