<?php

declare(strict_types=1);

namespace App\Stores\Bodies;

use App\Actions\Runs\LogWords;
use App\Models\Run;
use App\Models\Version;
use Hawkbrush\Core\Body\Body as CoreBody;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Step\Prepare\Fitting;

/** Changes a body. Its form is fixed once a pattern was painted on it. */
final readonly class ChangeBody
{
    public const FORM = ['length_mm', 'exponent', 'stations', 'marks', 'ground', 'shine'];

    public function __construct(private SaveBody $save) {}

    /**
     * {revision, archived, fittings, …what is kept of it, …FORM}, each only where it changes.
     *
     * @throws Refused
     */
    public function change(Body $body, Node $form): Body
    {
        $form->only(['revision', 'archived', 'fittings', ...Body::fields()->names(), ...self::FORM]);
        $measured = array_filter(
            $form->fields(),
            static fn(string $field): bool => \in_array($field, self::FORM, true),
            ARRAY_FILTER_USE_KEY,
        );
        if ($measured !== [] && Version::query()->where('body_id', $body->id)->whereNotNull('painted_at')->exists()) {
            throw Refused::because('Baits were painted on this body, so its measures stay. Keep the new ones as a body of its own.');
        }
        $archived = $form->optional('archived')?->boolean();
        $body->fill([...self::kept($form), 'revision' => $body->revision + 1]);
        if ($archived !== null) {
            $body->archived_at = $archived ? now() : null;
        }
        if ($measured !== [] || $form->has('name') || $form->has('material')) {
            $document = [
                'name' => $body->name,
                'material' => $body->material,
                ...$body->form,
                ...array_map(static fn(Node $n): mixed => $n->raw(), $measured),
            ];
            $set = [...array_map(strval(...), array_keys($measured)), 'name', 'material'];
            [$body->form, $body->fingerprint] = $this->save->form(CoreBody::read(Node::kept($document)->setting($set)));
        }
        $body->save();
        if ($body->wasChanged('name')) {
            LogWords::keep(Run::query()->whereIn('version_id', Version::query()->where('body_id', $body->id)->select('id')));
        }

        return $body->refresh();
    }

    /** @return array<string, mixed> columns from a form, only those that stand in it */
    public static function kept(Node $form): array
    {
        $fittings = $form->optional('fittings')?->items(0, 10) ?? [];

        return Body::fields()->among($form)->named() + ($form->has('fittings') ? ['fittings' => array_values(array_unique(
            array_map(static fn(Node $one): string => $one->choice(Fitting::names()), $fittings),
        ))] : []);
    }
}
