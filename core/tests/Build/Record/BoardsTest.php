<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Build\Record;

use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** Boards bought by length and cut in a step: they keep the size they were cut to. */
final class BoardsTest extends TestCase
{
    public function test_a_board_cut_in_a_step_keeps_its_size_and_what_that_means_is_said(): void
    {
        $document = json_decode((string) file_get_contents(__DIR__.'/../../../../database/demo/chart-room-left-niche.json'), true);
        $plan = Planned::of($document)->plan;
        $step = array_values(array_filter($plan['steps'], fn (array $s): bool => $s['kind'] === 'cut_lumber'))[0];
        $parts = array_column($plan['parts'], null, 'id');
        $id = $step['makes'][0];
        $size = ['length' => $parts[$id]['cut']['length']['mm'], 'width' => $parts[$id]['cut']['width']['mm']];
        $with = function (float $longer) use (&$document, $step, $id, $size): Planned {
            $document['facts'][Sample::id('DANE', 1)] = ['kind' => 'done', 'step' => $step['id'], 'step_kind' => 'cut_lumber', 'sizes' => [$id => ['length' => $size['length'] + $longer, 'width' => $size['width']]]];

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
}
