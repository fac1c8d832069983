<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step\Prepare;

use Hawkbrush\Core\Step\Head;
use Hawkbrush\Core\Step\Inspect\InspectStep;
use Hawkbrush\Core\Step\TaskWork;
use Hawkbrush\Core\Step\Wait\WaitStep;

/**
 * What is done to a body before its first coat, by its condition and fittings, as the first steps of a recipe. Minutes
 * are for one bait, waits as they stand. Common practice, no published source; the makers' own sheets go first.
 */
final class Preparation
{
    /** Ids of its steps begin so: taken up again for another body, they replace each other. */
    public const ID = 'prepare-';

    /**
     * @param list<Fitting> $fittings
     *
     * @return non-empty-list<TaskWork>
     */
    public static function steps(Condition $condition, array $fittings): array
    {
        $has = static fn(Fitting $f): bool => \in_array($f, $fittings, true);
        $steps = [self::step(
            InspectStep::class,
            'Inspect',
            self::inspect($condition, $fittings),
            2,
            'Rejects go out before any paint is mixed.',
        )];
        if ($has(Fitting::Jointed) || $has(Fitting::RemovableBill) || $has(Fitting::RemovableTail)) {
            $apart = $has(Fitting::Jointed) ? 'Take it apart if it comes apart; else keep paint and clear out of the joint. ' : '';
            $sockets = $has(Fitting::RemovableBill) || $has(Fitting::RemovableTail)
                ? 'Take out '
                    .self::words([...$has(Fitting::RemovableBill) ? ['the bill'] : [], ...$has(Fitting::RemovableTail) ? ['the tail'] : []])
                    .' and mask the socket with tape: the part must fit again.'
                : '';
            $steps[] = self::step(
                PrepareStep::class,
                'Take apart',
                trim($apart.$sockets),
                3,
                'Every part moves freely and fits its own body.',
            );
        }
        if ($has(Fitting::Seam)) {
            $steps[] = self::step(PrepareStep::class, 'Seam', 'Take the seam down with 400 grit and any blob with a blade, then smooth the spot.', 3, 'Drawn across it, a fingertip feels no step.');
        }
        array_push($steps, ...self::surface($condition));
        $mask = [
            ...$has(Fitting::Bill) ? ['the bill with tape'] : [],
            ...$has(Fitting::FixedEyes) ? ['the eyes with tape cut around them'] : [],
        ];
        if ($mask !== []) {
            $steps[] = self::step(PrepareStep::class, 'Mask', 'Mask '.self::words($mask).'; press the edges down.', 2);
        }
        $steps[] = $condition === Condition::RawWood
            || $condition === Condition::SealedWood
            || $condition === Condition::Resin
            || $condition === Condition::Repaint
            ? self::step(PrepareStep::class, 'Wipe', 'Wipe the dust off with alcohol and a clean towel; let it dry.', 2)
            : self::step(PrepareStep::class, 'Wipe', 'Wipe with a dry or an alcohol towel; from now on hold it by the clamp.', 1);

        return $steps;
    }

    /** @param list<Fitting> $fittings */
    private static function inspect(Condition $condition, array $fittings): string
    {
        $look = ['line tie and hook hangers straight, clear and sealed'];
        if ($condition !== Condition::RawWood) {
            $look[] = 'no sticky place (release agent)';
        }
        if (\in_array(Fitting::Rattle, $fittings, true)) {
            $look[] = 'no rust speck and no water in the rattle chamber: it leaks, reject it';
        }
        if ($condition === Condition::RawWood || $condition === Condition::SealedWood) {
            $look[] = 'no crack and no open grain';
        }
        if ($condition === Condition::Repaint) {
            $look[] = 'no loose paint or lifted clear';
        }

        return 'Look: '.implode('; ', $look).'.';
    }

    /** @return list<TaskWork> */
    private static function surface(Condition $condition): array
    {
        return match ($condition) {
            Condition::Clear => [self::step(
                PrepareStep::class,
                'Scuff',
                'Scuff the shine off with 400 grit or a pad, joints and eyes left out.',
                4,
                'Evenly dull all over.',
            )],
            Condition::Scuffed, Condition::Mirror => [],
            Condition::RawWood => [
                self::step(
                    PrepareStep::class,
                    'Seal',
                    'Seal all of it twice with thin epoxy or a wood sealer; keep it turning until it no longer flows.',
                    12,
                ),
                self::step(WaitStep::class, 'Sealer cures', 'Cured through: as its own sheet says.', 720),
                self::step(
                    PrepareStep::class,
                    'Sand back',
                    'Flatten the cured sealer with 400 grit and wipe the dust away.',
                    6,
                    'It is dull everywhere. Where it stays slick, mist the first coat.',
                ),
            ],
            Condition::SealedWood => [self::step(
                PrepareStep::class,
                'Sand back',
                'Flatten the sealer with 400 grit; where it stays slick, mist the first coat.',
                6,
                'It is dull everywhere.',
            )],
            Condition::Resin => [self::step(
                PrepareStep::class,
                'Degrease and scuff',
                'Wash the release agent off with alcohol, then scuff with 400 grit.',
                6,
                'Water runs off in one film, without beads.',
            )],
            Condition::Soft => [self::step(
                PrepareStep::class,
                'Wash',
                'Wash the oil off with dish soap and warm water, rinse, dry with a towel that leaves no lint. Nothing is scuffed.',
                4,
                'Water runs off in one film. Paint for hard baits cracks on it: take one that bends with it.',
            )],
            Condition::Repaint => [self::step(
                PrepareStep::class,
                'Sand down',
                'Sand the old finish down with 400 grit until nothing lifts at its edges.',
                12,
                'You feel no edge of old paint.',
            )],
        };
    }

    /** @param class-string<TaskWork> $kind */
    private static function step(string $kind, string $title, string $task, float $minutes, string $check = ''): TaskWork
    {
        return new $kind(new Head(self::ID.preg_replace('/[^a-z]+/', '-', strtolower($title)), $title, true, $check), $task, $minutes);
    }

    /** @param list<string> $parts */
    private static function words(array $parts): string
    {
        return implode(' and ', $parts);
    }
}
