<?php

declare(strict_types=1);

namespace App\Stores\Eyes;

use App\Stores\TakeUp;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** Puts eyes into the store and changes them. */
final class KeepEyes
{
    /** @throws Refused */
    public function add(Node $form): EyeCard
    {
        return EyeCard::query()->create(EyeCard::fields()->in($form)->all())->refresh();
    }

    /**
     * What is named changes, and `archived`.
     *
     * @throws Refused
     */
    public function change(EyeCard $card, Node $form): EyeCard
    {
        $form->only(['revision', 'archived', ...EyeCard::fields()->names()]);
        $card->update([
            ...EyeCard::fields()->among($form)->named(),
            ...TakeUp::archived($form),
            'revision' => $card->revision + 1,
        ]);

        return $card;
    }
}
