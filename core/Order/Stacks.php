<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Order;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Render\Coverage;

/** All the stacks of films that stand anywhere on a bait, each once. */
final class Stacks
{
    /**
     * @param list<Coat> $coats
     *
     * @return array{list<array<int, float>>, int} by coat its share of the full thickness by stack, and how many stacks there are
     */
    public static function of(array $coats, Surface $surface): array
    {
        $cells = $both = [];
        foreach ($coats as $number => $coat) {
            $landed = Coverage::land($coat, $surface);
            foreach ($landed->mirrored ? [$landed->left] : [$landed->left, $landed->right] as $side => $shares) {
                foreach ($shares as $cell => $share) {
                    $step = (int) round(Coverage::stepped($share) * Coverage::FULL);
                    if ($step > 0) {
                        $cells[$side][$cell][$number] = $step;
                    }
                }
            }
            // What is alike on both sides lies on the right too, where other coats differ.
            $both[$number] = $landed->mirrored;
        }
        foreach (isset($cells[1]) ? ($cells[0] ?? []) : [] as $cell => $stack) {
            foreach ($stack as $number => $step) {
                if ($both[$number]) {
                    $cells[1][$cell][$number] = $step;
                }
            }
        }
        $shares = array_fill(0, \count($coats), []);
        $known = [];
        foreach ($cells as $side) {
            foreach ($side as $stack) {
                ksort($stack);
                $named = static fn(int $number, int $step): string => "{$number}:{$step}";
                $key = implode(',', array_map($named, array_keys($stack), $stack));
                if (isset($known[$key])) {
                    continue;
                }
                $sample = $known[$key] = \count($known);
                foreach ($stack as $number => $step) {
                    $shares[$number][$sample] = $step / Coverage::FULL;
                }
            }
        }

        return [$shares, \count($known)];
    }
}
