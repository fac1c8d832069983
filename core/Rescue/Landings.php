<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Rescue;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Render\Coverage;

/** Where coats land, each way of landing worked out once: covers of every paint land alike. */
final class Landings
{
    /** @var array<string, Coverage> */
    private array $known = [];

    /** @var array<string, float> */
    private array $areas = [];

    /** @var \WeakMap<Coat, string> */
    private \WeakMap $keys;

    public function __construct(public readonly Surface $surface)
    {
        $this->keys = new \WeakMap();
    }

    public function of(Coat $coat): Coverage
    {
        return $this->known[$this->key($coat)] ??= Coverage::land($coat, $this->surface);
    }

    public function areaMm2(Coat $coat): float
    {
        return $this->areas[$this->key($coat)] ??= $this->of($coat)->areaMm2($this->surface);
    }

    private function key(Coat $coat): string
    {
        return $this->keys[$coat] ??= hash('xxh128', serialize($coat->landsBy()));
    }
}
