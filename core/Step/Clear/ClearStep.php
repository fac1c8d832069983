<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step\Clear;

use Hawkbrush\Core\Clear\Batch;
use Hawkbrush\Core\Clear\Clear;
use Hawkbrush\Core\Clear\Cure;
use Hawkbrush\Core\Clear\Product;
use Hawkbrush\Core\Clear\Yellowing;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Coat\Mixture;
use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Document\Field;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Shop\Habits;
use Hawkbrush\Core\Step\Head;
use Hawkbrush\Core\Step\Job;
use Hawkbrush\Core\Step\WholeBait;
use Hawkbrush\Core\Step\Work;

/** Lays the clear coat: brings the colours up and keeps them. */
final readonly class ClearStep extends WholeBait
{
    private const OVERNIGHT_MIN = 600.0;

    private const MOST_STIRRED = 3;

    /**
     * @param list<Stirred> $stirred into it, in the order in which it is laid
     */
    public function __construct(
        Head $head,
        private Clear $clear,
        private int $coats,
        private float $yellow = 0.0,
        private array $stirred = [],
    ) {
        parent::__construct($head);
    }

    public static function kind(): string
    {
        return 'clear';
    }

    public static function fields(): Fields
    {
        return new Fields(
            Field::choice('clear', Clear::names()),
            Field::whole('coats', 1, 6)->or(1)->asFigure('clear_coats'),
            Product::fields()->of('yellow_percent'),
            Field::list('stirred', 0, self::MOST_STIRRED)->or([]),
        );
    }

    public static function read(Head $head, Node $document, array $paints): static
    {
        $in = self::fields()->among($document);

        return new self(
            $head,
            Clear::from($in->choice('clear', Clear::names())),
            $in->whole('coats'),
            $in->number('yellow_percent') / 100,
            array_map(static fn(Node $one): Stirred => Stirred::read($one, $paints), $in->items('stirred')),
        );
    }

    public function document(): array
    {
        return [
            'clear' => $this->clear->value,
            'coats' => $this->coats,
            'yellow_percent' => round($this->yellow * 100, 4),
            'stirred' => array_map(static fn(Stirred $one): array => $one->document(), $this->stirred),
        ];
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

        $stirred = array_map(static fn(Stirred $one): string => $one->says(), $this->stirred);

        return implode(' ', [...$stirred, $this->clear->how().$turned]);
    }

    public function films(): array
    {
        return array_map(
            fn(Stirred $one, int $at): Coat => $one->film($this->id, $this->thicknessUm(), $at + 1),
            $this->stirred,
            array_keys($this->stirred),
        );
    }

    public function withMixtures(callable $change): static
    {
        return new self($this->head, $this->clear, $this->coats, $this->yellow, array_map(
            static fn(Stirred $one): Stirred => $one->of($change(Mixture::only($one->paint))->most()),
            $this->stirred,
        ));
    }

    public function paints(): array
    {
        return array_map(static fn(Stirred $one): Paint => $one->paint, $this->stirred);
    }

    private function thicknessUm(): float
    {
        return $this->coats * $this->clear->thicknessUm();
    }

    public function overAll(): ?array
    {
        $optics = Yellowing::optics($this->yellow);

        return $optics === null ? null : [$optics, $this->thicknessUm()];
    }

    public function clear(): Clear
    {
        return $this->clear;
    }

    public function work(Job $job): Work
    {
        $batch = Batch::of($job->clear($this->clear), $job->climate, $job->baits, $job->bodyMm2, $this->coats);
        $hardMin = $batch->cure->hardAfterMin($this->coats);
        $handsMin = $batch->handsOnMin($job->baits);

        // A night that the recipe plans already counts.
        $before = $this->clear->wantsOvernight() ? max(0.0, self::OVERNIGHT_MIN - $job->restedMin) : 0.0;

        return new Work(
            $handsMin,
            $hardMin + $before,
            $before > 0 ? 'overnight before it, then until the clear is hard' : 'until the clear is hard',
            batch: $batch,
            stirs: array_map(static fn(Stirred $one): array => [
                'paintId' => $one->paint->id,
                'name' => $one->paint->name,
                'ml' => $one->share * $job->shareOf($one->place) * $batch->takesMl,
            ], $this->stirred),
        );
    }

    public function restMin(): float
    {
        return Cure::of(Product::usual($this->clear), Climate::ordinary())->hardAfterMin($this->coats);
    }

    public function hazards(): array
    {
        return [$this->clear->hazard()];
    }

    public function coat(): ?Coat
    {
        return null;
    }

    public function withCoat(Coat $coat): static
    {
        return $this;
    }

    public function coldestC(): ?float
    {
        return $this->clear->coldestC();
    }
}
