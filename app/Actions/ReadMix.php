<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Paint;
use Hawkbrush\Core\Coat\Paint as CorePaint;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** Paints of the rack with their drops: a list of {paint, drops}. */
final class ReadMix
{
    public const MOST_PARTS = 6;

    /**
     * @return non-empty-list<array{CorePaint, int}>
     *
     * @throws Refused when a paint is not on the rack or stands in it twice
     */
    public function of(Node $parts): array
    {
        $mix = $seen = [];
        foreach ($parts->items(1, self::MOST_PARTS) as $part) {
            $part->only(['paint', 'drops']);
            $id = $part->field('paint')->text(40);
            $paint = Paint::query()->find($id) ?? throw $part->field('paint')->refuse('There is no such paint on the rack.');
            if (isset($seen[$id])) {
                throw $part->field('paint')->refuse("{$paint->name} stands in this mix twice; give it once with all its drops.");
            }
            $seen[$id] = true;
            $mix[] = [$paint->core(), $part->field('drops')->integer(1, 200)];
        }

        return $mix === [] ? throw $parts->refuse('A mix needs a paint.') : $mix;
    }
}
