<?php

declare(strict_types=1);

namespace App\Stores\Rack;

use App\Actions\Named;
use Hawkbrush\Core\Coat\Mixture;
use Hawkbrush\Core\Coat\Paint as CorePaint;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** Paints of the rack with their drops: a list of {paint, drops}. */
final class ReadMix
{
    /**
     * @return non-empty-list<array{CorePaint, int}>
     *
     * @throws Refused when a paint is not on the rack or stands in it twice
     */
    public function read(Node $parts): array
    {
        $mix = $seen = [];
        foreach ($parts->items(1, Mixture::MOST_PAINTS) as $part) {
            $part->only(['paint', 'drops']);
            $id = $part->field('paint')->text(40);
            $paint = Named::paint($part->field('paint'));
            if (isset($seen[$id])) {
                throw $part->field('paint')->refuse("{$paint->name} stands in this mix twice; give it once with all its drops.");
            }
            $seen[$id] = true;
            $mix[] = [$paint->core(), $part->field('drops')->integer(1, Mixture::MOST_DROPS)];
        }

        return $mix === [] ? throw $parts->refuse('A mix needs a paint.') : $mix;
    }
}
