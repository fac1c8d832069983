<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run;

use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** The one list of what can happen at the bench, and the way from a document to an event. */
final class BenchEvents
{
    public const ALL = [
        Event\SideDone::class,
        Event\StepDone::class,
        Event\StepReopened::class,
        Event\FiguresUsed::class,
        Event\StrokesPaced::class,
        Event\Noted::class,
        Event\TimerStarted::class,
        Event\FeltTacky::class,
        Event\FeltDry::class,
        Event\TimerStopped::class,
        Event\Photographed::class,
        Event\BaitRejected::class,
        Event\BaitTakenBack::class,
        Event\FaultMet::class,
        Event\RemedyTried::class,
    ];

    /**
     * {id, type, step, bait: 1… or null for all, at, data}
     *
     * @throws Refused
     */
    public static function read(Node $node): BenchEvent
    {
        $node->only(['id', 'type', 'step', 'bait', 'at', 'data']);
        $id = $node->field('id')->text(40);
        if (preg_match('/^[0-9A-Za-z-]{8,40}$/', $id) !== 1) {
            throw $node->field('id')->refuse('An event id is 8 to 40 letters, digits and -.');
        }
        $at = $node->field('at')->text(40);
        if (preg_match('/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d+)?(Z|[+-]\d\d:\d\d)$/', $at) !== 1 || date_create_immutable($at) === false) {
            throw $node->field('at')->refuse('A time is written as 2026-11-25T09:30:00Z.');
        }
        $kind = self::named($node->field('type'));

        return $kind::of(
            $id,
            $node->field('step')->text(40),
            $node->optional('bait')?->integer(1, Plan::MOST_BAITS),
            $at,
            $kind::fields()->among($node->optional('data') ?? Node::root([])),
        );
    }

    /** @return list<string> */
    public static function names(): array
    {
        return array_map(static fn(string $kind): string => $kind::type(), self::ALL);
    }

    /** @return list<string> those that a finished run takes too */
    public static function afterwards(): array
    {
        $kinds = array_filter(self::ALL, static fn(string $kind): bool => $kind::afterwards());

        return array_values(array_map(static fn(string $kind): string => $kind::type(), $kinds));
    }

    /** @return class-string<BenchEvent> */
    private static function named(Node $type): string
    {
        $name = $type->choice(self::names());
        foreach (self::ALL as $kind) {
            if ($kind::type() === $name) {
                return $kind;
            }
        }
        throw $type->refuse("There is no event “{$name}”.");
    }
}
