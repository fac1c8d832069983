<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Clear\Clear;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Coat\Hazard;
use Hawkbrush\Core\Coat\Mixture;
use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Eye\Eye;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Shop\Habits;

/**
 * One entry of a recipe. A kind of step is a folder beside this file with one class that answers all of this, and a
 * line in {@see Steps}; nothing else asks which kind a step is.
 */
abstract readonly class Step
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

    /** Its `type` in documents. */
    abstract public static function kind(): string;

    /** The fields it has in a document, beside those of every step: all that reads, writes and bounds them stands by this. */
    abstract public static function fields(): Fields;

    /**
     * @param Node $document with only the fields of this kind left to read
     * @param array<string, Paint> $paints by id
     *
     * @throws Refused
     */
    abstract public static function read(Head $head, Node $document, array $paints): static;

    /** @return array<string, mixed> every field of {@see fields}, as it stands in a document */
    abstract public function document(): array;

    /** What it is called where it has no title. */
    abstract public function name(): string;

    /**
     * How it is done, in a sentence as one would say it across the bench.
     *
     * @param bool $maskIsOn whether the mask of the coat before stays on for this one
     * @param Habits|null $habits of the shop; null: the usual ones
     */
    abstract public function how(bool $maskIsOn = false, ?Habits $habits = null): string;

    /** What it takes: cup, hands, waiting. */
    abstract public function work(Job $job): Work;

    /** Minutes in which the recipe lets the bait rest, in an ordinary room. */
    abstract public function restMin(): float;

    /** @return list<Hazard> what can hurt in it; none where nothing does */
    abstract public function hazards(): array;

    /** @return list<string> the usual cautions, a sentence each */
    final public function cautions(): array
    {
        return array_map(static fn(Hazard $hazard): string => $hazard->caution(), $this->hazards());
    }

    /**
     * The same step on another body.
     *
     * @param float $by root of the ratio of areas
     * @param bool $marks whether marks, mesh and the width of strokes grow with the body
     */
    abstract public function fitted(Body $to, float $by, bool $marks): static;

    /** Whether it is done for all baits of a run at once, rather than bait by bait. */
    abstract public function forAll(): bool;

    /** @return list<'left'|'right'> the sides of a bait that it is done on by themselves */
    abstract public function sides(): array;

    /** @return list<'coats'|'psi'|'strokes'|'thinning_percent'> figures that the bench may find to be others */
    abstract public static function figures(): array;

    /**
     * As it was really done.
     *
     * @param array<string, float|int> $figures by name, those of {@see figures}
     */
    abstract public function asUsed(array $figures): static;

    /** The clear it lays, if any. */
    public function clear(): ?Clear
    {
        return null;
    }

    /**
     * What it lays over all of the bait alike, and how thick in um; null where that changes no colour, as a water-clear coat.
     *
     * @return array{Optics, float}|null
     */
    public function overAll(): ?array
    {
        return null;
    }

    /** The film it lays, if any. */
    abstract public function coat(): ?Coat;

    /** With its film changed; a step that lays none stays as it is. */
    abstract public function withCoat(Coat $coat): static;

    /** @return list<Coat> all films it lays that colour, in order: its coat, or what is stirred into its clear */
    public function films(): array
    {
        $coat = $this->coat();

        return $coat === null ? [] : [$coat];
    }

    /** @return list<Paint> all paints it takes */
    public function paints(): array
    {
        return array_merge([], ...array_map(
            static fn(Coat $film): array => array_map(static fn(array $part): Paint => $part[0], $film->mixture->parts),
            $this->films(),
        ));
    }

    /** @param callable(Mixture): Mixture $change of all it is laid of; where only one paint can lie, the most of a mix stays */
    public function withMixtures(callable $change): static
    {
        $coat = $this->coat();

        return $coat === null ? $this : $this->withCoat($coat->with(mixture: $change($coat->mixture)));
    }

    /** The eye it sets, if any. */
    abstract public function eye(): ?Eye;

    /** Whether it tries out the next coat away from the bait: figures found here become those of that coat. */
    abstract public function triesNextCoat(): bool;

    /** How hot what the bait is dipped into stands, in C; null where nothing is molten. */
    public function meltC(): ?float
    {
        return null;
    }

    /** What the ladder and the bench call it. */
    final public function label(): string
    {
        return $this->title !== '' ? $this->title : $this->name();
    }

    /** Air in C below which what it lays does not set as it should; null where it hardly matters. */
    public function coldestC(): ?float
    {
        return null;
    }
}
