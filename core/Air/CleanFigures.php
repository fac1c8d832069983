<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Air;

use Hawkbrush\Core\Document\Field;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** What each way of cleaning leaves, and takes. The figures to begin with are guesses after common practice. */
final readonly class CleanFigures
{
    /** Share of the old colour left in the next, minutes, millilitres of cleaner. */
    public const USUAL = [
        'blow' => ['left' => 0.08, 'minutes' => 0.5, 'cleaner_ml' => 0.0],
        'rinse' => ['left' => 0.02, 'minutes' => 1.5, 'cleaner_ml' => 4.0],
        'flush' => ['left' => 0.006, 'minutes' => 3.0, 'cleaner_ml' => 8.0],
        'strip' => ['left' => 0.002, 'minutes' => 6.0, 'cleaner_ml' => 15.0],
    ];

    /** @param array<string, array{left: float, minutes: float, cleaner_ml: float}> $of by level */
    private function __construct(private array $of) {}

    public static function usual(): self
    {
        return new self(self::USUAL);
    }

    /** Of one way of cleaning; what is left out is as usual. */
    public static function fields(): Fields
    {
        return new Fields(
            Field::number('left', 0, 0.5)->or(null),
            Field::number('minutes', 0, 60)->or(null),
            Field::number('cleaner_ml', 0, 200)->or(null),
        );
    }

    /**
     * {blow: {left, minutes, cleaner_ml}, rinse, flush, strip}; what is left out is as usual.
     *
     * @throws Refused when a better clean would leave more
     */
    public static function read(Node $node): self
    {
        $node->only(CleanLevel::names());
        $of = self::USUAL;
        foreach (CleanLevel::names() as $level) {
            $one = $node->has($level) ? self::fields()->in($node->field($level)) : null;
            $of[$level] = [
                'left' => $one?->maybe('left') ?? $of[$level]['left'],
                'minutes' => $one?->maybe('minutes') ?? $of[$level]['minutes'],
                'cleaner_ml' => $one?->maybe('cleaner_ml') ?? $of[$level]['cleaner_ml'],
            ];
        }
        if (! $node->has(CleanLevel::Flush->value)) {
            // Kept before there was a flush: between the two beside it.
            $of['flush'] = ['left' => max($of['strip']['left'], min($of['rinse']['left'], $of['flush']['left']))] + $of['flush'];
        }
        foreach ([['blow', 'rinse'], ['rinse', 'flush'], ['flush', 'strip']] as [$less, $more]) {
            if ($of[$more]['left'] > $of[$less]['left']) {
                throw Refused::at("{$node->pointer}/{$more}/left", "A {$more} leaves no more than a {$less} does.");
            }
        }

        return new self($of);
    }

    /** Share of the old colour in the first of the next, 0 to 0.5. */
    public function left(CleanLevel $level): float
    {
        return $this->of[$level->value]['left'];
    }

    public function minutes(CleanLevel $level): float
    {
        return $this->of[$level->value]['minutes'];
    }

    public function cleanerMl(CleanLevel $level): float
    {
        return $this->of[$level->value]['cleaner_ml'];
    }

    /** @return array<string, array{left: float, minutes: float, cleaner_ml: float}> */
    public function all(): array
    {
        return $this->of;
    }
}
