<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Pattern;

/** An eye set on each side, at the body's own eye mark. */
final readonly class EyeStep extends Step
{
    public const PUPILS = ['round', 'slit upright', 'slit slanted'];

    public const ORDINARY_IRIS = '#d89a3a';

    public function __construct(
        string $id,
        string $title,
        bool $on,
        string $check,
        public float $diameterMm,
        public string $irisHex,
        public string $pupil,
        public string $setWith,
    ) {
        parent::__construct($id, $title, $on, $check);
    }

    public function type(): string
    {
        return 'eye';
    }
}
