<?php

declare(strict_types=1);

namespace App\Actions\Shop;

use App\Models\EyeCard;
use Hawkbrush\Core\Coat\Bounds;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Eye\Eye;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** Puts eyes into the store and changes them. */
final class KeepEyes
{
    private const MOST = 100_000;

    /**
     * {name, diameter_mm, kind, iris, pupil, left, price}.
     *
     * @throws Refused
     */
    public function add(Node $form): EyeCard
    {
        $form->only(['name', 'diameter_mm', 'kind', 'iris', 'pupil', 'left', 'price']);

        return EyeCard::query()->create([
            'name' => $form->field('name')->text(80),
            'diameter_mm' => Bounds::number($form->field('diameter_mm'), 'diameter_mm'),
            ...self::named($form) + ['kind' => 'domed', 'iris' => '#d89a3a', 'pupil' => 'round', 'left' => 0],
        ])->refresh();
    }

    /**
     * The same, and archived: what is named changes.
     *
     * @throws Refused
     */
    public function change(EyeCard $card, Node $form): EyeCard
    {
        $form->only(['revision', 'name', 'diameter_mm', 'kind', 'iris', 'pupil', 'left', 'price', 'archived']);
        $archived = $form->optional('archived')?->boolean();
        $card->update([
            'name' => $form->optional('name')?->text(80) ?? $card->name,
            'diameter_mm' => $form->has('diameter_mm') ? Bounds::number($form->field('diameter_mm'), 'diameter_mm') : $card->diameter_mm,
            ...self::named($form),
            'archived_at' => $archived === null ? $card->archived_at : ($archived ? now() : null),
            'revision' => $card->revision + 1,
        ]);

        return $card;
    }

    /** @return array<string, mixed> */
    private static function named(Node $form): array
    {
        $price = \array_key_exists('price', $form->fields()) ? ['price' => $form->optional('price')?->number(0, 1000)] : [];

        return $price + array_filter([
            'kind' => $form->optional('kind')?->choice(Eye::KINDS),
            'iris' => $form->optional('iris')?->guard(static fn(): string => Colour::fromHex($form->field('iris')->text(9))->hex()),
            'pupil' => $form->optional('pupil')?->choice(Eye::PUPILS),
            'left' => $form->optional('left')?->integer(0, self::MOST),
        ], static fn(mixed $value): bool => $value !== null);
    }
}
