<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Flat;

use Hawkbrush\Core\Refused;

/**
 * Own outlines out of an SVG file (SVG 2, W3C): paths and simple forms at their true size. Everything active, linked or
 * drawn otherwise is left out, and named. A file that declares entities is refused before it is read.
 */
final readonly class SvgReader
{
    private const MM = ['mm' => 1.0, 'cm' => 10.0, 'in' => 25.4, 'pt' => 25.4 / 72, 'pc' => 25.4 / 6, 'px' => 25.4 / 96, '' => 25.4 / 96];

    private const DEEPEST = 40;

    /** What holds no outline of its own; passed over without a word. */
    private const QUIET = ['defs', 'title', 'desc', 'metadata', 'symbol', 'clippath', 'namedview'];

    /** @param list<string> $dropped what was left out, in words */
    private function __construct(public Shape $shape, public array $dropped) {}

    /** @throws Refused with what is wrong with the file */
    public static function read(string $svg): self
    {
        // In another encoding a declaration could hide from the look that is taken at it here.
        if (preg_match('/^\s*<\?xml[^>]*\bencoding\s*=\s*["\']?(?!UTF-8\b|US-ASCII\b)/i', $svg) === 1 || str_contains($svg, "\0")) {
            throw Refused::because('This SVG is written in another encoding than UTF-8. Save it as plain SVG.');
        }
        if (preg_match('/<!(DOCTYPE[^>]*\[|ENTITY)/i', $svg) === 1) {
            throw Refused::because('This SVG declares entities of its own; such files are not read. Save it as plain SVG.');
        }
        $quiet = libxml_use_internal_errors(true);
        $document = new \DOMDocument();
        $read = $svg !== '' && $document->loadXML($svg, LIBXML_NONET | LIBXML_COMPACT);
        libxml_clear_errors();
        libxml_use_internal_errors($quiet);
        $root = $document->documentElement;
        if (! $read || $root === null || strtolower($root->localName ?? '') !== 'svg') {
            throw Refused::because('This is not an SVG file.');
        }
        $rings = $dropped = [];
        $corners = 0;
        self::walk($root, self::units($root), $rings, $dropped, 0, $corners);
        if ($rings === []) {
            throw Refused::because('There is no path in this SVG: draw the outline as a path, a polygon, a rectangle or an ellipse.');
        }

        return new self(
            Simple::check(Shape::of(Thin::rings($rings))),
            array_keys($dropped),
        );
    }

    private static function units(\DOMElement $root): Matrix
    {
        $width = self::lengthMm($root->getAttribute('width'));
        $height = self::lengthMm($root->getAttribute('height'));
        $box = array_map(floatval(...), preg_split('/[\s,]+/', trim($root->getAttribute('viewBox'))) ?: []);
        if (\count($box) !== 4 || $box[2] <= 0 || $box[3] <= 0) {
            return Matrix::scale(self::MM['px'], self::MM['px']);
        }
        $x = $width === null ? null : $width / $box[2];
        $y = $height === null ? null : $height / $box[3];
        // As a viewer would: without being stretched.
        $by = $x !== null && $y !== null ? min($x, $y) : $x ?? $y ?? self::MM['px'];

        return Matrix::scale($by, $by);
    }

    private static function lengthMm(string $text): ?float
    {
        return preg_match(
            '/^\s*([\d.]+(?:e[-+]?\d+)?)\s*(mm|cm|in|pt|pc|px|)\s*$/i',
            $text,
            $m,
        ) === 1 && (float) $m[1] > 0 ? (float) $m[1] * self::MM[strtolower($m[2])] : null;
    }

    /**
     * @param list<list<array{float, float}>> $rings
     * @param array<string, true> $dropped
     */
    private static function walk(\DOMElement $element, Matrix $matrix, array &$rings, array &$dropped, int $depth, int &$corners): void
    {
        if ($depth > self::DEEPEST) {
            throw Refused::because('This SVG is nested too deeply to be an outline.');
        }
        foreach ($element->attributes as $attribute) {
            if (str_starts_with(strtolower($attribute->nodeName), 'on')) {
                $dropped["an action of <{$element->localName}>"] = true;
            }
        }
        $name = strtolower($element->localName ?? '');
        $matrix = $matrix->then(Matrix::read($element->getAttribute('transform')));
        foreach (self::outline($name, $element) as $ring) {
            $rings[] = array_map($matrix->apply(...), $ring);
            $corners += \count($ring);
            if ($corners > PathText::MOST_READ) {
                throw PathText::tooMuch();
            }
        }
        if ($depth > 0 && \in_array($name, self::QUIET, true)) {
            return;
        }
        if (! \in_array($name, ['svg', 'g', 'path', 'polygon', 'polyline', 'rect', 'circle', 'ellipse'], true)) {
            $dropped["<{$name}>"] = true;

            return;
        }
        foreach ($element->childNodes as $child) {
            if ($child instanceof \DOMElement) {
                self::walk($child, $matrix, $rings, $dropped, $depth + 1, $corners);
            }
        }
    }

    /** @return list<list<array{float, float}>> */
    private static function outline(string $name, \DOMElement $e): array
    {
        $n = static fn(string $attribute): float => (float) $e->getAttribute($attribute);
        $points = static function () use ($e): array {
            $figures = preg_split('/[\s,]+/', trim($e->getAttribute('points')), 2 * PathText::MOST_READ + 2, PREG_SPLIT_NO_EMPTY) ?: [];
            if (\count($figures) > 2 * PathText::MOST_READ) {
                throw PathText::tooMuch();
            }
            $figures = array_map(floatval(...), $figures);

            return array_map(static fn(array $p): array => [$p[0], $p[1] ?? 0.0], array_chunk($figures, 2));
        };

        return match ($name) {
            'path' => PathText::rings($e->getAttribute('d')),
            'polygon', 'polyline' => [$points()],
            'rect' => [[
                [$n('x'), $n('y')],
                [$n('x') + $n('width'), $n('y')],
                [$n('x') + $n('width'), $n('y') + $n('height')],
                [$n('x'), $n('y') + $n('height')],
            ]],
            'circle' => [Arc::ring($n('cx'), $n('cy'), $n('r'), $n('r'))],
            'ellipse' => [Arc::ring($n('cx'), $n('cy'), $n('rx'), $n('ry'))],
            default => [],
        };
    }
}
