<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Change;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Step\Step;

/** A body of the drawer. */
final readonly class KnownBody
{
    /** @param list<Step> $preparation what is done to it before the first coat */
    public function __construct(public string $id, public Body $body, public array $preparation) {}
}
