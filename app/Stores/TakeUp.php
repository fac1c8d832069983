<?php

declare(strict_types=1);

namespace App\Stores;

use Hawkbrush\Core\Node;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/** Of a kind, one is the one that counts. */
final class TakeUp
{
    /**
     * @template M of Model
     *
     * @param M $one
     * @param string $mark its column that says so
     *
     * @return M
     */
    public static function one(Model $one, string $mark): Model
    {
        $others = $one->newQuery()->where('kind', $one->getAttribute('kind'))->whereKeyNot($one->getKey());
        $others->where($mark, true)->update([$mark => false]);
        $one->update([$mark => true]);

        return $one->refresh();
    }

    /**
     * Put away or taken out again, where a form says so.
     *
     * @return array{archived_at?: Carbon|null}
     */
    public static function archived(Node $form): array
    {
        $archived = $form->optional('archived')?->boolean();

        return $archived === null ? [] : ['archived_at' => $archived ? now() : null];
    }

    /** Whether none of a kind counts yet that is still there. */
    public static function isFirst(Model $like, string $kind): bool
    {
        return $like->newQuery()->where('kind', $kind)->whereNull('archived_at')->doesntExist();
    }
}
