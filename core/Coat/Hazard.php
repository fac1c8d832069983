<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Coat;

/**
 * What can hurt at this work, what is usually done against it, and who should leave it alone. Common practice, no published
 * source; the product's own sheet and local rules go first.
 */
enum Hazard: string
{
    public const LAST = 'Follow the product’s own sheet and your local rules; they go before anything said here.';

    case Mist = 'spray mist';
    case Solvent = 'solvent paint';
    case SolventClear = 'spray clear';
    case Alcohol = 'alcohol';
    case HotAir = 'hot air';
    case Blade = 'blades';
    case Dust = 'sanding dust';
    case Sealer = 'sealers';
    case Superglue = 'superglue';
    case Resin = 'epoxy and resin';
    case UvResin = 'UV resin and its lamp';
    case Isocyanate = 'isocyanate';
    case Vinyl = 'molten vinyl';

    /** What it does to whom. */
    public function hurts(): string
    {
        return match ($this) {
            self::Mist => 'Dried paint and binder, breathed in, stay in the lungs; so does mist of water-borne paint.',
            self::Solvent, self::SolventClear => 'Vapour makes dizzy and harms; with air it burns, and a pilot flame or a switch is enough.',
            self::Alcohol => 'Its flame is hardly seen by day.',
            self::HotAir => 'Burns skin, softens plastic, and sets fire to vapour.',
            self::Blade => 'A slip goes into the hand that holds the bait.',
            self::Dust => 'Fine dust of primer, clear and wood harms the lungs; that of fresh resin sensitises too.',
            self::Sealer => 'Sensitise the skin; their vapour irritates.',
            self::Superglue => 'Bonds skin and eyelids in seconds; its vapour stings the eyes.',
            self::Resin => 'Skin that has had enough of it once cannot bear it again: the allergy stays.',
            self::UvResin => 'Uncured it sensitises the skin for good; the lamp harms eyes before it is felt.',
            self::Isocyanate => 'Can bring on asthma for life, at amounts nobody smells; an attack may come hours later.',
            self::Vinyl => 'Sticks while it burns; overheated it gives off acid fume that harms lungs and eyes.',
        };
    }

    /** The usual protection, as shown beside a step. */
    public function caution(): string
    {
        return match ($this) {
            self::Mist => 'Spray mist: respirator and moving air for any spraying; a cleaning pot keeps the mist out of the room.',
            self::Solvent => 'Solvent paint: fire and vapour. No flame, heat gun or dryer until the vapours are gone.',
            self::SolventClear => 'Spray clear is solvent: fire and vapour. Moving air, respirator, no flame or heat gun near.',
            self::Alcohol => 'Alcohol burns: no flame or heat until it has gone.',
            self::HotAir => 'Heat guns and dryers burn, and light solvent vapour: keep them from alcohol, solvent and fresh epoxy.',
            self::Blade => 'Blades: cut away from the hand that holds the bait.',
            self::Dust => 'Sanding dust: wear a mask.',
            self::Sealer => 'Epoxies and sealers sensitise skin: gloves, and moving air.',
            self::Superglue => 'Superglue bonds skin: eye protection, moving air, and no rubbing of eyes.',
            self::Resin => 'Epoxy and resin sensitise the skin: wear gloves. Keep flames and heat guns away until vapours are gone.',
            self::UvResin => 'UV resin sensitises the skin: wear gloves. Shield your eyes from the lamp.',
            self::Isocyanate => 'Moisture-cure urethane holds isocyanate: supplied air or as the sheet says; not for asthmatics.',
            self::Vinyl => 'Molten vinyl burns and fumes: eyes, hands and arms covered, moving air, a lid at hand, and never alone.',
        };
    }

    /** Who should not do it at all, or how never; null where there is nobody. */
    public function never(): ?string
    {
        return match ($this) {
            self::Isocyanate => 'Not at all with asthma or after any reaction to isocyanate, however small. A filter mask alone is not enough.',
            self::Vinyl => 'Not alone, not with children or animals in the room, and never over a naked flame.',
            self::Resin, self::UvResin => 'Not with bare hands, and not at all once the skin has reacted.',
            default => null,
        };
    }

    /** Whether to show it at each step that needs it, rather than once a session. */
    public function everyTime(): bool
    {
        return $this === self::Isocyanate || $this === self::Vinyl;
    }
}
