<?php

declare(strict_types=1);

namespace App\Stores\Rack;

use Hawkbrush\Core\Coat\CoatDocument;
use Hawkbrush\Core\Coat\Weight;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** How paint is sprayed, where it is asked for apart from a step: {coats, weight, thinning_percent}, all optional. */
final readonly class SprayedFilm
{
    public const FIELDS = ['coats', 'weight', 'thinning_percent'];

    private function __construct(public int $coats, public Weight $weight, public float $thinning) {}

    /** @throws Refused */
    public static function read(Node $form): self
    {
        return new self(
            $form->optional('coats')?->integer(1, 20) ?? 2,
            Weight::from($form->optional('weight')?->choice(Weight::names()) ?? Weight::Medium->value),
            ($form->optional('thinning_percent')?->number(...CoatDocument::fields()->of('thinning_percent')->bounds()) ?? 0.0) / 100,
        );
    }

    /** Dry film of one coat of a paint with these solids. */
    public function coatUm(float $solids): float
    {
        return $this->weight->wetUm() * $solids * (1 - $this->thinning);
    }
}
