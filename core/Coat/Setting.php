<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Coat;

use Hawkbrush\Core\Document\Field;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Drying\Airflow;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** Setting of one coat: heat, air with minutes, or deliberately left wet. Minutes after heat are a wait on top of it. */
final readonly class Setting
{
    /** Nobody plans to wait longer than a week. */
    public const MOST_MINUTES = 10080;

    /** Time in which the next coat follows one that is left wet. Common practice, no published source. */
    private const NEXT_COAT_S = 60.0;

    public function __construct(public SetBy $by, public float $minutes = 0.0) {}

    public static function fields(): Fields
    {
        return new Fields(Field::choice('by', SetBy::names()), Field::number('minutes', 0, self::MOST_MINUTES)->or(0));
    }

    /** @throws Refused */
    public static function read(Node $node): self
    {
        $in = self::fields()->in($node);

        return new self(SetBy::from($in->choice('by', SetBy::names())), $in->number('minutes'));
    }

    /** @return array{by: string, minutes: float} as it stands in a document */
    public function document(): array
    {
        return ['by' => $this->by->value, 'minutes' => $this->minutes];
    }

    /** What blows on the coat while it is set. */
    public function air(Climate $climate): Airflow
    {
        return $this->by === SetBy::Heat ? $climate->underDryer() : Airflow::still();
    }

    /**
     * Share of the coat still wet when the next one lands, 0 to 1; decides how far the two run together.
     *
     * @param float|null $touchDryS seconds until it is touch dry in still air; null when never
     */
    public function wetShare(?float $touchDryS): float
    {
        if ($this->by === SetBy::Heat) {
            return 0.0;
        }
        if ($touchDryS === null) {
            return 1.0;
        }
        $waited = $this->by === SetBy::Wet ? self::NEXT_COAT_S : $this->minutes * 60;

        return $touchDryS > 0 ? max(0.0, min(1.0, 1 - $waited / $touchDryS)) : 0.0;
    }
}
