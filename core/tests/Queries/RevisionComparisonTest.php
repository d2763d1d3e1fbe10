<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Queries;

use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Queries\History\ChangeDescriber;
use Incastro\Core\Queries\RevisionComparison;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

final class RevisionComparisonTest extends TestCase
{
    public function test_a_piece_made_twenty_lower_has_three_uprights_twenty_shorter(): void
    {
        $before = $after = Sample::bays(Sample::e1(), [[null, 400], [null]]);
        $after['pieces'][Sample::PIECE]['height'] = 2280;
        $told = RevisionComparison::between($before, $after);
        self::assertSame([['piece', 'Shelves, height', '2300', '2280']], self::rows($told['rows']));
        $uprights = array_filter($told['parts'], fn (array $p): bool => in_array($p['name']->key, ['part.side_left', 'part.side_right', 'part.divider'], true));
        self::assertCount(3, $uprights);
        foreach ($uprights as $part) {
            self::assertEqualsWithDelta(20.0, $part['before']['size'][0] - $part['after']['size'][0], 1e-9, $part['label']);
            self::assertSame($part['before']['size'][1], $part['after']['size'][1]);
        }
        self::assertSame($told['before']['parts'], $told['after']['parts']);
    }

    public function test_a_reading_taken_anew_is_told_of_the_room_with_both_numbers(): void
    {
        $before = $after = Sample::e1();
        $after['facts'][Sample::id('TAKE', 90)] = ['kind' => 'take', 'reading' => Sample::id('W', 2), 'value' => 1206.5, 'typed' => '1206.5'];
        self::assertSame([['room', 'Niche, reading.width', '1208.5', '1206.5']], self::rows(ChangeDescriber::between($before, $after)));
        self::assertSame([['room', 'Niche, reading.width', '1206.5', '1208.5']], self::rows(ChangeDescriber::between($after, $before)));
    }

    public function test_what_is_added_was_nothing_before_and_a_part_too_many_goes(): void
    {
        $before = $after = Sample::bays(Sample::e1(), [[null, 400], [null]]);
        $bays = &$after['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::BOX]['bays'];
        $shelf = array_key_first($bays[array_key_first($bays)]['fill']['shelves']);
        unset($bays[array_key_first($bays)]['fill']['shelves'][$shelf]);
        $told = RevisionComparison::between($before, $after);
        self::assertSame(1, $told['before']['parts'] - $told['after']['parts']);
        self::assertNull($told['rows'][0]['after']);
        self::assertCount(1, array_filter($told['parts'], fn (array $p): bool => $p['after'] === null));
        $back = RevisionComparison::between($after, $before);
        self::assertNull($back['rows'][0]['before']);
        self::assertSame($told['before'], $back['after']);
    }

    public function test_money_is_told_as_money_and_lengths_as_lengths(): void
    {
        $before = $after = Sample::e1();
        $after['stock'][Sample::PLY]['price_cents'] = 9250;
        $after['stock'][Sample::PLY]['thickness'] = 17.6;
        $after['stock'][Sample::PLY]['grain'] = false;
        self::assertSame([
            ['material', 'Birch ply 18, thickness', '18', '17.6'],
            ['material', 'Birch ply 18, grain', 'history.yes', 'history.no'],
            ['material', 'Birch ply 18, price_cents', '89.00', '92.50'],
        ], self::rows(ChangeDescriber::between($before, $after)));
    }

    public function test_the_same_document_is_no_different(): void
    {
        $told = RevisionComparison::between(Sample::e1(), Sample::e1());
        self::assertSame([[], [], $told['before']], [$told['rows'], $told['parts'], $told['after']]);
    }

    /**
     * @param  list<array{area: string, what: Text, before: Text|null, after: Text|null}>  $rows
     * @return list<array{string, string, string|null, string|null}>
     */
    private static function rows(array $rows): array
    {
        $short = fn (?Text $text): ?string => $text === null ? null : self::short($text);

        return array_map(fn (array $r): array => [$r['area'], self::short($r['what']), $short($r['before']), $short($r['after'])], $rows);
    }

    private static function short(Text $text): string
    {
        if ($text->key === 'history.in') {
            return self::short($text->args['of']).', '.self::short($text->args['what']);
        }
        if (str_starts_with($text->key, 'field.')) {
            return substr($text->key, 6);
        }
        $first = array_values($text->args)[0] ?? null;

        return str_starts_with($text->key, 'reading.') || $first === null ? $text->key
            : ($first instanceof Length ? (string) json_encode($first) : (string) $first);
    }
}
