<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Mask;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Index;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Flat\Shape;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Technique\Anchor;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Cut;
use Hawkbrush\Core\Technique\Indexed;
use Hawkbrush\Core\Technique\Techniques;

/**
 * One mask laid flat as it is cut: its openings in a frame, the frame's upper left corner on the origin, with the lines
 * it is laid on the bait by. Left and right are mirror images, so that one index serves both sides.
 */
final readonly class Plate
{
    /** Standing material around the openings. */
    public const RIM_MM = 7.0;

    /** Cells along and around: a quarter of a millimetre on most bodies. */
    private const CELLS = 256;

    /** From line to line of its caption. */
    public const LINE_MM = 3.0;

    /** Room for a letter of the caption. */
    public const LETTER_MM = 1.05;

    private const LEAST_SPAN_MM = 42.0;

    /** A mask this much too large or too small is still used. Common practice, no published source. */
    private const ALIKE = 0.05;

    /**
     * @param float|null $midline y of the body's widest line; null: it lies outside the frame
     * @param list<array{string, float}> $uprights marks of the body inside the frame, with their x
     * @param list<string> $index sentences of where it is laid
     */
    private function __construct(
        public string $name,
        public string $side,
        public Shape $openings,
        public float $widthMm,
        public float $heightMm,
        public ?float $midline,
        public array $uprights,
        public array $index,
    ) {}

    /** The surface of a body as masks are cut for it. */
    public static function surface(Body $body): Surface
    {
        return Surface::of($body, self::CELLS, self::CELLS);
    }

    /**
     * For the left side, from a technique with its settings as in a step.
     *
     * @throws Refused when nothing is cut for this technique, or not with these settings
     */
    public static function read(string $name, Node $technique, int $seed, Surface $surface): self
    {
        $known = $technique->field('name')->choice(Techniques::cutNames());
        $cut = Techniques::named($known);
        \assert($cut instanceof Cut);

        return self::of($name, $cut, Choices::read($cut, $technique), $seed, $surface);
    }

    /** For the left side of a body. */
    public static function of(string $name, Cut $technique, Choices $choices, int $seed, Surface $surface): self
    {
        $cut = $technique->cut($surface, $choices, $seed);
        [$left, $top, $right, $bottom] = $cut->bounds();
        [$fromX, $fromY] = [$left - self::RIM_MM, $top - self::RIM_MM];
        [$width, $height] = [$right - $left + 2 * self::RIM_MM, $bottom - $top + 2 * self::RIM_MM];
        $uprights = [];
        foreach (Index::findable($surface->body) as [$mark, $u]) {
            $x = $u * $surface->body->lengthMm - $fromX;
            if ($x > 0 && $x < $width) {
                $uprights[] = [$mark, $x];
            }
        }
        usort($uprights, static fn(array $a, array $b): int => $a[1] <=> $b[1]);
        $index = $technique instanceof Indexed ? array_map(
            static fn(Anchor $a): string => $a->say($surface->body),
            $technique->anchors($surface->body, $choices),
        ) : [];

        return new self(
            $name,
            'left',
            $cut->moved(-$fromX, -$fromY),
            $width,
            $height,
            -$fromY > 0 && -$fromY < $height ? -$fromY : null,
            $uprights,
            $index,
        );
    }

    /** For the right side. */
    public function mirrored(): self
    {
        return new self(
            $this->name,
            'right',
            $this->openings->mirrored()->moved($this->widthMm, 0),
            $this->widthMm,
            $this->heightMm,
            $this->midline,
            array_map(fn(array $mark): array => [$mark[0], $this->widthMm - $mark[1]], $this->uprights),
            $this->index,
        );
    }

    /** @return non-empty-list<string> what stands beneath it: its name and side, what its notches mark, and where it is laid */
    public function caption(): array
    {
        $letters = (int) floor($this->spanMm() / self::LETTER_MM);
        $lines = [$this->name.', '.$this->side];
        foreach (array_filter([Labels::key($this), ...$this->index]) as $sentence) {
            array_push($lines, ...explode("\n", wordwrap($sentence, $letters)));
        }

        return $lines;
    }

    /** Width it takes on a sheet, with its caption. */
    public function spanMm(): float
    {
        return max($this->widthMm, self::LEAST_SPAN_MM);
    }

    /** Height it takes on a sheet, with its caption. */
    public function tallMm(): float
    {
        return $this->heightMm + self::LINE_MM * (\count($this->caption()) + 0.5);
    }

    /** Whether the openings of another mask would do in place of this one's: alike in size, area and number. */
    public function servedBy(self $other): bool
    {
        $near = static fn(float $a, float $b, float $within): bool => abs($a - $b) <= $within * max($a, $b);

        return \count($this->openings->rings) === \count($other->openings->rings)
            && $near($this->openings->width(), $other->openings->width(), self::ALIKE)
            && $near($this->openings->height(), $other->openings->height(), self::ALIKE)
            && $near($this->openings->areaMm2(), $other->openings->areaMm2(), 2 * self::ALIKE);
    }
}
