<?php

declare(strict_types=1);

namespace App\Actions\Shop;

use App\Actions\Patterns\ReadRecipe;
use App\Models\Bait;
use App\Models\Pattern;
use App\Models\Sought;
use App\Models\Version;
use App\Stores\Bodies\Body;
use App\Stores\Rack\Paint as PaintRow;
use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Step\Step;

/** What is called by some words: steps of a pattern, patterns, paints, bodies and finished baits. */
final readonly class Find
{
    private const MOST_OF_A_KIND = 8;

    public function __construct(private ReadRecipe $read) {}

    /**
     * @param list<string> $words in small letters, each of which must stand there
     *
     * @return list<array{kind: string, id: string, name: string, about: string}> of each kind, what begins so first
     */
    public function by(array $words, ?Version $version): array
    {
        if ($words === []) {
            return [];
        }

        return [
            ...($version === null ? [] : self::best('step', $this->steps($version), $words)),
            ...self::best('pattern', self::patterns($words), $words),
            ...self::best('paint', self::paints(), $words),
            ...self::best('body', self::bodies(), $words),
            ...self::best('bait', self::baits($words), $words),
        ];
    }

    /**
     * @param list<array{id: string, name: string, about: string, words?: string}> $things
     * @param list<string> $words
     *
     * @return list<array{kind: string, id: string, name: string, about: string}>
     */
    private static function best(string $kind, array $things, array $words): array
    {
        $ranked = [];
        foreach ($things as $thing) {
            $rank = self::rank(Sought::folded($thing['words'] ?? "{$thing['name']} {$thing['about']}"), $words);
            if ($rank !== null) {
                $ranked[] = [$rank, ['kind' => $kind, 'id' => $thing['id'], 'name' => $thing['name'], 'about' => $thing['about']]];
            }
        }
        usort($ranked, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        return array_column(\array_slice($ranked, 0, self::MOST_OF_A_KIND), 1);
    }

    /**
     * @param list<string> $words
     *
     * @return int|null 0: it begins so; 1: words of it do; 2: it holds them; null: it does not
     */
    private static function rank(string $text, array $words): ?int
    {
        $rank = str_starts_with($text, $words[0]) ? 0 : 1;
        foreach ($words as $word) {
            if (! str_contains($text, $word)) {
                return null;
            }
            if (preg_match('/(?<![\p{L}\p{N}])'.preg_quote($word, '/').'/u', $text) !== 1) {
                $rank = 2;
            }
        }

        return $rank;
    }

    /** @return list<array{id: string, name: string, about: string, words: string}> */
    private function steps(Version $version): array
    {
        return array_map(
            static function (Step $step): array {
                $paints = implode(', ', array_map(static fn(Paint $paint): string => $paint->name, $step->paints()));
                $about = implode(' · ', array_filter([$step->coat()?->technique->label() ?? '', $paints]));

                return [
                    'id' => $step->id,
                    'name' => $step->label(),
                    'about' => $about,
                    'words' => "{$step->label()} {$about} {$step->how()}",
                ];
            },
            $this->read->fromVersion($version)->steps,
        );
    }

    /**
     * @param list<string> $words
     *
     * @return list<array{id: string, name: string, about: string, words: string}>
     */
    private static function patterns(array $words): array
    {
        return array_values(Sought::with(Pattern::query(), $words, 'words')->orderBy('name')->limit(100)->get()
            ->map(static fn(Pattern $pattern): array => [
                'id' => $pattern->id,
                'name' => $pattern->name,
                'about' => $pattern->species,
                'words' => $pattern->words,
            ])->all());
    }

    /** @return list<array{id: string, name: string, about: string}> */
    private static function paints(): array
    {
        return array_values(PaintRow::query()->whereNull('archived_at')->orderBy('name')->get(['id', 'name', 'kind'])
            ->map(static fn(PaintRow $paint): array => ['id' => $paint->id, 'name' => $paint->name, 'about' => $paint->kind])->all());
    }

    /** @return list<array{id: string, name: string, about: string}> */
    private static function bodies(): array
    {
        return array_values(Body::query()->orderBy('name')->get(['id', 'name'])
            ->map(static fn(Body $body): array => ['id' => $body->id, 'name' => $body->name, 'about' => ''])->all());
    }

    /**
     * @param list<string> $words
     *
     * @return list<array{id: string, name: string, about: string, words: string}>
     */
    private static function baits(array $words): array
    {
        return array_values(Sought::with(Bait::query()->whereNotNull('words')->where('number', '>', 0), $words, 'words')
            ->orderByDesc('number')->limit(self::MOST_OF_A_KIND)->with('run.version.pattern')->get()
            ->map(static fn(Bait $bait): array => [
                'id' => $bait->id,
                'name' => $bait->label(),
                'about' => $bait->run->version->pattern->name,
                'words' => (string) $bait->words,
            ])->all());
    }
}
