<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Bait;
use App\Models\ReferencePhoto;
use App\Models\Version;
use App\Stores\Bodies\Body;
use App\Stores\Rack\Paint;
use App\Stores\Rig\Equipment;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/** What a request names: things by their id, times by their text. Each is refused at its place where there is none. */
final class Named
{
    /** @throws Refused */
    public static function body(Node $id): Body
    {
        return self::find(Body::class, $id, 'body in the drawer');
    }

    /** @throws Refused */
    public static function paint(Node $id): Paint
    {
        return self::find(Paint::class, $id, 'paint on the rack');
    }

    /** @throws Refused */
    public static function airbrush(Node $id): Equipment
    {
        $one = self::find(Equipment::class, $id, 'airbrush');

        return $one->kind === 'airbrush' ? $one : throw $id->refuse('This is no airbrush.');
    }

    public static function version(Node $id): Version
    {
        return self::find(Version::class, $id, 'version', ['pattern', 'body']);
    }

    /** @throws Refused */
    public static function bait(Node $id): Bait
    {
        return self::find(Bait::class, $id, 'bait in the log', ['run.version.pattern']);
    }

    /** @throws Refused */
    public static function photograph(Node $id): ReferencePhoto
    {
        return self::find(ReferencePhoto::class, $id, 'photograph');
    }

    /** @throws Refused when it is no time, written as ISO 8601 */
    public static function time(Node $time): Carbon
    {
        $text = $time->text(40);
        if (preg_match('/^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d+)?)?(Z|[+-]\d\d:\d\d)$/', $text) !== 1) {
            throw $time->refuse('A time is written as 2026-11-25T09:30:00Z.');
        }
        try {
            return Carbon::parse($text)->utc();
        } catch (\Exception) {
            throw $time->refuse('There is no such time.');
        }
    }

    /**
     * @template M of Model
     *
     * @param class-string<M> $model
     * @param list<string> $with
     *
     * @return M
     */
    private static function find(string $model, Node $id, string $what, array $with = []): Model
    {
        return $model::query()->with($with)->find($id->text(40)) ?? throw $id->refuse("There is no such {$what}.");
    }
}
