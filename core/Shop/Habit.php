<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Shop;

/** Where painters differ: a question with the schools there are, the first the usual one here. Common practice, no published source. */
enum Habit: string
{
    case Judge = 'judge';
    case Thinner = 'thinner';
    case Set = 'set';
    case BeforeMesh = 'before_mesh';
    case Spot = 'spot';
    case Sides = 'sides';
    case EyeHeld = 'eye_held';
    case ClearTurned = 'clear_turned';

    public function question(): string
    {
        return match ($this) {
            self::Judge => 'How is the air found?',
            self::Thinner => 'What thins the paint?',
            self::Set => 'Is every coat set before the next?',
            self::BeforeMesh => 'What is waited for before a mesh or tape?',
            self::Spot => 'How is a spot made?',
            self::Sides => 'In what order are sides sprayed?',
            self::EyeHeld => 'What holds an eye?',
            self::ClearTurned => 'How does the clear level?',
        };
    }

    /** @return non-empty-array<string, string> the schools: key and name, the usual one first */
    public function schools(): array
    {
        return match ($this) {
            self::Judge => ['gauge' => 'The gauge', 'spray-out' => 'The spray-out'],
            self::Thinner => ['water' => 'Water', 'reducer' => 'Reducer'],
            self::Set => ['every coat' => 'Set every coat', 'wet blends' => 'Wet blends'],
            self::BeforeMesh => ['twenty minutes' => 'Twenty minutes', 'dryer alone' => 'The dryer alone'],
            self::Spot => ['stencil' => 'Through a stencil', 'freehand' => 'Freehand'],
            self::Sides => ['one side of all' => 'One side of all', 'bait by bait' => 'Bait by bait'],
            self::EyeHeld => [
                'tacky glue' => 'Tacky glue', 'gel superglue' => 'Gel superglue', 'epoxy' => 'Epoxy', 'a dab of clear' => 'A dab of clear',
                'its own adhesive' => 'Its own adhesive',
            ],
            self::ClearTurned => ['wheel' => 'On a wheel', 'standing' => 'Standing'],
        };
    }

    /** What it changes here. */
    public function changes(): string
    {
        return match ($this) {
            self::Judge => 'What slip and bench say first of the air: a figure to set, or a mark to look for.',
            self::Thinner => 'What the cup is filled up with, and how much air goes with it: water thins a little less than as much reducer.',
            self::Set => 'Whether a coat that is left wet under the next one gets a warning.',
            self::BeforeMesh => 'When advice says that a mesh or tape goes on too soon, and what a better order waits for.',
            self::Spot => 'Which way of making a spot stands first where a step is added.',
            self::Sides => 'Which side comes next at the bench.',
            self::EyeHeld => 'What a new eye step is set with.',
            self::ClearTurned => 'What the bench says to do while the clear levels.',
        };
    }
}
