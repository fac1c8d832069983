<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Coat;

use Hawkbrush\Core\Document\Field;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Drying\DryingFactor;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** A paint as a recipe needs it: what it does to light and how much of it stays when it has dried. */
final readonly class Paint
{
    public const ORDINARY_SOLIDS = 0.35;

    public const ORDINARY_DROP_ML = 0.05;

    /** The largest bottle that a shop buys. */
    public const MOST_ML = 5000;

    /** Families of chemistry painters tell apart; others may be named. Common practice, no published source. */
    public const FAMILIES = [
        'water-borne acrylic',
        'acrylic ink',
        'water-borne urethane',
        'solvent acrylic',
        'solvent lacquer',
        'craft acrylic',
    ];

    public const FINISHES = ['matte', 'satin', 'gloss', 'shimmer', 'sparkle'];

    /**
     * @param float $solids share of the bottle's volume that stays, 0 to 1
     * @param float $drying how many times as long as the model says it takes to dry ({@see DryingFactor})
     *
     * @throws Refused when nothing can be painted with it
     */
    public function __construct(
        public string $id,
        public string $name,
        public Kind $kind,
        public Optics $optics,
        public string $hex,
        public float $solids = self::ORDINARY_SOLIDS,
        public float $dropMl = 0.05,
        public string $family = 'water-borne acrylic',
        public bool $fromCard = false,
        public float $drying = 1.0,
    ) {
        if ($solids < 0 || $solids > 1 || $dropMl <= 0 || $drying <= 0) {
            throw Refused::because('Of a paint between none and all stays, a drop of it holds something, and it dries in some time.');
        }
    }

    public static function fields(): Fields
    {
        /** @var Fields|null $fields */
        static $fields = null;

        return $fields ??= new Fields(
            Field::text('name', 80)->or(null),
            Field::choice('kind', Kind::names()),
            Field::colour('hex'),
            ...array_map(static fn(string $curve): Field => Field::document($curve)->or(null), array_keys(Optics::MOST)),
            ...[
                Field::choice('seen', SurfaceFinish::names())->or(null),
                Field::number('solids', 0, 1)->or(self::ORDINARY_SOLIDS),
                Field::number('drop_ml', 0.005, 0.5)->or(self::ORDINARY_DROP_ML),
                Field::text('family', 40)->or(self::FAMILIES[0]),
                Field::flag('from_card')->or(false),
                Field::number('drying', DryingFactor::LEAST, DryingFactor::MOST)->or(1),
            ],
        );
    }

    /**
     * {kind, hex, …} with its optics, or without: then they are guessed, see {@see Optics::read}.
     *
     * @throws Refused
     */
    public static function read(string $id, Node $node): self
    {
        $in = self::fields()->in($node);

        return new self(
            $id,
            $in->has('name') ? $in->text('name') : $id,
            Kind::from($in->choice('kind', Kind::names())),
            Optics::read($node),
            $in->colour('hex'),
            $in->number('solids'),
            $in->number('drop_ml'),
            $in->text('family'),
            $in->flag('from_card'),
            $in->number('drying'),
        );
    }

    /** @return array<string, mixed> as it stands in a document */
    public function document(): array
    {
        return [
            'name' => $this->name,
            'kind' => $this->kind->value,
            'hex' => $this->hex,
            ...array_filter($this->optics->curves(), static fn(?array $curve): bool => $curve !== null),
            'solids' => $this->solids,
            'drop_ml' => $this->dropMl,
            'family' => $this->family,
            'from_card' => $this->fromCard,
            'drying' => $this->drying,
        ];
    }

    /**
     * The one that a document names.
     *
     * @param array<string, self> $paints by id
     *
     * @throws Refused when there is no such paint
     */
    public static function named(Node $node, array $paints): self
    {
        $id = $node->text(60);

        return $paints[$id] ?? throw $node->refuse("There is no paint “{$id}” in this document.");
    }

    public function withDrying(float $drying): self
    {
        return $this->with(drying: $drying);
    }

    public function withSolids(float $solids): self
    {
        return $this->with(solids: $solids);
    }

    /** With the optics that a card has shown. */
    public function measured(Optics $optics): self
    {
        return $this->with($optics, fromCard: true);
    }

    private function with(?Optics $optics = null, ?float $solids = null, ?float $drying = null, ?bool $fromCard = null): self
    {
        return new self(
            $this->id, $this->name, $this->kind, $optics ?? $this->optics, $this->hex, $solids ?? $this->solids, $this->dropMl,
            $this->family, $fromCard ?? $this->fromCard, $drying ?? $this->drying,
        );
    }

    /** Thinned and cleaned with solvent, and sets free its vapour. */
    public function needsSolvent(): bool
    {
        return preg_match('/solvent|lacquer/', mb_strtolower($this->family)) === 1;
    }
}
