<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\Dip;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\Press;
use Hawkbrush\Core\Technique\Technique;
use Hawkbrush\Core\Technique\Tool;

/** Dipped into dip colour or paint as far as its place goes, or into molten vinyl ({@see \Hawkbrush\Core\Step\Dip\DipStep}). */
final readonly class Dip implements Technique
{
    public function __construct(private bool $molten = false) {}

    public function name(): string
    {
        return 'dip';
    }

    public function label(): string
    {
        return 'Dip, cold';
    }

    public function how(): string
    {
        return 'Into dip colour or paint up to the line, at once out again, the drop wiped off on the rim; hung until it no longer drips.';
    }

    public function settings(): array
    {
        return [];
    }

    public function press(): Press
    {
        return Press::Touched;
    }

    public function tool(): Tool
    {
        return $this->molten ? Tool::Melt : Tool::Dip;
    }

    public function sprayed(): bool
    {
        return false;
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
