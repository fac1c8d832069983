<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Change;

use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** The one list of changes, and the way from a document to one of them. */
final class Changes
{
    public const ALL = [
        AddStep::class,
        SetFields::class,
        MoveStep::class,
        DuplicateStep::class,
        RemoveStep::class,
        OrderSteps::class,
        BeginStep::class,
        PlaceStep::class,
        PullHandle::class,
        OnBody::class,
        PrepareBody::class,
        SwapPaints::class,
        Several::class,
    ];

    /** @throws Refused */
    public static function read(Node $change): Change
    {
        $op = $change->field('op')->choice(array_map(static fn(string $kind): string => $kind::op(), self::ALL));
        foreach (self::ALL as $kind) {
            if ($kind::op() === $op) {
                return $kind::read($change);
            }
        }
        throw Refused::because("There is no change “{$op}”.");
    }
}
