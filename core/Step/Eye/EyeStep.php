<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step\Eye;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Coat\Bounds;
use Hawkbrush\Core\Coat\Hazard;
use Hawkbrush\Core\Coat\Mixture;
use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Coat\Place;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Eye\Eye;
use Hawkbrush\Core\Eye\Ring;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Shop\Habits;
use Hawkbrush\Core\Step\Head;
use Hawkbrush\Core\Step\Job;
use Hawkbrush\Core\Step\Paint\CoatDocument;
use Hawkbrush\Core\Step\WithoutCoat;
use Hawkbrush\Core\Step\Work;
use Hawkbrush\Core\Words;

/** Sets an eye on each side. */
final readonly class EyeStep extends WithoutCoat
{
    private const ORDINARY_IRIS = '#d89a3a';

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

    public static function fieldNames(): array
    {
        return ['diameter_mm', 'iris', 'pupil', 'kind', 'set_with', 'rings', 'spark'];
    }

    public static function read(Head $head, Node $document, array $paints): static
    {
        return new self(
            $head,
            new Eye(
                Bounds::number($document->field('diameter_mm'), 'diameter_mm'),
                $document->has('iris') ? self::hex($document->field('iris')) : self::ORDINARY_IRIS,
                $document->optional('pupil')?->choice(Eye::PUPILS) ?? 'round',
                $document->optional('kind')?->choice(Eye::KINDS) ?? 'domed',
                array_map(
                    static fn(Node $one): Ring => self::ring($one, $paints),
                    $document->optional('rings')?->items(0, self::MOST_RINGS) ?? [],
                ),
                $document->optional('spark')?->boolean() ?? false,
            ),
            $document->optional('set_with')?->text(60) ?? 'tacky glue',
        );
    }

    public function fields(): array
    {
        return [
            'diameter_mm' => $this->eye->diameterMm,
            'iris' => $this->eye->irisHex,
            'pupil' => $this->eye->pupil,
            'kind' => $this->eye->kind,
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

    /**
     * @param array<string, Paint> $paints by id
     *
     * @throws Refused
     */
    private static function ring(Node $node, array $paints): Ring
    {
        $node->only(['paint', 'percent', 'by']);

        return new Ring(
            CoatDocument::paint($node->field('paint'), $paints),
            Bounds::number($node->field('percent'), 'ring_percent') / 100,
            $node->optional('by')?->choice(Ring::BY) ?? 'punch',
        );
    }

    /** @throws Refused when it is not #rrggbb */
    private static function hex(Node $node): string
    {
        return $node->guard(static fn(): string => Colour::fromHex($node->text(9))->hex());
    }
}
