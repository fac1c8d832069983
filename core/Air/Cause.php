<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Air;

/** What may be behind a fault, and the one thing to try for it. Common practice, no published source. */
enum Cause: string
{
    case TooMuchAir = 'too much air';
    case TooLittleAir = 'too little air';
    case TooThin = 'paint too thin';
    case TooThick = 'paint too thick';
    case TooHeavy = 'too much paint at once';
    case TooClose = 'too close';
    case TooFar = 'too far off';
    case DriedOnTip = 'paint dried on the tip';
    case NotClean = 'old paint in the airbrush';
    case NozzleTooFine = 'nozzle too fine for this paint';
    case LooseNozzle = 'nozzle loose';
    case Moisture = 'water in the air line';
    case LidSealed = 'cup lid sealed';
    case DryRoom = 'room too dry or too warm';
    case NotTight = 'mask not tight';
    case AimedIntoGap = 'aimed into the opening';
    case NotDryBelow = 'coat below not dry right through';
    case TakenOffSoon = 'mask taken off too soon';
    case DirtyGround = 'surface not clean';
    case PressedHard = 'pressed too hard';
    case EdgeNotRubbed = 'edge of the tape not rubbed down';
    case Overspray = 'overspray beside the mask';
    case FamiliesDisagree = 'two families of paint that do not agree';
    case SpongeWet = 'sponge too wet';

    /** Psi is lowered or raised by so much in one try. */
    private const AIR_STEP = 0.8;

    /** Points of reducer in one try. */
    private const THINNING_STEP = 10.0;

    /** @return list<string> */
    public static function names(): array
    {
        return array_map(static fn(self $cause): string => $cause->value, self::cases());
    }

    /** One thing to try, in a sentence. */
    public function try(): string
    {
        return match ($this) {
            self::TooMuchAir => 'Less air, lighter coats.',
            self::TooLittleAir => 'More air; try it on paper.',
            self::TooThin => 'Thin the next cup less; until then lighter coats.',
            self::TooThick => 'Thin it by a few drops more; stir, strain if it has lumps.',
            self::TooHeavy => 'Half as much, twice as often; set it in between.',
            self::TooClose => 'A little farther off.',
            self::TooFar => 'A little closer.',
            self::DriedOnTip => 'Pull the needle back and brush the tip clean with a wet brush.',
            self::NotClean => 'A burst at high pressure away from the bait; then back-flush, strip, soak.',
            self::NozzleTooFine => 'Change to the larger nozzle.',
            self::LooseNozzle => 'Tighten the nozzle by hand.',
            self::Moisture => 'Drain the trap and the tank.',
            self::LidSealed => 'Open the hole in the lid, or leave the lid off.',
            self::DryRoom => 'A drop of retarder, or thin it more; spray closer; wet the floor.',
            self::NotTight => 'Press the mask down where it bridges; hold it on both sides of the opening.',
            self::AimedIntoGap => 'Aim at the edge of the opening, so that overspray makes it soft.',
            self::NotDryBelow => 'Wait: dry right through first, then the mask.',
            self::TakenOffSoon => 'Set the last coat before you lift it, and peel it back on itself.',
            self::DirtyGround => 'Wipe with alcohol, let it dry off, then a mist coat first.',
            self::PressedHard => 'Let it only touch.',
            self::EdgeNotRubbed => 'Rub the edge down with a nail; a mist of the colour below seals it.',
            self::Overspray => 'Mask wider beside it; less air.',
            self::FamiliesDisagree => 'Seal with acrylic clear in between; try it on a card.',
            self::SpongeWet => 'Dab it nearly dry on paper first.',
        };
    }

    /** Minutes that the try takes: cheap ones come first. A guess. */
    public function minutes(): float
    {
        return match ($this) {
            self::TooClose, self::TooFar, self::AimedIntoGap, self::LidSealed, self::PressedHard => 0.2,
            self::TooMuchAir, self::TooLittleAir, self::TooHeavy, self::LooseNozzle, self::DriedOnTip, self::NotTight,
            self::TakenOffSoon, self::SpongeWet => 0.5,
            self::TooThin, self::TooThick, self::EdgeNotRubbed, self::Overspray, self::DirtyGround => 1.5,
            self::Moisture, self::DryRoom => 3.0,
            self::NozzleTooFine, self::NotClean => 6.0,
            self::NotDryBelow, self::FamiliesDisagree => 15.0,
        };
    }

    /** How much likelier it is for a step as it stands than where nothing is known. */
    public function weight(Circumstances $at): float
    {
        $air = $at->airAgainstWindow();
        $thin = 2 ** ($at->thinningAgainstWindow() / 15);
        $dry = $at->humidityPercent === null ? 1.0 : 2 ** ((45 - $at->humidityPercent) / 20);

        return max(0.1, min(10.0, match ($this) {
            self::TooMuchAir => $air ** 2,
            self::TooLittleAir => $air ** -2,
            self::TooThin => $thin,
            self::TooThick => 1 / $thin * ($at->spraying->craft ? 1.5 : 1.0),
            self::TooHeavy => $at->wetUm === null ? 1.0 : $at->wetUm / 16,
            self::NozzleTooFine => $at->spraying->nozzleTooFine() ? 4.0 : 0.15,
            self::DriedOnTip, self::NotClean => ($at->minutesSinceStrip === null ? 1.0 : 0.4 + $at->minutesSinceStrip / 30) * sqrt($dry),
            self::DryRoom => $dry * ($at->airC === null ? 1.0 : 2 ** (($at->airC - 21) / 10)),
            self::NotDryBelow => $at->dryBelow === null ? 1.0 : ($at->dryBelow ? 0.3 : 2.0),
            self::FamiliesDisagree => $at->familiesMeet === null ? 1.0 : ($at->familiesMeet ? 3.0 : 0.2),
            default => 1.0,
        }));
    }

    /** Whether it can be behind anything as the step stands: nobody gives more air to a step that has too much already. */
    public function possible(Circumstances $at): bool
    {
        $air = $at->window;
        $thinning = $at->thinning;
        $percent = $at->spraying->thinning * 100;

        return match ($this) {
            // With room for a step of the gauge at least.
            self::TooMuchAir => $at->psi - self::step($at->psi) >= $air->low,
            self::TooLittleAir => $at->psi + self::step($at->psi) <= $air->high,
            self::TooThin => $percent > $thinning->low,
            self::TooThick => $percent < $thinning->high,
            default => true,
        };
    }

    /**
     * What it sets of the figures of the step, if anything: one step on, never out of the window of this way of spraying.
     *
     * @return array<string, float|string> psi, thinning_percent or weight
     */
    public function sets(Circumstances $at): array
    {
        $air = $at->window;
        $thinning = $at->thinning;
        $percent = $at->spraying->thinning * 100;

        return match ($this) {
            self::TooMuchAir => ['psi' => self::gauge(min($at->psi * self::AIR_STEP, max($air->set, $at->psi / 2)), $air)],
            self::TooLittleAir => ['psi' => self::gauge(max($at->psi / self::AIR_STEP, min($air->set, $at->psi * 2)), $air)],
            self::TooThin => ['thinning_percent' => round($thinning->nearest($percent - self::THINNING_STEP), 4)],
            self::TooThick => ['thinning_percent' => round($thinning->nearest($percent + self::THINNING_STEP), 4)],
            self::TooHeavy => $at->wetUm === null || $at->wetUm <= 9 ? [] : ['weight' => $at->wetUm > 16 ? 'medium' : 'light'],
            default => [],
        };
    }

    /** As a gauge can be set, within the window. */
    private static function gauge(float $psi, Window $air): float
    {
        $psi = $air->nearest($psi);
        $step = self::step($psi);
        $set = round($psi / $step) * $step;

        return match ($air->side($set)) {
            -1 => $air->nearest($set + $step),
            1 => $air->nearest($set - $step),
            default => $set,
        };
    }

    private static function step(float $psi): float
    {
        return $psi < 10 ? 0.5 : 1.0;
    }
}
