<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Change;

use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Shop\Habits;

/** What a change may need beside the recipe: the shop that it is made in. */
interface Surroundings
{
    /** The id of a new step. */
    public function newId(): string;

    /**
     * @param list<string> $ids
     *
     * @return array<string, Paint> those of them that there are, by id
     */
    public function paints(array $ids): array;

    /** @return list<Paint> with something in the bottle */
    public function rack(): array;

    /**
     * @return non-empty-list<array{Paint, int}> paints of the rack with their drops
     *
     * @throws Refused when one is not there
     */
    public function mix(Node $parts): array;

    /** @throws Refused when there is none of that id */
    public function body(Node $id): KnownBody;

    /** The body that the recipe is on. */
    public function own(): KnownBody;

    public function habits(): Habits;
}
