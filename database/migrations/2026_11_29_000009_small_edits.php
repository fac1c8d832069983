<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Swaggest\JsonDiff\JsonDiff;

/** An edit keeps what it changed, forward and back (RFC 6902), in place of all steps anew. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('edits', function (Blueprint $table): void {
            $table->json('forth')->default('[]');
            $table->json('back')->default('[]');
            // Given by the page: the same edit sent again is known by it.
            $table->string('key', 80)->nullable()->index();
        });
        $before = null;
        $of = '';
        /** @var object{id: int, version_id: string, steps: string} $edit */
        foreach (DB::table('edits')->orderBy('version_id')->orderBy('seq')->get(['id', 'version_id', 'steps']) as $edit) {
            $steps = $this->document($edit->steps);
            if ($of === $edit->version_id) {
                DB::table('edits')->where('id', $edit->id)->update(['forth' => $this->patch($before, $steps), 'back' => $this->patch($steps, $before)]);
            }
            [$before, $of] = [$steps, $edit->version_id];
        }
        Schema::table('edits', fn(Blueprint $table) => $table->dropColumn('steps'));
        Schema::table('answers', fn(Blueprint $table) => $table->index('created_at'));
    }

    /** {order: [ids], steps: {id: step}}, of which the patches are made. */
    private function document(string $steps): mixed
    {
        /** @var list<array{id: string}> $list */
        $list = json_decode($steps, true, 512, JSON_THROW_ON_ERROR);

        return json_decode($this->json(['order' => array_column($list, 'id'), 'steps' => (object) array_column($list, null, 'id')]), false, 512, JSON_THROW_ON_ERROR);
    }

    private function patch(mixed $from, mixed $to): string
    {
        /** @var list<array{op: string}> $operations */
        $operations = json_decode($this->json((new JsonDiff($from, $to))->getPatch()), true, 512, JSON_THROW_ON_ERROR);

        return $this->json(array_values(array_filter($operations, static fn(array $one): bool => $one['op'] !== 'test')));
    }

    private function json(mixed $value): string
    {
        return json_encode($value, JSON_THROW_ON_ERROR);
    }
};
