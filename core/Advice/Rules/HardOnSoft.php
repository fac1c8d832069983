<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice\Rules;

use Hawkbrush\Core\Advice\Finding;
use Hawkbrush\Core\Advice\Painted;
use Hawkbrush\Core\Advice\Rule;
use Hawkbrush\Core\Advice\Severity;
use Hawkbrush\Core\Clear\Clear;

/** A clear that sets hard on a body that bends: it cracks and peels at the first bend. Common practice, no published source. */
final class HardOnSoft implements Rule
{
    public function name(): string
    {
        return 'hard-on-soft';
    }

    public function check(Painted $painted): array
    {
        $findings = [];
        foreach ($painted->recipe->body->soft() ? $painted->recipe->enabled() : [] as $step) {
            $clear = $step->clear();
            // A thin acrylic bends a little and is soon over with.
            if ($clear !== null && $clear !== Clear::Acrylic) {
                $findings[] = new Finding(
                    $this->name(), Severity::Caution, $step->id, 'A hard clear on a soft body',
                    ucfirst($clear->value).' sets hard, this body bends: it cracks and peels. A clear dip bends with it.', null,
                );
            }
        }

        return $findings;
    }
}
