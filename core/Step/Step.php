<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step;

use Hawkbrush\Core\Clear\Clear;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Coat\Hazard;
use Hawkbrush\Core\Coat\Paint;

/**
 * One entry of a recipe. A kind of step is a folder beside this file with one class that answers all of this, and a
 * line in {@see Steps}; nothing else asks which kind a step is.
 */
abstract readonly class Step implements AtBench, InDocument, InWords, OnBait
{
    public string $id;

    public string $title;

    public bool $on;

    public string $check;

    public function __construct(public Head $head)
    {
        $this->id = $head->id;
        $this->title = $head->title;
        $this->on = $head->on;
        $this->check = $head->check;
    }

    /** @return list<string> the usual cautions, a sentence each */
    final public function cautions(): array
    {
        return array_map(static fn(Hazard $hazard): string => $hazard->caution(), $this->hazards());
    }

    public function clear(): ?Clear
    {
        return null;
    }

    public function overAll(): ?array
    {
        return null;
    }

    public function films(): array
    {
        $coat = $this->coat();

        return $coat === null ? [] : [$coat];
    }

    public function paints(): array
    {
        return array_merge([], ...array_map(
            static fn(Coat $film): array => array_map(static fn(array $part): Paint => $part[0], $film->mixture->parts),
            $this->films(),
        ));
    }

    public function withMixtures(callable $change): static
    {
        $coat = $this->coat();

        return $coat === null ? $this : $this->withCoat($coat->of($change($coat->mixture)));
    }

    public function meltC(): ?float
    {
        return null;
    }

    /** What the ladder and the bench call it. */
    final public function label(): string
    {
        return $this->title !== '' ? $this->title : $this->name();
    }

    public function coldestC(): ?float
    {
        return null;
    }
}
