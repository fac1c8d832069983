<?php

declare(strict_types=1);

namespace App\Present;

use App\Models\Paint;
use App\Models\Version;
use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Eye\Eye;
use Hawkbrush\Core\Eye\Fit;
use Hawkbrush\Core\Eye\Look;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Render\Field;
use Hawkbrush\Core\Step\PaintsNamed;
use Hawkbrush\Core\Step\Steps;

/** An eye as a page draws it: widths as percent of its own, heights in mm. */
final class EyeLook
{
    private const COLUMNS = 48;

    private const MID = 0.5;

    /**
     * The eye of a step, on what is painted before it.
     *
     * @return array<string, mixed>
     */
    public static function of(Recipe $recipe, string $stepId, Eye $eye): array
    {
        return self::drawn(Look::of($eye, self::below($recipe, $stepId, $eye)), $recipe->body);
    }

    /**
     * The last eye of a version, for a small picture of its bait: what a painted one is painted on is left out.
     *
     * @return array<string, mixed>|null null where it has none
     */
    public static function last(Version $version): ?array
    {
        $step = null;
        foreach ($version->steps as $one) {
            $step = Steps::setsEye($one) && ($one['on'] ?? true) === true ? $one : $step;
        }
        if ($step === null) {
            return null;
        }
        $ids = array_keys(PaintsNamed::in($step));
        $paints = [];
        foreach ($ids === [] ? [] : Paint::query()->findMany($ids) as $paint) {
            $paints[$paint->id] = $paint->core();
        }
        $eye = Steps::read(Node::root($step), $paints)->eye();

        return $eye === null ? null : self::drawn(Look::of($eye, FilmState::ground(array_fill(0, Spectrum::BANDS, self::MID))), null);
    }

    /** What an eye lies on. Only a painted one is seen through, so only then is it worked out. */
    public static function below(Recipe $recipe, string $stepId, Eye $eye): FilmState
    {
        $body = $recipe->body;
        if ($eye->rings === []) {
            return FilmState::ground($body->ground->values);
        }
        $surface = Surface::of($body, self::COLUMNS, self::COLUMNS);
        $before = $recipe->with(\array_slice($recipe->steps, 0, max(0, $recipe->number($stepId) - 1)));
        $field = Field::painted($before, $surface, Climate::ordinary());

        return $field->states[$field->left[$surface->cellAt($body->marks->eyeU, $body->marks->eyeDeg)]];
    }

    /** @return array<string, mixed> */
    public static function drawn(Look $look, ?Body $body): array
    {
        $eye = $look->eye;

        return [
            'kind' => $eye->kind,
            'diameter_mm' => $eye->diameterMm,
            'dome_mm' => round($look->domeMm, 2),
            'proud_mm' => $body === null ? round($look->domeMm, 2) : round(Fit::proudMm($body, $eye->diameterMm, $eye->kind), 2),
            'discs' => array_map(static fn(array $disc): array => ['percent' => round(100 * $disc['share'], 1), 'hex' => $disc['hex']], $look->discs),
            'shade' => $look->shade,
            'pupil' => ['shape' => $eye->pupil, 'percent' => round(100 * $look->pupilShare, 1), 'hex' => $look->pupilHex],
            'glint' => ['percent' => round(100 * $look->glintShare, 1), 'strength' => $look->glint],
            'night' => $look->nightHex,
        ];
    }
}
