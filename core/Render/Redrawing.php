<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Render;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Colour\Bands;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Kept;
use Hawkbrush\Core\Pattern\Recipe;

/**
 * Draws as {@see Field::painted} does, and goes on from what earlier pictures have left: the surface of the body, where each
 * coat lands, and the field before the step that is being worked on. Each is kept under all that it depends on.
 */
final readonly class Redrawing
{
    public function __construct(private Kept $kept) {}

    public function surface(Body $body, int $columns, int $around): Surface
    {
        $key = self::key('surface', [$body, $columns, $around]);
        $plain = $this->kept->get($key);
        if ($plain !== null) {
            return Surface::fromArray($body, $columns, $around, $plain);
        }
        $surface = Surface::of($body, $columns, $around);
        $this->kept->put($key, $surface->toArray());

        return $surface;
    }

    /**
     * @param string|null $workedOn id of the step that is being worked on: what lies below it will be wanted again
     */
    public function painted(Recipe $recipe, Surface $surface, Climate $climate, ?string $upto, Bands $bands, ?string $workedOn): Field
    {
        $steps = $recipe->upTo($upto);
        $keys = self::below($recipe, $surface, [$climate, $bands->name], $upto);
        $open = new OpenSprays($surface);
        [$from, $field] = $this->latest($keys, $surface, $bands, $open);
        $field ??= Field::bare($surface, $bands, $open);
        $ground = self::ground($surface);
        foreach (\array_slice($steps, $from) as $i => $step) {
            if ($step->id === $workedOn && $i > 0) {
                $plain = $field->toArray();
                if ($plain !== null) {
                    $this->kept->put($keys[$from + $i], $plain);
                }
            }
            foreach ($step->films() as $coat) {
                if ($coat->optics() !== null) {
                    $field = $field->with($coat, $climate, $this->coverage($coat, $surface, $open, $ground));
                }
            }
            $field = $field->under($step->overAll());
        }

        return $field;
    }

    /** What lies on one cell of the left half after all coats. */
    public function spot(Recipe $recipe, Surface $surface, Climate $climate, int $cell): FilmState
    {
        $open = new OpenSprays($surface);
        $ground = self::ground($surface);
        $field = Field::bare($surface, Bands::All, $open);
        foreach ($recipe->enabled() as $step) {
            foreach ($step->films() as $coat) {
                $share = $coat->optics() === null ? 0.0 : $this->coverage($coat, $surface, $open, $ground)->left[$cell] ?? 0.0;
                // One that does not land here is still the last that was laid.
                $field = $field->with($coat, $climate, Coverage::shares($share > 0 ? [$cell => $share] : []));
            }
            $field = $field->under($step->overAll());
        }

        return $field->states[$field->left[$cell]];
    }

    /**
     * What lies below each step, as a key.
     *
     * @param array<mixed> $more that it depends on
     *
     * @return non-empty-list<string> below the first, the second, …, and after the last
     */
    private static function below(Recipe $recipe, Surface $surface, array $more, ?string $upto): array
    {
        $key = self::key('field', [$surface->body, $surface->columns, $surface->rows, $more]);
        $keys = [$key];
        foreach ($recipe->upTo($upto) as $step) {
            $keys[] = $key = self::key('field', [$key, $step->films(), $step->overAll()]);
        }

        return $keys;
    }

    /**
     * @param non-empty-list<string> $keys
     *
     * @return array{int, Field|null} below which step, and the field there
     */
    private function latest(array $keys, Surface $surface, Bands $bands, OpenSprays $open): array
    {
        for ($i = \count($keys) - 1; $i > 0; $i--) {
            $plain = $this->kept->get($keys[$i]);
            if ($plain !== null) {
                return [$i, Field::fromArray($surface, $bands, $open, $plain)];
            }
        }

        return [0, null];
    }

    /** @param string $ground what it lands on, as a key */
    private function coverage(Coat $coat, Surface $surface, OpenSprays $open, string $ground): Coverage
    {
        $key = self::key('coverage', [$ground, $coat->landsBy()]);
        $plain = $this->kept->get($key);
        if ($plain !== null) {
            return Coverage::fromArray($plain, $surface);
        }
        $coverage = Coverage::land($coat, $surface, $open);
        $this->kept->put($key, $coverage->toArray());

        return $coverage;
    }

    private static function ground(Surface $surface): string
    {
        return self::key('ground', [$surface->body, $surface->columns, $surface->rows]);
    }

    /** @param array<mixed> $dependsOn */
    public static function key(string $what, array $dependsOn): string
    {
        return $what.':'.hash('xxh128', serialize($dependsOn));
    }
}
