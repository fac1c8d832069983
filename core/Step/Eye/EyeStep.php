<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step\Eye;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Coat\Bounds;
use Hawkbrush\Core\Coat\Place;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Eye\Eye;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Safety\Hazard;
use Hawkbrush\Core\Shop\Habits;
use Hawkbrush\Core\Step\Head;
use Hawkbrush\Core\Step\Job;
use Hawkbrush\Core\Step\WithoutCoat;
use Hawkbrush\Core\Step\Work;

/** Sets an eye on each side. */
final readonly class EyeStep extends WithoutCoat
{
    private const ORDINARY_IRIS = '#d89a3a';

    private const MINUTES = 1.5;

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
        return ['diameter_mm', 'iris', 'pupil', 'kind', 'set_with'];
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
        ];
    }

    public function name(): string
    {
        return 'Eye';
    }

    public function how(bool $maskIsOn = false, ?Habits $habits = null): string
    {
        $mm = rtrim(rtrim(\sprintf('%.1f', $this->eye->diameterMm), '0'), '.');

        return match ($this->eye->kind) {
            'painted' => "Paint a {$mm} mm eye on each side: a white disc through a punched card, its colour, then the pupil by pen or punch.",
            'domed' => "Set a {$mm} mm eye on each side with {$this->setWith}.",
            default => "Set a {$mm} mm {$this->eye->kind} eye on each side with {$this->setWith}.",
        }
        .($this->eye->pupil === 'round' ? '' : " Both pupils {$this->eye->pupil}.");
    }

    public function work(Job $job): Work
    {
        return new Work(self::MINUTES * $job->baits);
    }

    public function restMin(): float
    {
        return 0.0;
    }

    public function hazards(): array
    {
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

    /** @throws Refused when it is not #rrggbb */
    private static function hex(Node $node): string
    {
        return $node->guard(static fn(): string => Colour::fromHex($node->text(9))->hex());
    }
}
