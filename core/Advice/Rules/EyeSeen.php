<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice\Rules;

use Hawkbrush\Core\Advice\Finding;
use Hawkbrush\Core\Advice\Painted;
use Hawkbrush\Core\Advice\Rule;
use Hawkbrush\Core\Advice\Severity;
use Hawkbrush\Core\Advice\UnderEye;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Eye\Eye;
use Hawkbrush\Core\Eye\Fit;
use Hawkbrush\Core\Eye\Look;
use Hawkbrush\Core\Step\Step;

/**
 * An eye that nobody sees against what is round it: its socket is painted black first, or white goes under it where the head
 * is dark. A bought eye has a dark rim, so the rule speaks only of one that is nearly the colour of its surround. Common practice, no
 * published source.
 */
final class EyeSeen implements Rule
{
    /** Nearer than this in colour, and in lightness, an eye is lost even with its rim. */
    private const LOST_DELTA_E = 14.0;

    private const LOST_LIGHTNESS = 12.0;

    /** Under this a head is dark. */
    private const DARK = 45.0;

    public function name(): string
    {
        return 'eye-seen';
    }

    public function check(Painted $painted): array
    {
        $findings = [];
        foreach ($painted->recipe->enabled() as $step) {
            $eye = $step->eye();
            if ($eye !== null) {
                $findings[] = $this->look($painted, $step, $eye);
            }
        }

        return array_values(array_filter($findings));
    }

    private function look(Painted $painted, Step $step, Eye $eye): ?Finding
    {
        $body = $painted->recipe->body;
        $state = $painted->before($step, Fit::besideU($body, $eye), $body->marks->eyeDeg);
        $round = $painted->colour($state)->lab;
        $deltaE = 0.0;
        foreach (Look::of($eye, $state)->shows() as $hex) {
            $shows = Colour::fromHex($hex)->lab;
            $deltaE = DeltaE2000::between($shows, $round);
            if ($deltaE >= self::LOST_DELTA_E || abs($shows->l - $round->l) >= self::LOST_LIGHTNESS) {
                return null;
            }
        }
        $dark = $round->l < self::DARK;
        $under = $dark ? $painted->white() : $painted->black();

        return new Finding(
            $this->name(), Severity::Hint, $step->id, 'The eye is hardly seen',
            \sprintf(
                'Its iris is only %.0f DeltaE00 from its surround, and as %s. A pale eye needs a dark surround, a dark eye a pale one.',
                $deltaE,
                $dark ? 'dark' : 'light',
            ),
            match (true) {
                $under === null => null,
                $dark => UnderEye::white($under, $step->id),
                $body->marks->eyeSocketMm !== null => UnderEye::blackSocket($under, $step->id),
                default => UnderEye::blackRound($under, $step->id),
            },
        );
    }
}
