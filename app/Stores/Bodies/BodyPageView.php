<?php

declare(strict_types=1);

namespace App\Stores\Bodies;

use App\Models\Version;
use Hawkbrush\Core\Body\Body as CoreBody;
use Hawkbrush\Core\Body\Index;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Body\Zone;
use Hawkbrush\Core\Step\TaskWork;

/** One kind of body with all that is known of it: measures, zones, preparation, lots. */
final class BodyPageView
{
    private const ZONE_COLUMNS = 48;

    private const ZONE_ROWS = 24;

    /** @return array<string, mixed> */
    public static function of(Body $body): array
    {
        $core = $body->core();
        $body->load('lots.inspections');

        return [
            'body' => BodyView::of($body),
            'form' => self::form($core),
            ...self::measured($core, BodyView::known($body)),
            'preparation' => self::preparation($body),
            'lots' => $body->lots->map(self::lot(...))->values()->all(),
            'painted' => Version::query()->where('body_id', $body->id)->whereNotNull('painted_at')->exists(),
        ];
    }

    /**
     * @param array<string, mixed>|null $shape if it is known already
     *
     * @return array<string, mixed>
     */
    public static function measured(CoreBody $core, ?array $shape = null): array
    {
        return [
            'shape' => $shape ?? BodyView::shape($core),
            'zones' => self::zones($core),
            'findable' => array_map(
                static fn(array $mark): array => ['name' => $mark[0], 'u' => $mark[1], 'mm' => round($mark[1] * $core->lengthMm, 1)],
                Index::findable($core),
            ),
        ];
    }

    /** @return list<array<string, mixed>> */
    public static function preparation(Body $body): array
    {
        return array_map(
            static fn(TaskWork $s): array => [
                'type' => $s->kind(),
                'title' => $s->title,
                'task' => $s->task,
                'minutes' => $s->minutes,
                'check' => $s->check,
                'cautions' => $s->cautions(),
            ],
            $body->preparation(),
        );
    }

    /** @return array<string, mixed> */
    private static function form(CoreBody $core): array
    {
        $form = $core->document();
        unset($form['name'], $form['material']);

        return $form;
    }

    /** @return list<array<string, mixed>> with how much of each cell belongs to it, fifteenths as one hexadecimal digit, on the left half */
    private static function zones(CoreBody $core): array
    {
        $surface = Surface::of($core, self::ZONE_COLUMNS, self::ZONE_ROWS * 2);
        $zones = [];
        foreach (Zone::cases() as $zone) {
            if ($zone === Zone::Whole) {
                continue;
            }
            $area = 0.0;
            $cover = '';
            foreach ($surface->areaMm2 as $cell => $mm2) {
                $share = $zone->weight(
                    $core,
                    $surface->u[$cell % $surface->columns],
                    $surface->theta[intdiv($cell, $surface->columns)],
                );
                $area += 2 * $share * $mm2;
                $cover .= dechex((int) round($share * 15));
            }
            $zones[] = [
                'name' => $zone->value, 'area_mm2' => round($area, 1), 'cover' => $cover,
                'extent' => $zone->extent($core)->document(), 'own' => isset($core->marks->zones[$zone->value]),
            ];
        }

        return $zones;
    }

    /** @return array<string, mixed> */
    private static function lot(Lot $lot): array
    {
        $seen = $lot->lookedOver();
        $rejects = array_filter($seen, static fn($inspection): bool => $inspection->rejected);

        return [
            'id' => $lot->id,
            'supplier' => $lot->supplier,
            'count' => $lot->count,
            'price' => $lot->price,
            'bought_on' => $lot->bought_on?->toDateString(),
            'inspected' => \count($seen), 'rejected' => \count($rejects),
            'reject_share' => $seen === [] ? null : round(\count($rejects) / \count($seen), 3),
            'seen' => array_map(
                static fn($i): array => ['number' => $i->number, 'rejected' => $i->rejected, 'fault' => $i->fault],
                array_values($seen),
            ),
        ];
    }
}
