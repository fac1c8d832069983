<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Rescue;

use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Coat\Laid;
use Hawkbrush\Core\Coat\Place;
use Hawkbrush\Core\Coat\PutOn;
use Hawkbrush\Core\Coat\SetBy;
use Hawkbrush\Core\Coat\Setting;
use Hawkbrush\Core\Coat\SprayAim;
use Hawkbrush\Core\Coat\Thinned;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Techniques;

/** A coat on a small place of the bait, set by heat. */
final class Patch
{
    /** Sprayed freely, straight at the place. */
    public static function of(string $id, Thinned $paint, Place $place, Laid $laid): Coat
    {
        $spray = Techniques::named('spray');

        return new Coat(
            $id, $paint, new PutOn($spray, Choices::read($spray, Node::root([])), 1), $place, new SprayAim($place->usualAimDeg()), $laid,
            new Setting(SetBy::Heat),
        );
    }

    /** A coat of the pattern done again, on that place only. */
    public static function again(string $id, Coat $coat, Place $place): Coat
    {
        return new Coat(
            $id,
            new Thinned($coat->mixture, $coat->thinning),
            new PutOn($coat->technique, $coat->choices, $coat->seed),
            $place,
            new SprayAim($coat->aimDeg, $coat->widthMm, $coat->slantDeg),
            new Laid($coat->coats, $coat->weight, $coat->psi, $coat->strokes, $coat->saidWork()),
            new Setting(SetBy::Heat),
        );
    }
}
