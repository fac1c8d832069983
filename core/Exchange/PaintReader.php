<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Exchange;

use Hawkbrush\Core\Coat\Bounds;
use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\Lab;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Film\Unmeasured;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/**
 * Reads colours and paints from documents. A colour is {hex}, {lab: [L, a, b]} or {reflectance: {start: 400, step: 10,
 * values: [31]}}. A paint is {k: [31], s: [31]} per micrometre, or {hex, kind}: then hex is the colour of the film
 * itself unless `seen` says under which look it was picked.
 */
final class PaintReader
{
    /** @throws Refused */
    public static function colour(Node $node): Colour
    {
        if ($node->has('hex')) {
            return self::hex($node->only(['hex'])->field('hex'));
        }
        if ($node->has('lab')) {
            $lab = $node->only(['lab'])->field('lab');
            $values = $lab->numbers(3, -200, 200);
            if ($values[0] < 0 || $values[0] > 100) {
                throw $lab->items()[0]->refuse('L* runs from 0 to 100.');
            }

            return Colour::fromLab(new Lab($values[0], $values[1], $values[2]));
        }
        if (! $node->has('reflectance')) {
            throw $node->refuse('A colour is given as hex, lab or reflectance.');
        }
        $curve = $node->only(['reflectance'])->field('reflectance')->only(['start', 'step', 'values']);
        $curve->field('start')->number(Spectrum::START_NM, Spectrum::START_NM);
        $curve->field('step')->number(Spectrum::STEP_NM, Spectrum::STEP_NM);

        return Colour::fromReflectance(Spectrum::of($curve->field('values')->numbers(Spectrum::BANDS, 0, 1)));
    }

    /** @throws Refused when it is not #rrggbb */
    public static function hex(Node $node): Colour
    {
        return $node->guard(static fn(): Colour => Colour::fromHex($node->text(9)));
    }

    /** @throws Refused */
    public static function optics(Node $node): Optics
    {
        if ($node->has('k') || $node->has('s')) {
            return Optics::of(
                self::curve($node->field('k'), 100),
                self::curve($node->field('s'), 100),
                $node->has('glint') ? self::curve($node->field('glint'), 2) : null,
                $node->has('glow') ? self::curve($node->field('glow'), 5) : null,
                $node->has('away') ? self::curve($node->field('away'), 2) : null,
                $node->has('afterglow') ? self::curve($node->field('afterglow'), 5) : null,
            );
        }
        $kind = self::kind($node);
        $seen = SurfaceFinish::from($node->optional('seen')?->choice(['none', 'matte', 'clear']) ?? 'none');

        return Unmeasured::optics($seen->body(self::hex($node->field('hex'))->reflectance()), $kind);
    }

    /** @throws Refused */
    public static function paint(string $id, Node $node): Paint
    {
        $node->only(['name', 'kind', 'hex', ...Optics::CURVES, 'seen', 'solids', 'drop_ml', 'family', 'from_card', 'drying']);

        return new Paint(
            $id,
            $node->optional('name')?->text(80) ?? $id,
            self::kind($node),
            self::optics($node),
            self::hex($node->field('hex'))->hex(),
            Bounds::optional($node, 'solids', Paint::ORDINARY_SOLIDS),
            Bounds::optional($node, 'drop_ml', 0.05),
            $node->optional('family')?->text(40) ?? 'water-borne acrylic',
            $node->optional('from_card')?->boolean() ?? false,
            Bounds::optional($node, 'drying', 1),
        );
    }

    private static function kind(Node $node): Kind
    {
        return Kind::from($node->field('kind')->choice(Kind::names()));
    }

    private static function curve(Node $node, float $most): Spectrum
    {
        return Spectrum::of($node->numbers(Spectrum::BANDS, 0, $most));
    }
}
