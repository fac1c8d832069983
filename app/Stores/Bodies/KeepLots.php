<?php

declare(strict_types=1);

namespace App\Stores\Bodies;

use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Illuminate\Support\Facades\DB;

/** Lots of bodies bought and inspected; rejected ones leave the stock. */
final class KeepLots
{
    /**
     * {supplier, count, price, bought_on}: they go into the drawer.
     *
     * @throws Refused
     */
    public function buy(Body $body, Node $form): Lot
    {
        $lot = new Lot(['body_id' => $body->id] + Lot::fields()->in($form)->all());
        DB::transaction(static function () use ($body, $lot): void {
            Body::query()->whereKey($body->id)->increment('stock', $lot->count, ['revision' => DB::raw('revision + 1')]);
            $lot->save();
        });

        return $lot;
    }

    /**
     * {number, rejected, fault}: one body of the lot looked over, or looked over again.
     *
     * @throws Refused
     */
    public function inspect(Lot $lot, Node $form): void
    {
        $form->only(['number', 'rejected', 'fault']);
        $number = $form->field('number')->integer(1, $lot->count);
        $rejected = $form->field('rejected')->boolean();
        $fault = $form->optional('fault')?->text(200, true) ?? '';
        if ($rejected && $fault === '') {
            throw Refused::at('/fault', 'Say what is wrong with it: that is how the next lot is judged.');
        }
        DB::transaction(static function () use ($lot, $number, $rejected, $fault): void {
            $lot = Lot::query()->with(['inspections', 'body'])->findOrFail($lot->id);
            $before = $lot->lookedOver()[$number] ?? null;
            Inspection::query()->create([
                'lot_id' => $lot->id,
                'number' => $number,
                'rejected' => $rejected,
                'fault' => $rejected ? $fault : '',
            ]);
            $was = $before !== null && $before->rejected;
            if ($was !== $rejected) {
                $lot->body->update(['stock' => max(0, $lot->body->stock + ($rejected ? -1 : 1)), 'revision' => $lot->body->revision + 1]);
            }
        });
    }
}
