<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Pattern;

use Hawkbrush\Core\Clear\Clear;
use Hawkbrush\Core\Step\Steps;

/** What a new step that lays no coat starts from; {@see FreshPaint} for a coat. Common practice, no published source. */
final class FreshStep
{
    /** What differs from the defaults of its fields. */
    private const BY_KIND = [
        'prep' => ['title' => 'Prepare', 'minutes' => 3],
        'wait' => ['title' => 'Wait', 'minutes' => 20],
        'inspect' => ['title' => 'Inspect', 'minutes' => 3],
        'eye' => ['title' => 'Eyes'],
        'clear' => ['title' => 'Clear', 'clear' => Clear::Epoxy->value],
        'dip' => ['title' => 'Vinyl dip'],
    ];

    /** @return array<string, mixed> a step without its id */
    public static function of(string $kind): array
    {
        return ['type' => $kind] + (self::BY_KIND[$kind] ?? []);
    }

    /** @return array<string, array<string, mixed>> by kind, all but the coat of paint */
    public static function all(): array
    {
        $kinds = array_values(array_diff(Steps::names(), ['paint']));

        return array_combine($kinds, array_map(self::of(...), $kinds));
    }
}
