<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Eye;

use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Coat\Weight;
use Hawkbrush\Core\Document\Field;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Film\Film;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Technique\Tool;

/** One disc of a painted eye: a paint, how much of the eye's width it takes, and what puts it there. */
final readonly class Ring
{
    /** What puts it there, with what is done so. */
    public const BY = ['punch', 'pen', 'brush', 'cotton bud'];

    /** A disc through a punched card is sprayed in two coats, so that it hides. Common practice, no published source. */
    private const PUNCHED_COATS = 2;

    /**
     * @param float $share of the eye's diameter
     * @param value-of<self::BY> $by
     */
    public function __construct(public Paint $paint, public float $share, public string $by) {}

    public static function fields(): Fields
    {
        return new Fields(
            Field::text('paint', 60),
            Field::number('percent', 5, 100)->asFigure('ring_percent'),
            Field::choice('by', self::BY)->or('punch'),
        );
    }

    /**
     * @param array<string, Paint> $paints by id
     *
     * @throws Refused
     */
    public static function read(Node $node, array $paints): self
    {
        $in = self::fields()->in($node);

        return new self(Paint::named($node->field('paint'), $paints), $in->number('percent') / 100, $in->choice('by', self::BY));
    }

    public function of(Paint $paint): self
    {
        return new self($paint, $this->share, $this->by);
    }

    /** @return array{paint: string, percent: float, by: value-of<self::BY>} as it stands in a document */
    public function document(): array
    {
        return ['paint' => $this->paint->id, 'percent' => round($this->share * 100, 4), 'by' => $this->by];
    }

    /** Dry film that it leaves, um. */
    public function dryUm(): float
    {
        [$tool, $coats] = match ($this->by) {
            'punch' => [Tool::Airbrush, self::PUNCHED_COATS],
            'pen' => [Tool::Pen, 1],
            'brush', 'cotton bud' => [Tool::Brush, 1],
        };

        return $coats * Weight::Medium->wetUm($tool) * $this->paint->solids;
    }

    public function film(): Film
    {
        return Film::of($this->paint->optics, $this->dryUm());
    }

    /** How it is put there, in words. */
    public function says(): string
    {
        return match ($this->by) {
            'punch' => "{$this->paint->name} through a punched card",
            'pen' => "{$this->paint->name} by pen",
            'brush' => "{$this->paint->name} by the smallest brush",
            'cotton bud' => "{$this->paint->name} with the tip of a cotton bud",
        };
    }
}
