<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Cut\Begun;

use Incastro\Core\Cut\Nest\PlaceRefused;
use Incastro\Core\Document\Reading\DocumentRejected;
use Incastro\Core\Measure\Length;
use Incastro\Core\Queries\LayoutSearch;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** Sheets that were begun at the saw: they stay as they were laid, and what was cut keeps its size. */
final class StartedTest extends TestCase
{
    public function test_a_begun_sheet_stays_whatever_the_plan_becomes(): void
    {
        $document = self::begun(self::e1(), 0, [1, 2, 3]);
        $plan = Planned::of($document)->plan;
        $before = Planned::of(self::e1())->plan;
        $sheet = $plan['cut'][0]['sheets'][0];
        self::assertSame(Sample::id('BEGVN', 1), $sheet['begun']);
        self::assertSame([1, 2, 3], $sheet['made']);
        self::assertSame($before['cut'][0]['sheets'][0]['placements'], $sheet['placements'], 'as it was laid');
        self::assertSame($before['cut'][0]['sheets'][0]['cuts'], $sheet['cuts'], 'and is sawn in the same order');
        // The piece gets lower: the sheet does not change, what it means is said of each part.
        $document['pieces'][Sample::PIECE]['height'] = 2100;
        $lower = Planned::of($document);
        self::assertSame($sheet['placements'], $lower->plan['cut'][0]['sheets'][0]['placements']);
        self::assertContains('log.cut_trim', $lower->codes());
        $document['pieces'][Sample::PIECE]['height'] = 2400;
        self::assertContains('log.cut_short', Planned::of($document)->codes());
    }

    public function test_every_part_lies_somewhere_once_and_sheets_begun_are_in_hand(): void
    {
        $document = self::begun(self::e1(), 0, [1]);
        $plan = Planned::of($document)->plan;
        $laid = array_merge(...array_map(
            fn (array $m): array => array_merge(...array_map(fn (array $s): array => array_column($s['placements'], 'part'), $m['sheets'])), $plan['cut']));
        $own = array_column(array_filter($plan['parts'], fn (array $p): bool => ! $p['bought']), 'id');
        self::assertEqualsCanonicalizing($own, $laid);
        $line = array_values(array_filter($plan['buy']['lines'], fn (array $l): bool => $l['group'] === 'sheets'))[0];
        self::assertSame($line['need']['value'] - 1, $line['packs']);
    }

    public function test_a_part_is_cut_when_the_cut_that_frees_it_was_made(): void
    {
        $whole = Planned::of(self::e1())->plan['cut'][0]['sheets'][0];
        $labels = array_column(Planned::of(self::e1())->plan['parts'], 'id', 'label');
        $freeing = array_values(array_filter($whole['cuts'], fn (array $c): bool => $c['off']['what'] === 'part'))[0];
        $id = $labels[$freeing['off']['parts'][0]];
        $state = fn (array $document): array => array_column(Planned::of($document)->plan['parts'], null, 'id')[$id];
        self::assertSame('to_cut', $state(self::begun(self::e1(), 0, range(1, $freeing['order'] - 1)))['state']);
        $cut = $state(self::begun(self::e1(), 0, range(1, $freeing['order'])));
        self::assertSame('cut', $cut['state']);
        self::assertSame([$cut['cut']['length']['mm'], $cut['cut']['width']['mm']], [$cut['as_cut']['length'], $cut['as_cut']['width']]);
    }

    public function test_what_was_cut_wrong_is_spoiled_and_cut_anew_elsewhere(): void
    {
        $document = self::begun(self::e1(), 0, [1, 2, 3]);
        $part = $document['facts'][Sample::id('BEGVN', 1)]['parts'][0]['part'];
        $document['facts'][Sample::id('WRNG', 1)] = ['kind' => 'cut_wrong', 'part' => $part, 'begun' => Sample::id('BEGVN', 1), 'cause' => 'fence slipped'];
        $plan = Planned::of($document)->plan;
        $on = fn (array $sheet): bool => in_array($part, array_column($sheet['placements'], 'part'), true);
        self::assertFalse($on($plan['cut'][0]['sheets'][0]));
        self::assertCount(1, array_filter($plan['cut'][0]['sheets'], $on), 'once more, on another sheet');
        self::assertSame(count($document['facts'][Sample::id('BEGVN', 1)]['parts']),
            count($plan['cut'][0]['sheets'][0]['placements']), 'the spoiled one still lies where it lay');
        $document['facts'][Sample::id('WRNG', 1)]['struck'] = true;
        self::assertSame(Planned::of(self::begun(self::e1(), 0, [1, 2, 3]))->plan, Planned::of($document)->plan, 'struck out, it never was');
    }

    public function test_an_accepted_layout_holds_for_what_is_not_begun(): void
    {
        $document = self::e1();
        $plan = Planned::of($document)->plan;
        $document['layouts'][Sample::PLY] = ['sheets' => array_map(
            fn (array $s): array => ['parts' => array_map(
                fn (array $p): array => ['part' => $p['part'], 'x' => $p['x_mm'], 'y' => $p['y_mm'], 'turned' => $p['turned']],
                $s['placements'])], $plan['cut'][0]['sheets'])];
        self::assertTrue(Planned::of($document)->plan['cut'][0]['accepted']);
        $after = Planned::of(self::begun($document, 0, [1]))->plan['cut'][0];
        self::assertSame(array_column($plan['cut'][0]['sheets'], 'placements'), array_column($after['sheets'], 'placements'));
    }

    public function test_the_others_are_not_shuffled_when_a_sheet_is_begun(): void
    {
        $plan = Planned::of(self::e1())->plan['cut'][0];
        self::assertCount(2, $plan['sheets']);
        // The other sheet lies another way than the planner would have it: that is how it lay when this one was begun.
        $other = array_map(fn (array $p): array => ['part' => $p['part'], 'x' => $p['x_mm'] + 2, 'y' => $p['y_mm'], 'turned' => $p['turned']],
            $plan['sheets'][0]['placements']);
        $document = self::begun(self::e1(), 1, [1]);
        $document['facts'][Sample::id('BEGVN', 1)]['rest'] = ['sheets' => [['parts' => $other]]];
        $lies = fn (array $d): array => array_column(Planned::of($d)->plan['cut'][0]['sheets'][1]['placements'], 'x_mm', 'part');
        self::assertSame(array_column($other, 'x', 'part'), $lies($document));
        self::assertFalse(Planned::of($document)->plan['cut'][0]['accepted'], 'nobody accepted it');
        // Once the piece is another, it holds no more.
        $document['pieces'][Sample::PIECE]['depth'] += 60;
        self::assertNotSame(array_column($other, 'x', 'part'), $lies($document));
    }

    public function test_nothing_is_put_by_hand_on_a_begun_sheet_and_the_others_keep_their_numbers(): void
    {
        $document = self::begun(self::e1(), 0, [1]);
        $plan = Planned::of($document)->plan['cut'][0];
        $second = $plan['sheets'][1]['placements'][0];
        $put = fn (string $part, int $sheet, float $x, float $y): array => json_decode(json_encode(LayoutSearch::byHand($document, Sample::PLY,
            ['part' => $part, 'sheet' => $sheet, 'x' => Length::fromMillimetres($x), 'y' => Length::fromMillimetres($y),
                'turned' => $second['turned'], 'locked' => true]), JSON_THROW_ON_ERROR), true);
        $layout = $put($second['part'], 1, $second['x_mm'], $second['y_mm']);
        self::assertContains($second['part'], array_column($layout['sheets'][0]['parts'], 'part'), 'the first that is not begun');
        $document['layouts'][Sample::PLY] = $layout;
        self::assertSame($plan['sheets'][0]['placements'], Planned::of($document)->plan['cut'][0]['sheets'][0]['placements']);
        foreach ([[$second['part'], 0], [$plan['sheets'][0]['placements'][0]['part'], 1]] as [$part, $sheet]) {
            try {
                $put($part, $sheet, 10.0, 10.0);
                self::fail('It was put there.');
            } catch (PlaceRefused $refused) {
                self::assertSame('begun', $refused->why);
            }
        }
    }

    public function test_a_begun_sheet_with_nothing_on_it_is_refused(): void
    {
        $document = self::begun(self::e1(), 0, []);
        $document['facts'][Sample::id('BEGVN', 1)]['parts'] = [];
        $this->expectException(DocumentRejected::class);
        Planned::of($document);
    }

    /** @return array<string, mixed> a piece of two sheets */
    private static function e1(): array
    {
        $document = Sample::e1();
        foreach (range(1, 5) as $n) {
            $document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::BOX]['bays'][Sample::id('BAY',
                1)]['fill']['shelves'][Sample::id('SHE', $n)] = ['order' => "s$n"];
        }

        return $document;
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  list<int>  $sawn
     * @return array<string, mixed>
     */
    private static function begun(array $document, int $n, array $sawn): array
    {
        $sheet = Planned::of($document)->plan['cut'][0]['sheets'][$n];
        $document['facts'][Sample::id('BEGVN', 1)] = ['kind' => 'begun', 'material' => Sample::PLY,
            'length' => $sheet['length'], 'width' => $sheet['width'], 'trims' => $sheet['trims'],
            'parts' => array_map(fn (array $p): array => ['part' => $p['part'].($p['half'] ? '~'.$p['half'] : ''), 'x' => $p['x_mm'],
                'y' => $p['y_mm'], 'length' => $p['length_mm'], 'width' => $p['width_mm'], 'turned' => $p['turned']], $sheet['placements'])];
        foreach ($sawn as $cut) {
            $document['facts'][Sample::id('SAWN', $cut)] = ['kind' => 'sawn', 'begun' => Sample::id('BEGVN', 1), 'cut' => $cut];
        }

        return $document;
    }
}
