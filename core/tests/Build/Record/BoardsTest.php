<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Build\Record;

use Incastro\Core\Tests\Demo;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** Boards bought by length and cut in a step: they keep the size they were cut to. */
final class BoardsTest extends TestCase
{
    public function test_a_board_cut_in_a_step_keeps_its_size_and_what_that_means_is_said(): void
    {
        $document = Demo::document('chart-room-left-niche');
        $plan = Planned::of($document)->plan;
        $step = array_values(array_filter($plan['steps'], fn (array $s): bool => $s['kind'] === 'cut_lumber'))[0];
        $parts = array_column($plan['parts'], null, 'id');
        $id = $step['makes'][0];
        $size = ['length' => $parts[$id]['cut']['length']['mm'], 'width' => $parts[$id]['cut']['width']['mm']];
        $with = function (float $longer) use (&$document, $step, $id, $size): Planned {
            $document['facts'][Sample::id('DANE', 1)] = ['kind' => 'done', 'step' => $step['id'], 'step_kind' => 'cut_lumber',
                'sizes' => [$id => ['length' => $size['length'] + $longer, 'width' => $size['width']]]];

            return Planned::of($document);
        };
        self::assertNotContains('log.cut_trim', $with(0.5)->codes(), 'what nobody minds');
        self::assertSame('log.cut_trim.remedy_step', $with(3)->finding('log.cut_trim')['remedy']['key']);
        $short = $with(-3);
        self::assertSame($id, $short->finding('log.cut_short')['place']['ref']);
        $part = array_column($short->plan['parts'], null, 'id')[$id];
        self::assertSame(['cut', $size['length'] - 3], [$part['state'], $part['as_cut']['length']]);
        // Measured since, it is what it measures.
        $document['facts'][Sample::id('MEAS', 1)] = ['kind' => 'as_built', 'part' => $id, 'length' => $size['length']];
        self::assertNotContains('log.cut_short', $with(-3)->codes());
    }

    public function test_a_part_cut_off_its_stick_is_cut_and_the_step_is_over_with_the_last_of_them(): void
    {
        $document = Demo::document('signal-cabin-closet');
        $rails = fn (Planned $p): array => array_values(array_filter($p->plan['lumber'], fn (array $l): bool => $l['name']['key'] === 'part.hanging_rail'))[0];
        $step = fn (Planned $p): array => array_values(array_filter($p->plan['steps'], fn (array $s): bool => $s['kind'] === 'cut_lumber'
            && in_array($rails($p)['sticks'][0]['pieces'][0]['part'], $s['makes'], true)))[0];
        $before = Planned::of($document);
        self::assertFalse($step($before)['done']);
        $pieces = $rails($before)['sticks'][0]['pieces'];
        self::assertCount(3, $pieces);
        foreach ($pieces as $i => $piece) {
            self::assertFalse($step(Planned::of($document))['done'], "$i cut");
            $document['facts'][Sample::id('CR0SS', $i)] = ['kind' => 'crosscut', 'part' => $piece['part'], 'length' => $piece['length'], 'width' => 25];
        }
        $after = Planned::of($document);
        self::assertTrue($step($after)['done']);
        self::assertSame(['cut', 'cut', 'cut'], array_map(fn (array $p): string => array_column($after->plan['parts'], 'state', 'id')[$p['part']], $pieces));
        self::assertEquals($rails($before), $rails($after), 'sticks lie as they lay');
        // Too short by more than the tolerance: told, to be cut again, and then it is as it should be.
        $document['facts'][Sample::id('CR0SS', 7)] = ['kind' => 'crosscut', 'part' => $pieces[1]['part'], 'length' => $pieces[1]['length'] - 4, 'width' => 25];
        $short = Planned::of($document);
        self::assertSame([$pieces[1]['part'], false], [$short->finding('log.cut_short')['place']['ref'], $step($short)['done']]);
        $document['facts'][Sample::id('CR0SS', 8)] = ['kind' => 'crosscut', 'part' => $pieces[1]['part'], 'length' => $pieces[1]['length'], 'width' => 25];
        self::assertNotContains('log.cut_short', Planned::of($document)->codes());
    }
}
