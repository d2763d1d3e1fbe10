<?php

declare(strict_types=1);

namespace Incastro\Core\Tests;

use Incastro\Core\Document\Reading\CanonicalJson;
use Incastro\Core\Measure\Length;
use Incastro\Core\Planner;
use Incastro\Core\Queries\LayoutSearch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PlannerTest extends TestCase
{
    /** @param  array<string, mixed>  $document */
    #[DataProvider('documents')]
    public function test_every_trail_replays_to_its_value(array $document): void
    {
        $figures = self::figures(Planned::of($document)->plan);
        self::assertGreaterThan(20, count($figures));
        foreach ($figures as $figure) {
            self::assertSame(Length::fromMillimetres($figure['mm'])->units, self::replayed($figure), json_encode($figure, JSON_THROW_ON_ERROR));
        }
    }

    /** @param  array<string, mixed>  $document */
    #[DataProvider('documents')]
    public function test_same_document_same_plan(array $document): void
    {
        $shuffled = CanonicalJson::decode(CanonicalJson::encode($document));
        self::assertSame(Planner::plan($document)->toJson(), Planner::plan($shuffled)->toJson());
    }

    /** @param  array<string, mixed>  $document */
    #[DataProvider('documents')]
    public function test_no_fitted_panel_reaches_past_a_wall_but_the_blanks_to_be_scribed(array $document): void
    {
        foreach (Planned::of($document)->plan['pieces'] as $piece) {
            foreach (['left', 'right'] as $side) {
                self::assertGreaterThanOrEqual(0, $piece['edges'][$side]['least']);
            }
        }
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function documents(): iterable
    {
        yield 'e1' => [Sample::bays(Sample::e1(), [[null, 300], [null, null, null]])];
        foreach (Demo::documents() as $name => $document) {
            yield $name => [$document];
        }
    }

    public function test_ids_survive_replanning(): void
    {
        $ids = fn (array $d): array => array_column(Planned::of($d)->plan['parts'], 'id');
        $before = Sample::bays(Sample::e1(), [[null], [null]]);
        $wider = $before;
        $wider['facts'][Sample::id('TAKE', 1)]['value'] = 1216;
        $more = $before;
        $more['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::BOX]['bays'][Sample::id('BAY',
            1)]['fill']['shelves'][Sample::id('SH', 999)] = ['order' => '00a'];
        self::assertSame($ids($before), $ids($wider));
        self::assertSame([], array_diff($ids($before), $ids($more)));
        self::assertCount(1, array_diff($ids($more), $ids($before)));
        self::assertSame(count($ids($more)), count(array_unique($ids($more))));
    }

    public function test_a_space_without_a_width_still_gives_a_plan_that_says_so(): void
    {
        $plan = Planned::of(Sample::empty('mm'));
        self::assertSame(['survey.no_width'], $plan->codes());
        self::assertSame([], $plan->plan['parts']);
        self::assertArrayHasKey('front', $plan->plan['drawings'][Sample::SPACE]);
    }

    public function test_too_wide_names_the_reading_that_stops_it_and_by_how_much(): void
    {
        $document = Sample::e1();
        $document['pieces'][Sample::PIECE]['width'] = 1206.5;
        $finding = Planned::of($document)->finding('fit.wider_than_clear');
        self::assertSame('stop', $finding['severity']);
        self::assertSame(3.5, $finding['says']['args']['by']['mm']);
        self::assertSame('reading.plumb_left', $finding['says']['args']['reading']['text']['key']);
        self::assertNotContains('fit.filler_thin', Planned::of($document)->codes(), 'the wall is said once');
    }

    public function test_between_clear_and_budget_it_is_a_look(): void
    {
        $document = Sample::readAllOver(Sample::e1());
        $document['pieces'][Sample::PIECE]['width'] = 1197;
        self::assertSame('look', Planned::of($document)->finding('fit.no_play')['severity']);
        // 1201.9 − 9.8 = 1192.1 exactly on the limit.
        $document['pieces'][Sample::PIECE]['width'] = 1192.1;
        self::assertNotContains('fit.no_play', Planned::of($document)->codes());
    }

    public function test_what_is_not_proved_to_go_in_is_not_cut_until_it_is_accepted_with_the_odds(): void
    {
        $document = Sample::readAllOver(Sample::e1());
        $in = [];
        // 1201.9 known to ± 2.6, and a part may be 1 too long: 1198.3 is the most that is proved.
        foreach ([1198.3, 1198.4, 1199.5, 1200.5, 1201.8] as $width) {
            $document['pieces'][Sample::PIECE]['width'] = $width;
            $plan = Planned::of($document);
            self::assertSame($width > 1198.3, in_array('fit.may_jam', $plan->codes(), true), "$width");
            $in[] = $width > 1198.3 ? $plan->finding('fit.may_jam')['says']['args']['odds']['text'] : null;
        }
        self::assertGreaterThan($in[3]['args']['in']['count'], $in[2]['args']['in']['count'], 'the wider the likelier');
        self::assertSame('fit.odds_likely', $in[4]['key'], 'as wide as it is clear, where every place may be the least');
        self::assertSame([['code' => 'fit.may_jam', 'ref' => Sample::PIECE, 'before' => 'cut']], $plan->piece()['held']);
        $sheets = array_filter($plan->plan['steps'], fn (array $s): bool => $s['kind'] === 'cut_sheet');
        self::assertNotSame([], $sheets);
        foreach ($sheets as $step) {
            self::assertSame(['fit.may_jam'], array_column($step['held'], 'code'));
        }
        $document['accepted'][Sample::id('ACC', 1)] = ['code' => 'fit.may_jam', 'ref' => Sample::PIECE, 'reason' => 'the sides are planed if need be'];
        $accepted = Planned::of($document);
        self::assertSame([], $accepted->piece()['held']);
        self::assertSame('the sides are planed if need be', $accepted->finding('fit.may_jam')['accepted']);
    }

    public function test_a_width_that_nobody_has_read_all_over_has_no_odds(): void
    {
        $document = Sample::e1();
        $document['pieces'][Sample::PIECE]['width'] = 1200;
        $finding = Planned::of($document)->finding('fit.not_proved');
        // 1200 + 1 + 34 against 1203.
        self::assertSame([32, 34], [$finding['says']['args']['by']['mm'], $finding['says']['args']['doubt']['mm']]);
        self::assertArrayNotHasKey('odds', $finding['says']['args']);
        self::assertTrue($finding['holds']);
        $document['spaces'][Sample::SPACE]['right'] = 'open';
        self::assertNotContains('fit.not_proved', Planned::of($document)->codes(), 'where a side is open nothing jams');
    }

    public function test_under_a_low_ceiling_it_cannot_be_tipped_up(): void
    {
        $low = Sample::reading(Sample::e1(), Sample::id('H', 1), ['kind' => 'height', 'side' => 'left'], 2305);
        self::assertNotContains('fit.cannot_tip_up', Planned::of($low)->codes());
        $low['facts'][Sample::id('TAKE', 6)]['value'] = 2230;
        $finding = Planned::of($low)->finding('fit.higher_than_ceiling');
        self::assertSame(70, $finding['says']['args']['by']['mm']);
        // Without a base 2300 × 600 sweeps 2377: more than 2310, less than the carcass's 2300 would say.
        $deep = Sample::reading(Sample::e1(), Sample::id('H', 1), ['kind' => 'height', 'side' => 'left'], 2310);
        $deep['pieces'][Sample::PIECE]['depth'] = 800;
        self::assertSame('stop', Planned::of($deep)->finding('fit.cannot_tip_up')['severity']);
    }

    public function test_shelves_that_do_not_fit_say_by_how_much(): void
    {
        // 2164 − 18 − 2150 = −4.
        $plan = Planned::of(Sample::bays(Sample::e1(), [[2150]]));
        self::assertSame(4, $plan->finding('piece.shelves_do_not_fit')['says']['args']['by']['mm']);
    }

    public function test_a_part_larger_than_any_sheet_is_a_finding_and_the_rest_is_laid(): void
    {
        $document = Sample::e1();
        $document['stock'][Sample::PLY]['sheet_length'] = 2100;
        $plan = Planned::of($document);
        self::assertContains('cut.larger_than_sheet', $plan->codes());
        self::assertNotEmpty($plan->plan['cut'][0]['sheets']);
    }

    public function test_an_accepted_layout_is_used_until_the_parts_change(): void
    {
        $document = Sample::bays(Sample::e1(), [[null, null], [null]]);
        $found = LayoutSearch::improve($document, 1, 3, fn (): bool => true);
        $document['layouts'] = json_decode(json_encode($found, JSON_THROW_ON_ERROR), true, 32, JSON_THROW_ON_ERROR);
        $plan = Planned::of($document)->plan['cut'][0];
        self::assertTrue($plan['accepted']);
        self::assertSame(array_map(fn (array $s): int => count($s['parts']), $document['layouts'][Sample::PLY]['sheets']),
            array_map(fn (array $s): int => count($s['placements']), $plan['sheets']));
        $document['pieces'][Sample::PIECE]['depth'] = 600;
        self::assertFalse(Planned::of($document)->plan['cut'][0]['accepted']);
    }

    public function test_a_search_names_only_the_materials_whose_layout_it_beat(): void
    {
        $beaten = 0;
        foreach ([437, 520, 580] as $depth) {
            $document = Sample::bays(Sample::e1(), array_fill(0, 4, [310, 270, null, null, null]));
            $document['pieces'][Sample::PIECE]['depth'] = $depth;
            $plain = Planned::of($document)->plan['cut'][0];
            $better = [];
            $found = LayoutSearch::improve($document, 2, 1, function (array $layouts, float $share, array $now) use (&$better): bool {
                $better = $now;

                return true;
            });
            $sheets = json_decode(json_encode($found, JSON_THROW_ON_ERROR), true, 32, JSON_THROW_ON_ERROR)[Sample::PLY]['sheets'];
            $places = fn (array $sheets, string $key): array => array_map(
                fn (array $s): array => array_map(fn (array $p): array => [$p['part'], $p['x'] ?? $p['x_mm'], $p['y'] ?? $p['y_mm']], $s[$key]),
                $sheets);
            self::assertLessThanOrEqual(count($plain['sheets']), count($sheets));
            self::assertSame($places($plain['sheets'], 'placements') !== $places($sheets, 'parts'), $better === [Sample::PLY]);
            $beaten += count($better);
        }
        self::assertGreaterThan(0, $beaten, 'one of them leaves something to win');
    }

    public function test_leftovers_worth_keeping_are_over_100_by_300(): void
    {
        $seen = [];
        foreach (Planned::of(Sample::bays(Sample::e1(), [[null, null], [null]]))->plan['cut'][0]['sheets'] as $sheet) {
            foreach ($sheet['offcuts'] as $o) {
                $sides = [$o['length_mm'], $o['width_mm']];
                self::assertSame(min($sides) >= 100 && max($sides) >= 300, $o['worth_keeping']);
                $seen[$o['worth_keeping'] ? 'kept' : 'waste'] = true;
            }
        }
        self::assertCount(2, $seen, 'this plan leaves both');
    }

    public function test_each_edge_comes_with_its_usual_set_off(): void
    {
        self::assertSame(['filler' => 30, 'extended_stile' => 12, 'scribed_side' => 5, 'scribed' => 0, 'trim' => 5, 'play' => 5],
            Planned::of(Sample::e1())->piece()['usual_set_off']);
    }

    public function test_a_search_that_is_called_off_stops_at_once(): void
    {
        $calls = 0;
        LayoutSearch::improve(Sample::bays(Sample::e1(), [[null, null], [null]]), 10, 1, function () use (&$calls): bool {
            $calls++;

            return false;
        });
        self::assertSame(1, $calls);
    }

    /**
     * @param  array<array-key, mixed>  $value
     * @return list<array{mm: int|float, exact: bool, trail: list<array<string, mixed>>}>
     */
    private static function figures(array $value): array
    {
        if (isset($value['trail'])) {
            /** @var array{mm: int|float, exact: bool, trail: list<array<string, mixed>>} $value */
            return [$value];
        }

        return array_merge(...array_map(fn (mixed $v): array => is_array($v) ? self::figures($v) : [], array_values($value)), ...[[]]);
    }

    /** @param  array{mm: int|float, exact: bool, trail: list<array<string, mixed>>}  $figure */
    private static function replayed(array $figure): int
    {
        $units = fn (array $line): int => Length::fromMillimetres($line['mm'])->units;
        $total = 0;
        foreach ($figure['trail'] as $i => $line) {
            if ($line['op'] === 'over') {
                // Shares of 25 nm: the line below, or the value itself, says which share this is.
                $next = isset($figure['trail'][$i + 1]['mm']) && $figure['trail'][$i + 1]['op'] === 'equals' ? $units($figure['trail'][$i + 1]) : null;
                $share = intdiv($total, $line['count']);
                $total = $next !== null && abs($next - $share) <= 1 ? $next
                    : (abs(Length::fromMillimetres($figure['mm'])->units - $share) <= 1 ? Length::fromMillimetres($figure['mm'])->units : $share);

                continue;
            }
            $total = match ($line['op']) {
                'start' => $units($line),
                'plus' => $total + $units($line),
                'minus' => $total - $units($line),
                'times' => $total * $line['count'],
                default => $total === $units($line) ? $total : -1,
            };
        }

        return $total;
    }
}
