<?php

declare(strict_types=1);

namespace App\Http;

use App\Exceptions\Conflict;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;

/**
 * A change of something that carries a revision. It is read and compared inside the transaction that writes, which
 * holds the write lock from its beginning: of several changes made on one revision at the same time, one is kept.
 */
final class Revised
{
    /**
     * @template M of Model
     * @template R
     *
     * @param Node $form with `revision`, the one that the change was made on
     * @param callable(): M $find
     * @param string $words what to say when it has moved on
     * @param callable(M): mixed $view the current state, for an outdated edit
     * @param callable(M): R $change what is shown of it is worked out afterwards, when nobody waits for it
     *
     * @return R
     *
     * @throws Conflict when it has moved on
     * @throws Refused
     */
    public static function change(Node $form, callable $find, string $words, callable $view, callable $change): mixed
    {
        $newer = null;
        $changed = DB::transaction(static function () use ($form, $find, $change, &$newer): mixed {
            $there = $find();
            if ($form->field('revision')->integer(1, PHP_INT_MAX) !== $there->getAttribute('revision')) {
                $newer = $there;

                return null;
            }

            return $change($there);
        });
        if ($newer !== null) {
            throw new Conflict($words.' Yours was not saved; look at what stands there now and do it again.', $view($newer), $form->raw());
        }

        /** @var R */
        return $changed;
    }
}
