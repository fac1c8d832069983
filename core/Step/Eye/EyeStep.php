<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step\Eye;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Coat\Hazard;
use Hawkbrush\Core\Coat\Mixture;
use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Coat\Place;
use Hawkbrush\Core\Document\Field;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Eye\Eye;
use Hawkbrush\Core\Eye\Ring;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Shop\Habits;
use Hawkbrush\Core\Step\Head;
use Hawkbrush\Core\Step\Job;
use Hawkbrush\Core\Step\WithoutCoat;
use Hawkbrush\Core\Step\Work;
use Hawkbrush\Core\Words;

/** Sets an eye on each side. */
final readonly class EyeStep extends WithoutCoat
{
    /** A pair set. Common practice, no published source. */
    private const MINUTES = 1.5;

    /** A pair painted: to place the card, and for each disc. Guesses. */
    private const PAINTED_MIN = 1.0;

    private const RING_MIN = 1.0;

    private const MOST_RINGS = 4;

    public function __construct(Head $head, private Eye $eye, private string $setWith)
    {
        parent::__construct($head);
    }

    public static function kind(): string
    {
        return 'eye';
    }

    public static function fields(): Fields
    {
        /** @var Fields|null $fields */
        static $fields = null;

        return $fields ??= new Fields(
            ...Eye::fields()->all(),
            ...[
                Field::text('set_with', 60)->or('tacky glue'),
                Field::list('rings', 0, self::MOST_RINGS)->or([]),
                Field::flag('spark')->or(false),
            ],
        );
    }

    public static function read(Head $head, Node $document, array $paints): static
    {
        $in = self::fields()->among($document);
        $eye = Eye::read($in)->ringed(
            array_map(static fn(Node $one): Ring => Ring::read($one, $paints), $in->items('rings')),
            $in->flag('spark'),
        );

        return new self($head, $eye, $in->text('set_with'));
    }

    public function document(): array
    {
        return [
            ...$this->eye->document(),
            'set_with' => $this->setWith,
            'rings' => array_map(static fn(Ring $ring): array => $ring->document(), $this->eye->rings),
            'spark' => $this->eye->spark,
        ];
    }

    public function name(): string
    {
        return 'Eye';
    }

    public function how(bool $maskIsOn = false, ?Habits $habits = null): string
    {
        $mm = Words::a(rtrim(rtrim(\sprintf('%.1f', $this->eye->diameterMm), '0'), '.'));

        return match ($this->eye->kind) {
            'painted' => "Paint {$mm} mm eye on each side: {$this->rings()}.",
            'domed' => "Set {$mm} mm eye on each side with {$this->setWith}.",
            default => "Set {$mm} mm {$this->eye->kind} eye on each side with {$this->setWith}.",
        }
        .($this->eye->pupil === 'round' ? '' : " Both pupils {$this->eye->pupil}.");
    }

    /** What is painted after what. */
    private function rings(): string
    {
        $rings = array_map(static fn(Ring $ring): string => $ring->says(), $this->eye->rings);

        return ($rings === [] ? 'a white disc through a punched card, its colour, then the pupil by pen or punch' : implode(', then ', $rings))
            .($this->eye->spark ? ', last a spark of white' : '');
    }

    public function paints(): array
    {
        return array_map(static fn(Ring $ring): Paint => $ring->paint, $this->eye->rings);
    }

    public function withMixtures(callable $change): static
    {
        return new self($this->head, $this->eye->ringed(array_map(
            static fn(Ring $ring): Ring => $ring->of($change(Mixture::only($ring->paint))->most()),
            $this->eye->rings,
        )), $this->setWith);
    }

    public function work(Job $job): Work
    {
        $minutes = $this->eye->kind === 'painted'
            ? self::PAINTED_MIN + self::RING_MIN * max(3, \count($this->eye->rings))
            : self::MINUTES;

        return new Work($minutes * $job->baits);
    }

    public function restMin(): float
    {
        return 0.0;
    }

    public function hazards(): array
    {
        if ($this->eye->kind === 'painted') {
            return [Hazard::Mist, Hazard::Blade];
        }

        return match (true) {
            str_contains($this->setWith, 'superglue') => [Hazard::Superglue],
            preg_match('/epoxy|resin/', $this->setWith) === 1 => [Hazard::Resin],
            str_contains($this->setWith, 'dab of clear') => [Hazard::UvResin],
            default => [],
        };
    }

    public function fitted(Body $to, float $by, bool $marks): static
    {
        return new self($this->head, $this->eye->fitted($to->marks->eyeSocketMm, $by), $this->setWith);
    }

    public function forAll(): bool
    {
        return false;
    }

    public function sides(): array
    {
        return Place::SIDES;
    }

    public static function figures(): array
    {
        return [];
    }

    public function asUsed(array $figures): static
    {
        return $this;
    }

    public function eye(): Eye
    {
        return $this->eye;
    }

    public function triesNextCoat(): bool
    {
        return false;
    }
}
