<?php

declare(strict_types=1);

namespace App\Actions\Patterns;

use App\Actions\Named;
use App\Models\Preference;
use App\Models\Version;
use App\Stores\Bodies\Body;
use App\Stores\Rack\Paint;
use App\Stores\Rack\ReadMix;
use Hawkbrush\Core\Change\KnownBody;
use Hawkbrush\Core\Change\Surroundings;
use Hawkbrush\Core\Coat\Paint as CorePaint;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Shop\Habits;
use Illuminate\Support\Str;

/** This shop, where a version is changed. */
final readonly class ShopOfVersion implements Surroundings
{
    public function __construct(private Version $version, private ReadMix $mix) {}

    public function newId(): string
    {
        return strtolower((string) Str::ulid());
    }

    public function paints(array $ids): array
    {
        $paints = [];
        foreach (Paint::query()->findMany($ids) as $paint) {
            $paints[$paint->id] = $paint->core();
        }

        return $paints;
    }

    public function rack(): array
    {
        $paints = Paint::query()->whereNull('archived_at')->orderBy('name')->get();
        // Samples and imports come as empty bottles: with nothing else, they do.
        $filled = $paints->where('left_ml', '>', 0);

        return array_values(($filled->isEmpty() ? $paints : $filled)->map(static fn(Paint $paint): CorePaint => $paint->core())->all());
    }

    public function mix(Node $parts): array
    {
        return $this->mix->read($parts);
    }

    public function body(Node $id): KnownBody
    {
        return self::known(Named::body($id));
    }

    public function own(): KnownBody
    {
        return self::known($this->version->body);
    }

    public function habits(): Habits
    {
        return Preference::habits();
    }

    private static function known(Body $body): KnownBody
    {
        return new KnownBody($body->id, $body->core(), $body->preparation());
    }
}
