<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step\Paint;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Coat\CoatDocument;
use Hawkbrush\Core\Coat\Cup;
use Hawkbrush\Core\Coat\Place;
use Hawkbrush\Core\Coat\SetBy;
use Hawkbrush\Core\Coat\Spread;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Drying\Evaporation;
use Hawkbrush\Core\Eye\Eye;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Shop\Habits;
use Hawkbrush\Core\Step\Head;
use Hawkbrush\Core\Step\Job;
use Hawkbrush\Core\Step\Step;
use Hawkbrush\Core\Step\Work;
use Hawkbrush\Core\Technique\Shadowed;
use Hawkbrush\Core\Technique\Tool;

/** Lays a coat. Times by hand are common practice (no published source); drying times are the model's. */
final readonly class PaintStep extends Step
{
    /** Share of the paint that lands on a bait rather than beside it. Common practice, no published source. */
    private const TRANSFER = 0.55;

    /** What stays in cup and nozzle, ml. Common practice, no published source. */
    private const STAYS_IN_CUP_ML = 0.06;

    private const MIX_MIN = 1.0;

    private const CLAMP_MASK_MIN = 1.0;

    private const STROKE_MIN = 0.05;

    private const SHORTEST_HEAT_S = 10.0;

    private const SLANTED_DEG = 5.0;

    /** Colder than this a water-borne paint dries chalky and does not hold. Common practice, no published source. */
    private const COLDEST_C = 12.0;

    public function __construct(Head $head, private Coat $coat)
    {
        parent::__construct($head);
    }

    public static function kind(): string
    {
        return 'paint';
    }

    public static function fields(): Fields
    {
        return CoatDocument::fields();
    }

    public static function read(Head $head, Node $document, array $paints): static
    {
        return new self($head, CoatDocument::read($head->id, $document, $paints));
    }

    public function document(): array
    {
        return CoatDocument::write($this->coat);
    }

    public function name(): string
    {
        return $this->coat->mixture->name();
    }

    public function how(bool $maskIsOn = false, ?Habits $habits = null): string
    {
        $coat = $this->coat;
        $aim = match (true) {
            ! $coat->byAir() => 'By hand, the same on both sides.',
            ! $coat->technique->sprayed() => 'In short bursts, the same on both sides.',
            $coat->aimDeg === null => $coat->technique->how() === '' ? 'Turn it under the brush so that all of it gets the same.' : '',
            $coat->aimDeg < 8 => 'From straight above, nose to tail.',
            $coat->aimDeg < 75 => \sprintf('From above, tilted %d° to the side; nose to tail. Keep the same aim on both.', round($coat->aimDeg)),
            $coat->aimDeg < 110 => 'Square onto the side, nose to tail.',
            default => 'From below, nose to tail.',
        };

        $slant = $coat->technique instanceof Shadowed && abs($coat->slantDeg) >= self::SLANTED_DEG
            ? \sprintf(
                'At a slant of %d°, from the %s.',
                round(abs($coat->slantDeg)),
                $coat->slantDeg > 0 ? 'nose towards the tail' : 'tail towards the nose',
            )
            : '';
        $mask = $maskIsOn ? 'The mask stays on; set the coat before you take it off.' : $coat->technique->how();

        return implode(' ', array_filter([$aim, $slant, $mask, $coat->coats > 1 ? 'Set between the coats.' : '']));
    }

    public function work(Job $job): Work
    {
        $coat = $this->coat;
        $spread = Spread::over(
            $job->coveredMm2 * $job->baits,
            $coat->wetUm(),
            $coat->coats,
            self::TRANSFER,
            $coat->mixture->solids(),
            $coat->thinning,
        );
        $setSeconds = $coat->touchDryS($job->climate, $coat->setting->air($job->climate));
        $byHeat = $coat->setting->by === SetBy::Heat;
        $setSeconds = $byHeat && $setSeconds !== null ? max(self::SHORTEST_HEAT_S, $setSeconds) : $setSeconds;
        // A side is dry before the bait is turned.
        $heatMin = $byHeat ? \count($this->sides()) * ($setSeconds ?? self::SHORTEST_HEAT_S) / 60 : 0.0;
        $maskMin = $coat->technique->press()->masks() && ! $job->maskIsOn ? self::CLAMP_MASK_MIN : 0.0;
        $aBaitMin = $coat->coats * (2 * $coat->strokes * self::STROKE_MIN + $heatMin) + $maskMin;
        $waitMin = $coat->setting->minutes * Evaporation::slower($job->climate);

        return new Work(
            self::MIX_MIN + $job->baits * $aBaitMin,
            $waitMin,
            $waitMin > 0 ? 'to dry' : '',
            $coat->technique->tool() === Tool::Sheet ? null : Cup::enough($coat, $spread->ml + self::STAYS_IN_CUP_ML),
            $setSeconds,
        );
    }

    public function restMin(): float
    {
        return $this->coat->setting->minutes;
    }

    public function hazards(): array
    {
        return $this->coat->hazards();
    }

    public function fitted(Body $to, float $by, bool $marks): static
    {
        return $this->withCoat($this->coat->scaled($by, $marks));
    }

    public function forAll(): bool
    {
        return false;
    }

    public function sides(): array
    {
        return $this->coat->place->side === null ? Place::SIDES : [$this->coat->place->side];
    }

    public static function figures(): array
    {
        return ['psi', 'strokes', 'coats', 'thinning_percent'];
    }

    public function asUsed(array $figures): static
    {
        return $this->withCoat($this->coat->laidAs(
            isset($figures['coats']) ? (int) $figures['coats'] : null,
            isset($figures['psi']) ? (float) $figures['psi'] : null,
            isset($figures['thinning_percent']) ? $figures['thinning_percent'] / 100 : null,
            isset($figures['strokes']) ? (int) $figures['strokes'] : null,
        ));
    }

    public function coat(): Coat
    {
        return $this->coat;
    }

    public function withCoat(Coat $coat): static
    {
        return new self($this->head, $coat);
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
        return $this->coat->mixture->needsSolvent() ? null : self::COLDEST_C;
    }
}
