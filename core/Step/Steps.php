<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step;

use Hawkbrush\Core\Coat;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Document\Outside;
use Hawkbrush\Core\Eye\Ring;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** The one list of kinds of steps, and the way from a document to a step and back (contract/step.schema.json). */
final class Steps
{
    /** In the order in which a painter adds them. */
    public const KINDS = [
        Paint\PaintStep::class,
        Prepare\PrepareStep::class,
        Try\TryStep::class,
        Wait\WaitStep::class,
        Inspect\InspectStep::class,
        Eye\EyeStep::class,
        Clear\ClearStep::class,
        Dip\DipStep::class,
    ];

    /**
     * @param array<string, Coat\Paint> $paints by id
     *
     * @throws Refused
     */
    public static function read(Node $document, array $paints): Step
    {
        $kind = self::named($document->field('type')->choice(self::names()));
        $document->only(['type', ...Head::fields()->names(), ...$kind::fields()->names()]);
        $outside = new Outside($document->pointer);
        $document = $document->tellingTo($outside);

        return $kind::read(Head::read($document, $outside), $document, $paints);
    }

    /** @return array<string, mixed> as it stands in a document, every field spelled out */
    public static function write(Step $step): array
    {
        return [
            'id' => $step->id,
            'type' => $step->kind(),
            'title' => $step->title,
            'on' => $step->on,
            'check' => $step->check,
            'meant' => $step->head->meantDocument(),
        ] + $step->document();
    }

    /** Whether a kind of step, as a document names it, sets an eye. */
    public static function setsEye(mixed $kind): bool
    {
        return $kind === Eye\EyeStep::kind();
    }

    /** @return array<string, array{float, float}> the least and the most of each figure of any kind, in the unit of its name */
    public static function bounds(): array
    {
        $parts = [Coat\Mixture::fields(), Coat\Setting::fields(), Ring::fields(), Clear\Stirred::fields()];
        $kinds = array_map(static fn(string $kind): Fields => $kind::fields(), self::KINDS);

        return array_merge(...array_map(static fn(Fields $fields): array => $fields->bounds(), [...$kinds, ...$parts]));
    }

    /** @return list<string> */
    public static function names(): array
    {
        return array_map(static fn(string $kind): string => $kind::kind(), self::KINDS);
    }

    /** @return class-string<Step> */
    private static function named(string $name): string
    {
        foreach (self::KINDS as $kind) {
            if ($kind::kind() === $name) {
                return $kind;
            }
        }
        throw Refused::because("There is no kind of step “{$name}”.");
    }
}
