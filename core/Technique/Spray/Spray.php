<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\Spray;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\Press;
use Hawkbrush\Core\Technique\Technique;
use Hawkbrush\Core\Technique\Tool;

/** Free-hand spray: nothing in the way; aim and width make the fade. */
final readonly class Spray implements Technique
{
    public function name(): string
    {
        return 'spray';
    }

    public function label(): string
    {
        return 'Free-hand spray';
    }

    public function how(): string
    {
        return '';
    }

    public function settings(): array
    {
        return [];
    }

    public function tool(): Tool
    {
        return Tool::Airbrush;
    }

    public function press(): Press
    {
        return Press::None;
    }

    public function sprayed(): bool
    {
        return true;
    }

    public function mirrored(): bool
    {
        return true;
    }

    public function through(Surface $surface, Choices $choices, int $seed, OpenSpray $open): array
    {
        return $open->all();
    }
}
