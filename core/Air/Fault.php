<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Air;

/** What goes wrong while spraying, by the names painters have for it. Common practice, no published source. */
enum Fault: string
{
    case SpiderLegs = 'spider legs';
    case Creep = 'creep';
    case Spit = 'spit';
    case Grain = 'grain';
    case DryTip = 'dry tip';
    case Clog = 'clog';
    case Pulsing = 'pulsing';
    case Blur = 'blur under a mask';
    case Lifted = 'lifted colour';
    case MeshPrint = 'print of a mesh';
    case Halo = 'halo';
    case Wrinkle = 'wrinkle';
    case Run = 'run';
    case SpongeBlob = 'sponge blob';

    /** @return list<string> */
    public static function names(): array
    {
        return array_map(static fn(self $fault): string => $fault->value, self::cases());
    }

    /** @return list<self> those that show on a test sheet, before the bait */
    public static function onPaper(): array
    {
        return [self::SpiderLegs, self::Creep, self::Spit, self::Grain, self::DryTip, self::Pulsing, self::Run];
    }

    /** What is seen. */
    public function looks(): string
    {
        return match ($this) {
            self::SpiderLegs => 'Thin legs of paint run out from where it was hit.',
            self::Creep => 'Wet paint is pushed along, or draws back from the surface.',
            self::Spit => 'Single large drops among the mist.',
            self::Grain => 'It lands half dry and feels like sand.',
            self::DryTip => 'The line wanders or splits; paint has dried on the needle.',
            self::Clog => 'Little or nothing comes out.',
            self::Pulsing => 'It comes in beats, or bubbles rise in the cup.',
            self::Blur => 'Colour has crept under the edge of the mask.',
            self::Lifted => 'The mask took colour off with it.',
            self::MeshPrint => 'The threads stand as dents in the coat below.',
            self::Halo => 'A pale or coloured rim beside the stripe.',
            self::Wrinkle => 'The film draws together like skin on milk.',
            self::Run => 'A drop hangs or has run down.',
            self::SpongeBlob => 'Closed blobs instead of open texture.',
        };
    }

    /** Whether it says of itself that the air was too low or too high. */
    public function airWas(): ?string
    {
        return match ($this) {
            self::Spit, self::Grain => 'too low',
            self::SpiderLegs, self::Creep => 'too high',
            default => null,
        };
    }

    /**
     * What may be behind it, with how likely that is where nothing is known. Guesses after common practice.
     *
     * @return non-empty-list<array{Cause, float}>
     */
    public function causes(): array
    {
        return match ($this) {
            self::SpiderLegs, self::Creep => [[Cause::TooMuchAir, 4], [Cause::TooThin, 3], [Cause::TooHeavy, 2], [Cause::TooClose, 2]],
            self::Spit => [[Cause::TooLittleAir, 3], [Cause::TooThick, 3], [Cause::DriedOnTip, 2], [Cause::NozzleTooFine, 2],
                [Cause::Moisture, 0.5]],
            self::Grain => [[Cause::TooLittleAir, 3], [Cause::TooThick, 3], [Cause::TooFar, 2], [Cause::DryRoom, 1]],
            self::DryTip => [[Cause::DriedOnTip, 5], [Cause::DryRoom, 2], [Cause::TooThick, 1], [Cause::TooMuchAir, 1]],
            self::Clog => [[Cause::DriedOnTip, 2], [Cause::NotClean, 3], [Cause::NozzleTooFine, 2], [Cause::TooThick, 2]],
            self::Pulsing => [[Cause::LooseNozzle, 3], [Cause::Moisture, 2], [Cause::LidSealed, 1.5], [Cause::NotClean, 1]],
            self::Blur => [
                [Cause::TooHeavy, 3], [Cause::NotTight, 3], [Cause::AimedIntoGap, 2], [Cause::TooMuchAir, 2], [Cause::TooThin, 1],
            ],
            self::Lifted => [[Cause::NotDryBelow, 5], [Cause::TakenOffSoon, 2], [Cause::DirtyGround, 1]],
            self::MeshPrint => [[Cause::NotDryBelow, 5], [Cause::PressedHard, 1]],
            self::Halo => [[Cause::EdgeNotRubbed, 4], [Cause::Overspray, 2], [Cause::TooMuchAir, 1]],
            self::Wrinkle => [[Cause::FamiliesDisagree, 4], [Cause::NotDryBelow, 2], [Cause::TooHeavy, 1]],
            self::Run => [[Cause::TooHeavy, 4], [Cause::TooThin, 3], [Cause::TooClose, 2]],
            self::SpongeBlob => [[Cause::SpongeWet, 4], [Cause::PressedHard, 2]],
        };
    }
}
