<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Coat;

use Hawkbrush\Core\Drying\Airflow;
use Hawkbrush\Core\Drying\Climate;

/** Setting of one coat: heat, air with minutes, or deliberately left wet. Minutes after heat are a wait on top of it. */
final readonly class Setting
{
    /** Time in which the next coat follows one that is left wet. Common practice, no published source. */
    private const NEXT_COAT_S = 60.0;

    public function __construct(public SetBy $by, public float $minutes = 0.0) {}

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
