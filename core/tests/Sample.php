<?php

declare(strict_types=1);

namespace Incastro\Core\Tests;

/** Small documents to test with; ids are readable ULIDs. */
final class Sample
{
    public const SPACE = '01J0000000000000000000SPAC';

    public const PIECE = '01J0000000000000000000P1EC';

    public const RUN = '01J000000000000000000000RN';

    public const BOX = '01J0000000000000000000B0X0';

    public const PLINTH = '01J000000000000000000P11NT';

    public const PLY = '01J00000000000000000000PRY';

    public const BACK = '01J0000000000000000000BACK';

    /** @return string a valid id made of a word and a number */
    public static function id(string $word, int $n): string
    {
        $word = strtr(strtoupper($word), ['I' => '1', 'L' => '1', 'O' => '0', 'U' => 'V']);

        return str_pad('01J', 26 - strlen($word) - 3, '0').$word.sprintf('%03d', $n);
    }

    /**
     * Worked example E1: base top at z 100, carcass top at 2300; widths and left plumb at 100 / 1200 / 2300.
     *
     * @return array<string, mixed>
     */
    public static function e1(): array
    {
        $document = self::empty('mm');
        $document = self::width($document, 1, 100, 1212);
        $document = self::width($document, 2, 1200, 1208.5);
        $document = self::width($document, 3, 2300, 1209);
        $document = self::plumb($document, 1, 'left', 100, 1200, 5.5);
        $document = self::plumb($document, 2, 'left', 100, 2300, 9);
        $document['pieces'][self::PIECE]['left'] = ['kind' => 'extended_stile', 'set_off' => 12];
        $document['pieces'][self::PIECE]['right'] = ['kind' => 'filler', 'set_off' => 25];

        return $document;
    }

    /** @return array<string, mixed> a niche with no readings and a unit of one bay in it */
    public static function empty(string $unit): array
    {
        return [
            'format' => 'incastro-project', 'version' => 3, 'id' => self::id('PROJECT', 1), 'name' => 'Sample', 'unit' => $unit,
            'as_of' => '2026-11-23',
            'spaces' => [self::SPACE => ['name' => 'Niche', 'kind' => 'niche', 'order' => 'a', 'readings' => []]],
            'pieces' => [self::PIECE => [
                'name' => 'Shelves', 'space' => self::SPACE, 'order' => 'a',
                'height' => 2300, 'depth' => 350,
                'left' => ['kind' => 'play', 'set_off' => 5], 'right' => ['kind' => 'play', 'set_off' => 5],
                'material' => self::PLY, 'methods' => [],
                'runs' => [self::RUN => ['order' => 'a', 'bands' => [
                    self::PLINTH => ['order' => 'a', 'kind' => 'plinth', 'height' => 100, 'set_back' => 50],
                    self::BOX => ['order' => 'b', 'kind' => 'box',
                        'bays' => [self::id('BAY', 1) => ['order' => 'a', 'fill' => ['kind' => 'shelves', 'shelves' => []]]]],
                ]]],
            ]],
            'methods' => ['front' => 'banded', 'top' => 'between', 'shelves' => 'fixed', 'back' => 'none'],
            'stock' => [
                self::PLY => ['name' => 'Birch ply 18', 'thickness' => 18, 'sheet_length' => 2440,
                    'sheet_width' => 1220, 'grain' => true, 'price_cents' => 8900, 'order' => 'a'],
                self::BACK => ['name' => 'Birch ply 6', 'thickness' => 6, 'sheet_length' => 2440,
                    'sheet_width' => 1220, 'grain' => true, 'price_cents' => 3900, 'order' => 'b'],
            ],
            'workshop' => [
                'kerf' => 3.2, 'trim' => 6, 'banding' => 1, 'slide_in' => 6, 'part_tolerance' => 1,
                'tape_base' => 0.3, 'tape_per_metre' => 0.2, 'tape_bend' => 1, 'level_per_metre' => 0.5,
            ],
            'layouts' => [], 'facts' => [],
        ];
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    public static function width(array $document, int $n, int|float $z, int|float $mm, string $plane = 'front'): array
    {
        return self::reading($document, self::id('W', $n), ['kind' => 'width', 'z' => $z, 'plane' => $plane], $mm);
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    public static function plumb(array $document, int $n, string $side, int|float $from, int|float $z, int|float $mm): array
    {
        return self::reading($document, self::id('P', $n), ['kind' => 'plumb', 'side' => $side, 'from_z' => $from, 'z' => $z], $mm);
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  array<string, mixed>  $reading
     * @return array<string, mixed>
     */
    public static function reading(array $document, string $id, array $reading, int|float $mm): array
    {
        $document['spaces'][self::SPACE]['readings'][$id] = $reading;

        return self::take($document, $id, $mm, count($document['facts']) + 1);
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    public static function take(array $document, string $reading, int|float $mm, int $n): array
    {
        $document['facts'][self::id('TAKE', $n)] = ['kind' => 'take', 'reading' => $reading, 'value' => $mm, 'typed' => (string) $mm];

        return $document;
    }

    /**
     * The same read all over: both corners square, each twice, and an edge slid over each side that finds nothing.
     *
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    public static function readAllOver(array $document): array
    {
        $n = 200;
        foreach (['left', 'right'] as $side) {
            $document['spaces'][self::SPACE]['readings'][self::id("C$side[0]", 1)] = ['kind' => 'corner_angle', 'side' => $side];
            foreach ([1, 2] as $_) {
                $document['facts'][self::id('TAKE', ++$n)] = ['kind' => 'take', 'reading' => self::id("C$side[0]", 1), 'deg' => 90, 'typed' => '90'];
            }
            $document = self::reading($document, self::id("ED$side[0]", 1), ['kind' => 'slid_edge', 'face' => $side], 0);
        }

        return $document;
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  list<list<int|float|null>>  $bays  for each bay its shelves' openings beneath, null to share
     * @return array<string, mixed>
     */
    public static function bays(array $document, array $bays): array
    {
        $made = [];
        foreach ($bays as $b => $shelves) {
            $own = [];
            foreach ($shelves as $s => $clear) {
                $own[self::id('SH', 100 * ($b + 1) + $s)] = ['order' => sprintf('%02d', $s)] + ($clear === null ? [] : ['clear_below' => $clear]);
            }
            $made[self::id('BAY', $b + 1)] = ['order' => sprintf('%02d', $b), 'fill' => ['kind' => 'shelves', 'shelves' => $own]];
        }
        $document['pieces'][self::PIECE]['runs'][self::RUN]['bands'][self::BOX]['bays'] = $made;

        return $document;
    }
}
