<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Film;

use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/**
 * What a dry paint does to light: absorption K and scattering S per micrometre in 31 bands; the colour its flakes
 * throw at the mirror angle when they fill a hiding film, and the one they throw away from it; for a fluorescent, the
 * light it sends out itself, and for a phosphorescent what it sends out by night.
 */
final readonly class Optics
{
    /** More than any paint has; keeps the exponentials finite. */
    public const STRONGEST_PER_UM = 100.0;

    /** All curves there may be, as they stand in documents, with the most of each. */
    public const MOST = [
        'k' => self::STRONGEST_PER_UM, 's' => self::STRONGEST_PER_UM, 'glint' => 2.0, 'glow' => 5.0, 'away' => 2.0, 'afterglow' => 5.0,
    ];

    private function __construct(
        public Spectrum $k,
        public Spectrum $s,
        public ?Spectrum $glint,
        public ?Spectrum $glow,
        public ?Spectrum $away,
        public ?Spectrum $afterglow,
    ) {}

    /** @throws Refused when K or S is negative, or greater than any paint has */
    public static function of(
        Spectrum $k,
        Spectrum $s,
        ?Spectrum $glint = null,
        ?Spectrum $glow = null,
        ?Spectrum $away = null,
        ?Spectrum $afterglow = null,
    ): self {
        $curves = ['k' => $k, 's' => $s, 'glint' => $glint, 'glow' => $glow, 'away' => $away, 'afterglow' => $afterglow];
        foreach ($curves as $name => $curve) {
            $most = self::MOST[$name];
            foreach ($curve->values ?? [] as $i => $value) {
                if ($value < 0 || $value > $most) {
                    throw Refused::at("/{$name}/{$i}", "A paint has {$name} from 0 to {$most}; here stands {$value}.");
                }
            }
        }

        return new self($k, $s, $glint, $glow, $away, $afterglow);
    }

    /**
     * {k: [31], s: [31]} per micrometre with the other curves, or {hex, kind}: then hex is the colour of the film itself unless
     * `seen` says under which look it was picked.
     *
     * @throws Refused
     */
    public static function read(Node $node): self
    {
        if ($node->has('k') || $node->has('s')) {
            $curve = static fn(string $name): Spectrum => Spectrum::of($node->field($name)->numbers(Spectrum::BANDS, 0, self::MOST[$name]));
            $maybe = static fn(string $name): ?Spectrum => $node->has($name) ? $curve($name) : null;

            return self::of($curve('k'), $curve('s'), $maybe('glint'), $maybe('glow'), $maybe('away'), $maybe('afterglow'));
        }
        $kind = Kind::from($node->field('kind')->choice(Kind::names()));
        $seen = SurfaceFinish::from($node->optional('seen')?->choice(SurfaceFinish::names()) ?? SurfaceFinish::None->value);

        return Unmeasured::optics($seen->body(Colour::readHex($node->field('hex'))->reflectance()), $kind);
    }

    /** @return array<string, list<float>|null> by name */
    public function curves(): array
    {
        return [
            'k' => $this->k->values,
            's' => $this->s->values,
            'glint' => $this->glint?->values,
            'glow' => $this->glow?->values,
            'away' => $this->away?->values,
            'afterglow' => $this->afterglow?->values,
        ];
    }
}
