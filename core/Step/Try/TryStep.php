<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step\Try;

use Hawkbrush\Core\Coat\CoatDocument;
use Hawkbrush\Core\Document\Field;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Shop\Habits;
use Hawkbrush\Core\Step\BenchWork;
use Hawkbrush\Core\Step\Head;
use Hawkbrush\Core\Step\Job;
use Hawkbrush\Core\Step\Work;

/**
 * Sprays the paint of the next coat on something else before it goes near the bait, until psi and thinning are right.
 * What is found at the bench becomes the figures of that coat. Common practice, no published source.
 */
final readonly class TryStep extends BenchWork
{
    /** What it is sprayed on: a card shows colour and cover, a gloved finger is round like a bait, paper shows spits. */
    public const GROUNDS = ['card', 'glove', 'paper'];

    private const HANDS_MIN = 2.0;

    /**
     * @param value-of<self::GROUNDS> $ground
     * @param string $lookFor when it is right
     * @param float|null $psi that gave it before; null: none found yet, begin with that of the coat
     * @param float|null $thinning share of reducer that gave it, 0 to 0.95; null likewise
     */
    public function __construct(Head $head, public string $ground, public string $lookFor, public ?float $psi, public ?float $thinning)
    {
        parent::__construct($head);
    }

    public static function kind(): string
    {
        return 'try';
    }

    public static function fields(): Fields
    {
        return new Fields(
            Field::choice('ground', self::GROUNDS)->or(self::GROUNDS[0]),
            Field::text('look_for', 300, 0)->or(''),
            CoatDocument::fields()->of('psi')->or(null),
            CoatDocument::fields()->of('thinning_percent')->or(null),
        );
    }

    public static function read(Head $head, Node $document, array $paints): static
    {
        $in = self::fields()->among($document);
        $thinning = $in->maybe('thinning_percent');

        return new self(
            $head,
            $in->choice('ground', self::GROUNDS),
            $in->text('look_for'),
            $in->maybe('psi'),
            $thinning === null ? null : $thinning / 100,
        );
    }

    public function document(): array
    {
        return [
            'ground' => $this->ground,
            'look_for' => $this->lookFor,
            'psi' => $this->psi,
            'thinning_percent' => $this->thinning === null ? null : round($this->thinning * 100, 4),
        ];
    }

    public function name(): string
    {
        return match ($this->ground) {
            'card' => 'Try it on a card',
            'glove' => 'Try it on a glove',
            'paper' => 'Try it on paper',
        };
    }

    public function how(bool $maskIsOn = false, ?Habits $habits = null): string
    {
        $ground = $this->ground === 'paper' ? 'paper' : 'a '.$this->ground;

        return "Mix the next colour and spray it on {$ground}, well away from the bait. ".($this->lookFor === ''
            ? 'Look for an even mist: no spits, no grain, no spider legs.'
            : 'Look for: '.rtrim($this->lookFor, '. ').'.').' Change psi and thinning until it comes.';
    }

    public function work(Job $job): Work
    {
        return new Work(self::HANDS_MIN);
    }

    public function restMin(): float
    {
        return 0.0;
    }

    public function hazards(): array
    {
        return [];
    }

    public static function figures(): array
    {
        return ['psi', 'thinning_percent'];
    }

    public function asUsed(array $figures): static
    {
        return new self(
            $this->head,
            $this->ground,
            $this->lookFor,
            isset($figures['psi']) ? (float) $figures['psi'] : $this->psi,
            isset($figures['thinning_percent']) ? $figures['thinning_percent'] / 100 : $this->thinning,
        );
    }

    public function triesNextCoat(): bool
    {
        return true;
    }
}
