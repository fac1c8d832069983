<?php

declare(strict_types=1);

namespace App\Actions\Shop;

use App\Stores\Bodies\Body;
use App\Stores\Bodies\SaveBody;
use App\Stores\Clears\KeepClears;
use App\Stores\Eyes\KeepEyes;
use App\Stores\Masks\KeepMask;
use App\Stores\Rack\Paint;
use App\Stores\Rack\SavePaint;
use Hawkbrush\Core\Body\Shape;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Illuminate\Support\Facades\DB;

/** Fills an empty shop with a starter shop. */
final readonly class BeginShop
{
    public function __construct(
        private SavePaint $paint,
        private SaveBody $body,
        private KeepClears $clears,
        private KeepEyes $eyes,
        private KeepMask $masks,
    ) {}

    /**
     * All of it or nothing.
     *
     * @throws Refused where the shop is not empty
     */
    public function starter(): void
    {
        DB::transaction(function (): void {
            if (Paint::query()->exists() || Body::query()->exists()) {
                throw Refused::because('There are paints or bodies already; a starter shop is for an empty one.');
            }
            foreach (StarterShop::PAINTS as $one) {
                $this->paint->fromForm(Node::root($one + ['bottle_ml' => Paint::USUAL_ML]));
            }
            $bodies = [];
            foreach (Shape::all() as $shape) {
                $bodies[$shape->name] = $this->body->shaped($shape, $shape->usualMm, null, StarterShop::BODIES)->id;
            }
            foreach (StarterShop::CLEARS as $one) {
                $this->clears->add(Node::root($one));
            }
            foreach (StarterShop::EYES as $one) {
                $this->eyes->add(Node::root($one));
            }
            foreach (StarterShop::MASKS as [$shape, $name, $technique, $sheet]) {
                $form = ['body_id' => $bodies[$shape], 'name' => "{$name}, {$shape}", 'technique' => $technique, 'sheet' => $sheet];
                $this->masks->make(Node::root($form));
            }
        });
    }
}
