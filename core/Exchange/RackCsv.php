<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Exchange;

use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Drying\DryingFactor;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** The rack as a table, one bottle a line, units in the header. docs/formats.md describes it. */
final class RackCsv
{
    private const NAME = 'Name';

    private const KIND = 'Kind';

    private const SWATCH = 'Swatch (hex)';

    private const FAMILY = 'Family';

    private const FINISH = 'Finish';

    private const SOLIDS = 'Solids (% by volume)';

    private const DROP = 'Drop (ml)';

    private const BOTTLE = 'Bottle (ml)';

    private const LEFT = 'Left (ml)';

    private const OPENED = 'Opened on';

    private const DRYING = 'Drying (times the model)';

    private const COLUMNS = [
        self::NAME,
        self::KIND,
        self::SWATCH,
        self::FAMILY,
        self::FINISH,
        self::SOLIDS,
        self::DROP,
        self::BOTTLE,
        self::LEFT,
        self::OPENED,
        self::DRYING,
    ];

    private const NEEDED = [self::NAME, self::KIND, self::SWATCH];

    private const MOST_ROWS = 2000;

    /** @param list<Bottle> $bottles */
    public static function write(array $bottles): string
    {
        $rows = [self::COLUMNS];
        foreach ($bottles as $bottle) {
            $rows[] = [
                $bottle->name,
                $bottle->kind->value,
                $bottle->hex,
                $bottle->family,
                $bottle->finish,
                self::figure($bottle->solids * 100),
                self::figure($bottle->dropMl),
                self::figure($bottle->bottleMl), self::figure($bottle->leftMl), $bottle->openedOn ?? '', $bottle->drying === null
                    ? ''
                    : self::figure($bottle->drying),
            ];
        }

        return Csv::write($rows);
    }

    /**
     * @return list<Bottle>
     *
     * @throws Refused with the line and the column
     */
    public static function read(string $text): array
    {
        $rows = Csv::read($text);
        $header = array_shift($rows) ?? throw Refused::because('This table is empty.');
        $columns = self::columns($header);
        if (\count($rows) > self::MOST_ROWS) {
            throw Refused::because('A table holds up to '.self::MOST_ROWS.' bottles.');
        }
        $bottles = [];
        foreach ($rows as $i => $row) {
            $cells = [];
            foreach ($columns as $name => $at) {
                $cells[$name] = ($row[$at] ?? '') === '' ? null : $row[$at];
            }
            try {
                $bottles[] = self::bottle($cells);
            } catch (Refused $e) {
                throw Refused::because('Line '.($i + 2).': '.($e->pointer === '' ? '' : ltrim($e->pointer, '/').': ').$e->getMessage());
            }
        }

        return $bottles;
    }

    /**
     * @param list<string> $header
     *
     * @return array<string, int> where each known column stands
     */
    private static function columns(array $header): array
    {
        $columns = [];
        foreach ($header as $at => $title) {
            if (! \in_array($title, self::COLUMNS, true)) {
                throw Refused::because("The column “{$title}” is not known; known are ".implode(', ', self::COLUMNS).'.');
            }
            $columns[$title] = $at;
        }
        foreach (self::NEEDED as $title) {
            if (! isset($columns[$title])) {
                throw Refused::because("The column “{$title}” is missing.");
            }
        }

        return $columns;
    }

    /** @param array<string, string|null> $cells */
    private static function bottle(array $cells): Bottle
    {
        $node = Node::root(array_map(static fn(?string $cell): mixed => $cell !== null && is_numeric($cell) ? $cell + 0 : $cell, $cells));
        $bottle = $node->optional(self::BOTTLE)?->number(1, Paint::MOST_ML) ?? 30.0;

        return new Bottle(
            Node::root($cells)->field(self::NAME)->text(80),
            Kind::from($node->field(self::KIND)->choice(Kind::names())),
            Colour::readHex($node->field(self::SWATCH))->hex(),
            $node->optional(self::FAMILY)?->text(40) ?? 'water-borne acrylic',
            $node->optional(self::FINISH)?->text(40) ?? '',
            ($node->optional(self::SOLIDS)?->number(0, 100) ?? Paint::ORDINARY_SOLIDS * 100) / 100,
            $node->optional(self::DROP)?->number(...Paint::fields()->of('drop_ml')->bounds()) ?? Paint::ORDINARY_DROP_ML,
            $bottle,
            $node->optional(self::LEFT)?->number(0, Paint::MOST_ML) ?? $bottle,
            $node->optional(self::OPENED)?->date(),
            $node->optional(self::DRYING)?->number(DryingFactor::LEAST, DryingFactor::MOST),
        );
    }

    private static function figure(float $value): string
    {
        return (string) round($value, 4);
    }
}
