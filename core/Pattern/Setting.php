<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Pattern;

use Hawkbrush\Core\Drying\Air;
use Hawkbrush\Core\Drying\Evaporation;
use Hawkbrush\Core\Drying\Room;

/** Setting of one coat: heat, air with minutes, or deliberately left wet. Minutes after heat are a wait on top of it. */
final readonly class Setting
{
    /** Time in which the next coat follows one that is left wet. Common practice, no published source. */
    private const NEXT_COAT_S = 60.0;

    public function __construct(public SetBy $by, public float $minutes = 0.0) {}

    /** Share of the coat still wet when the next one lands, 0 to 1; decides how far the two run together. */
    public function wetShare(float $wetUm, float $volatileShare, Room $room): float
    {
        if ($this->by === SetBy::Heat) {
            return 0.0;
        }
        $touch = Evaporation::touchDryS($wetUm, $volatileShare, $room, Air::still());
        $waited = $this->by === SetBy::Wet ? self::NEXT_COAT_S : $this->minutes * 60;
        if ($touch === null) {
            return 1.0;
        }

        return $touch > 0 ? max(0.0, min(1.0, 1 - $waited / $touch)) : 0.0;
    }
}
