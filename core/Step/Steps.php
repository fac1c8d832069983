<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step;

use Hawkbrush\Core\Coat;
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
        $document->only([...Head::FIELDS, ...$kind::fieldNames()]);

        return $kind::read(Head::read($document), $document, $paints);
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
        ] + $step->fields();
    }

    /**
     * Whether a document is that of a step that sets an eye; it need not be whole.
     *
     * @param array<string, mixed> $document
     */
    public static function setsEye(array $document): bool
    {
        return ($document['type'] ?? null) === Eye\EyeStep::kind();
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
