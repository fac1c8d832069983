<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step\Clear;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Clear\Batch;
use Hawkbrush\Core\Clear\Clear;
use Hawkbrush\Core\Clear\Yellowing;
use Hawkbrush\Core\Coat\Bounds;
use Hawkbrush\Core\Eye\Eye;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Shop\Habits;
use Hawkbrush\Core\Step\Head;
use Hawkbrush\Core\Step\Job;
use Hawkbrush\Core\Step\WithoutCoat;
use Hawkbrush\Core\Step\Work;

/** Lays the clear coat: brings the colours up and keeps them. */
final readonly class ClearStep extends WithoutCoat
{
    private const OVERNIGHT_MIN = 600.0;

    /** @throws Refused when the coats are outside their {@see Bounds} */
    public function __construct(Head $head, private Clear $clear, private int $coats, private float $yellow = 0.0)
    {
        Bounds::hold('yellow_percent', round($yellow * 100, 9));
        Bounds::hold('clear_coats', $coats);
        parent::__construct($head);
    }

    public static function kind(): string
    {
        return 'clear';
    }

    public static function fieldNames(): array
    {
        return ['clear', 'coats', 'yellow_percent'];
    }

    public static function read(Head $head, Node $document, array $paints): static
    {
        return new self(
            $head,
            Clear::from($document->field('clear')->choice(Clear::names())),
            Bounds::optionalWhole($document, 'coats', 1, 'clear_coats'),
            Bounds::optional($document, 'yellow_percent', 0) / 100,
        );
    }

    public function fields(): array
    {
        return ['clear' => $this->clear->value, 'coats' => $this->coats, 'yellow_percent' => round($this->yellow * 100, 4)];
    }

    public function name(): string
    {
        return 'Clear';
    }

    public function how(bool $maskIsOn = false, ?Habits $habits = null): string
    {
        $turned = match (true) {
            ! $this->clear->flows() => '',
            $habits?->standing() === true => ' Hang them by the tail, and take the drop off the nose after ten minutes.',
            default => ' Turn them on the wheel until it no longer flows.',
        };

        return $this->clear->how().$turned;
    }

    public function overAll(): ?array
    {
        $optics = Yellowing::optics($this->yellow);

        return $optics === null ? null : [$optics, $this->coats * $this->clear->thicknessUm()];
    }

    public function clear(): Clear
    {
        return $this->clear;
    }

    public function work(Job $job): Work
    {
        $batch = Batch::of($job->clear($this->clear), $job->climate, $job->baits, $job->bodyMm2, $this->coats);
        $hardMin = $batch->cure->hardMin * $this->coats;
        $handsMin = $batch->handsOnMin($job->baits);

        // A night that the recipe plans already counts.
        $before = $this->clear->wantsOvernight() ? max(0.0, self::OVERNIGHT_MIN - $job->restedMin) : 0.0;

        return $before > 0
            ? new Work($handsMin, $hardMin + $before, 'overnight before it, then until the clear is hard', batch: $batch)
            : new Work($handsMin, $hardMin, 'until the clear is hard', batch: $batch);
    }

    public function restMin(): float
    {
        return $this->clear->hardMinutes() * $this->coats;
    }

    public function hazards(): array
    {
        return [$this->clear->hazard()];
    }

    public function fitted(Body $to, float $by, bool $marks): static
    {
        return $this;
    }

    public function forAll(): bool
    {
        return false;
    }

    public function sides(): array
    {
        return [];
    }

    public static function figures(): array
    {
        return [];
    }

    public function asUsed(array $figures): static
    {
        return $this;
    }

    public function eye(): ?Eye
    {
        return null;
    }

    public function triesNextCoat(): bool
    {
        return false;
    }

    public function coldestC(): ?float
    {
        return $this->clear->coldestC();
    }
}
