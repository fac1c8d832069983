<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run\Event;

use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Run\BenchEvent;
use Hawkbrush\Core\Run\Recording;
use Hawkbrush\Core\Run\Timer;

/** A coat was felt dry. */
final readonly class FeltDry extends BenchEvent
{
    public static function type(): string
    {
        return 'dried';
    }

    public static function fields(): Fields
    {
        return new Fields();
    }

    public function applyTo(Recording $record): void
    {
        $record->changeTimers($this, function (Timer $timer) use ($record): Timer {
            if (! $timer->dried) {
                $record->dried[$this->stepId][] = ['seconds' => $timer->ranUntil($this->at), 'tacky' => $timer->tacky];
            }

            return $timer->feltDry();
        });
    }
}
