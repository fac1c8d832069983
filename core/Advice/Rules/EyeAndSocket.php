<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice\Rules;

use Hawkbrush\Core\Advice\Finding;
use Hawkbrush\Core\Advice\Fix;
use Hawkbrush\Core\Advice\Painted;
use Hawkbrush\Core\Advice\Rule;
use Hawkbrush\Core\Advice\Severity;
use Hawkbrush\Core\Words;

/** An eye that does not fit its socket stands proud, or rattles. */
final class EyeAndSocket implements Rule
{
    /** An eye smaller by more lies loose. Common practice, no published source. */
    private const LOOSE_MM = 0.4;

    /** Oversize up to this is a matter of taste. Common practice, no published source. */
    private const PROUD_MM = 1.0;

    public function name(): string
    {
        return 'eye-and-socket';
    }

    public function check(Painted $painted): array
    {
        $socket = $painted->recipe->body->marks->eyeSocketMm;
        $findings = [];
        foreach ($painted->recipe->enabled() as $step) {
            $eye = $step->eye();
            $over = $eye === null || $socket === null ? 0.0 : round($eye->diameterMm - $socket, 3);
            if ($eye === null || $socket === null || ($over <= self::PROUD_MM && -$over <= self::LOOSE_MM)) {
                continue;
            }
            $fits = floor($socket * 2) / 2;
            $findings[] = new Finding(
                $this->name(), Severity::Hint, $step->id,
                \sprintf('Eye %s mm in %s mm socket', self::plain($eye->diameterMm), Words::a(self::plain($socket))),
                $eye->diameterMm > $socket
                    ? 'It stands proud; on a diving bait it can be knocked off.'
                    : 'It lies loose in the socket; the rim will show.',
                Fix::change(\sprintf('Use %s mm', self::plain($fits)), $step->id, ['diameter_mm' => $fits]),
            );
        }

        return $findings;
    }

    private static function plain(float $mm): string
    {
        return rtrim(rtrim(\sprintf('%.1f', $mm), '0'), '.');
    }
}
