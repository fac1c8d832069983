<?php

declare(strict_types=1);

namespace App\Stores\Masks;

use App\Keeping\CodeVersion;
use App\Keeping\PictureCache;
use App\Stores\Bodies\Body;
use Hawkbrush\Core\Body\Body as CoreBody;
use Hawkbrush\Core\Document\Field;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Mask\Plate;
use Hawkbrush\Core\Node;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Cache;

/**
 * A mask in the box, cut for a body.
 *
 * @property string $id
 * @property string $name
 * @property string $body_id
 * @property array<string, mixed> $technique its name and settings, as in a step
 * @property int $seed
 * @property array<string, mixed> $cut_for the body as it was when the mask was cut: what is cut does not change
 * @property string $sheet what it is cut from
 * @property int $uses baits sprayed through it
 * @property int|null $lasts baits it is good for, as far as is known
 * @property int $revision
 * @property Carbon|null $retired_at
 * @property-read Body $body
 */
final class Mask extends Model
{
    use HasUlids;

    protected $guarded = [];

    /** What a painter says of it, beside how it is cut. */
    public static function fields(): Fields
    {
        return new Fields(
            Field::text('name', 80),
            Field::text('sheet', 60, 0)->or(''),
            Field::whole('uses', 0, 1_000_000)->or(0),
            Field::whole('lasts', 1, 10_000)->or(null),
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'technique' => 'array',
            'cut_for' => 'array',
            'seed' => 'integer',
            'uses' => 'integer',
            'lasts' => 'integer',
            'revision' => 'integer',
            'retired_at' => 'datetime',
        ];
    }

    /** @return BelongsTo<Body, $this> */
    public function body(): BelongsTo
    {
        return $this->belongsTo(Body::class);
    }

    /** As it is cut for the left side; worked out once, looked at often. */
    public function plate(): Plate
    {
        $key = 'plate:'.CodeVersion::ofCore().hash('xxh128', serialize([$this->name, $this->technique, $this->seed, $this->cut_for]));

        return Cache::remember(
            $key,
            PictureCache::KEPT_S,
            fn(): Plate => Plate::read(
                $this->name,
                Node::kept($this->technique),
                $this->seed,
                Plate::surface(CoreBody::read(Node::kept($this->cut_for))),
            ),
        );
    }
}
