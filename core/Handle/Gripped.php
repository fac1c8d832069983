<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Handle;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Technique\Grip;
use Hawkbrush\Core\Technique\Parameter;

/** The settings of a coat that can be taken hold of on the bait, by what they are there. */
final readonly class Gripped
{
    /** @var array<string, Parameter> by the name of their {@see Grip} */
    private array $settings;

    public function __construct(private Coat $coat, public Body $body)
    {
        $settings = [];
        foreach ($coat->technique->settings() as $setting) {
            if ($setting->grip !== null) {
                $settings[$setting->grip->name] = $setting;
            }
        }
        $this->settings = $settings;
    }

    public function has(Grip ...$grips): bool
    {
        foreach ($grips as $grip) {
            if (! isset($this->settings[$grip->name])) {
                return false;
            }
        }

        return true;
    }

    public function now(Grip $grip): float
    {
        return $this->coat->choices->number($this->setting($grip)->name);
    }

    /**
     * @param list<array{Grip, float}> $figures
     *
     * @return array{technique: array<string, float|string>} all that is set for the technique, these figures kept within their bounds
     */
    public function set(array $figures): array
    {
        $technique = ['name' => $this->coat->technique->name(), ...$this->coat->choices->all()];
        foreach ($figures as [$grip, $figure]) {
            $setting = $this->setting($grip);
            $within = max($setting->min, min($setting->max, $figure));
            $technique[$setting->name] = $grip->alongBody() ? PlaceHandles::round($this->body, $within) : round($within, 1);
        }

        return ['technique' => $technique];
    }

    private function setting(Grip $grip): Parameter
    {
        return $this->settings[$grip->name]
            ?? throw new \LogicException("Nothing of {$this->coat->technique->name()} is held by {$grip->name}.");
    }
}
