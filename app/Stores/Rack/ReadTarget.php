<?php

declare(strict_types=1);

namespace App\Stores\Rack;

use App\Actions\Named;
use App\Actions\Patterns\ReadRecipe;
use App\Actions\Pictures\PickColour;
use App\Models\Version;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Body\Zone;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Compare\ZoneColours;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Render\Field;

/**
 * A wanted colour or a ground: a colour itself, a spot on a photograph ({picture, x, y}), or
 * a zone of a pattern after a step ({version, upto, zone}).
 */
final readonly class ReadTarget
{
    /** Reflectance of the named grounds, without surface reflection. */
    public const GROUNDS = ['black' => 0.02, 'grey' => 0.3, 'white' => 0.9];

    private const COLUMNS = 64;

    private const AROUND = 32;

    public function __construct(private ReadRecipe $read, private PickColour $pick) {}

    /** @throws Refused */
    public function colour(Node $node): Colour
    {
        if ($node->has('picture')) {
            $node->only(['picture', 'x', 'y']);
            $picture = Named::photograph($node->field('picture'));

            return $this->pick->at($picture, [[$node->field('x')->number(0, 1), $node->field('y')->number(0, 1)]])[0];
        }

        return $node->has('version')
            ? SurfaceFinish::Clear->colour($this->film($node)->values)
            : Colour::read($node);
    }

    /**
     * @param Node|null $node black, grey or white, or a zone of a pattern; white if there is none
     *
     * @throws Refused
     */
    public function ground(?Node $node): Spectrum
    {
        if ($node === null || \is_string($node->raw())) {
            return Spectrum::flat(self::GROUNDS[$node?->choice(array_keys(self::GROUNDS)) ?? 'white']);
        }

        return $this->film($node);
    }

    private function film(Node $node): Spectrum
    {
        $node->only(['version', 'upto', 'zone']);
        $version = Named::version($node->field('version'));
        $recipe = $this->read->fromVersion($version);
        $upto = $node->optional('upto')?->text(40);
        if ($upto !== null && $recipe->number($upto) === 0) {
            throw $node->field('upto')->refuse('There is no such step in this version.');
        }
        $zone = Zone::from($node->field('zone')->choice(Zone::names()));

        $surface = Surface::of($recipe->body, self::COLUMNS, self::AROUND);

        return (new ZoneColours($surface))->film(Field::painted($recipe, $surface, Climate::ordinary(), $upto), $zone);
    }
}
