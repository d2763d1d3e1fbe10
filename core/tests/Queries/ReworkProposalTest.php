<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Queries;

use Incastro\Core\Cut\Nest\Account;
use Incastro\Core\Cut\Nest\LaidSheet;
use Incastro\Core\Document\Change\Change;
use Incastro\Core\Document\Change\Changes;
use Incastro\Core\Planner;
use Incastro\Core\Planning\Planning;
use Incastro\Core\Queries\ReworkProposal;
use Incastro\Core\Tests\Design\AnyPiece;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Replanning;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What becomes of what is cut when the plan changes. */
final class ReworkProposalTest extends TestCase
{
    public function test_nothing_is_proposed_where_everything_is_as_the_plan_wants_it(): void
    {
        [$proposed, $plan] = Replanning::taken(Replanning::begun(Replanning::shelves(), 1, 1.0));
        self::assertSame([[], []], [$proposed['ops'], $proposed['rows']]);
        self::assertSame(0, $plan->plan['rework']['open']);
        self::assertSame($proposed['before'], $proposed['after']);
    }

    /** By hand: a piece 20 lower has sides 20 shorter; what is cut is 20 over in length and nothing in width. */
    public function test_what_is_too_long_now_is_trimmed_by_how_much(): void
    {
        $document = Replanning::begun(Replanning::shelves(), 1, 1.0);
        $was = Planned::of($document)->cut('side_left');
        $document['pieces'][Sample::PIECE]['height'] -= 20;
        self::assertContains('log.cut_trim', Planned::of($document)->codes());
        [$proposed, $plan] = Replanning::taken($document);
        $side = Planned::of($document)->part('side_left')['id'];
        $row = array_column($proposed['rows'], null, 'part')[$side];
        self::assertSame(['trim', 20, 0, $side], [$row['worth'], $row['over_length'], $row['over_width'], $row['becomes']]);
        self::assertNotContains('log.cut_trim', $plan->codes());
        self::assertSame($was, [$plan->part('side_left')['as_cut']['length'], $plan->part('side_left')['as_cut']['width']], 'it keeps its size');
        $step = array_values(array_filter($plan->plan['steps'], fn (array $s): bool => $s['kind'] === 'recut'))[0];
        self::assertContains($side, $step['parts']);
        self::assertSame([$was[0], $was[0] - 20],
            [$step['numbers'][0]['args']['length']['mm'] ?? $step['numbers'][0]['args']['length'],
                $step['numbers'][0]['args']['to']['mm'] ?? $step['numbers'][0]['args']['to']]);
    }

    public function test_what_is_too_short_now_becomes_another_part_or_a_board_and_is_cut_anew(): void
    {
        $document = Replanning::begun(Replanning::shelves(), 1, 1.0);
        $document['pieces'][Sample::PIECE]['height'] += 20;
        [$proposed, $plan] = Replanning::taken($document);
        $short = array_filter($proposed['rows'], fn (array $r): bool => $r['worth'] === 'short');
        self::assertNotSame([], $short);
        foreach ($short as $row) {
            self::assertNotSame($row['part'], $row['becomes']);
            self::assertContains($row['part'], array_column($proposed['anew'], 'part'), 'cut anew');
        }
        self::assertSame(0, $plan->plan['rework']['open']);
        self::assertNotContains('log.cut_short', $plan->codes());
        self::assertGreaterThan($proposed['before']['minutes'], $proposed['after']['minutes']);
    }

    public function test_a_part_cut_wrong_is_cut_from_what_is_left_of_its_sheet_before_another_is_bought(): void
    {
        $document = Replanning::begun(Replanning::shelves(), 2, 1.0);
        $rung = Planned::of($document)->part('rung')['id'];
        $begun = array_keys(array_filter($document['facts'], fn (array $f): bool => in_array($rung, array_column($f['parts'] ?? [], 'part'), true)))[0];
        $document['facts'][Sample::id('WRNG', 1)] = ['kind' => 'cut_wrong', 'part' => $rung, 'begun' => $begun, 'cause' => 'fence slipped'];
        [$proposed, $plan, $after] = Replanning::taken($document);
        self::assertSame([['part' => $rung, 'becomes' => 'lost']],
            array_map(fn (array $r): array => ['part' => $r['part'], 'becomes' => $r['becomes']], $proposed['rows']));
        self::assertSame([$rung], array_column($proposed['anew'], 'part'));
        self::assertNotNull($proposed['anew'][0]['from'], 'from a begun sheet');
        self::assertSame($proposed['before']['sheets'], $proposed['after']['sheets'], 'and none is bought for it');
        $sheets = $plan->plan['cut'][0]['sheets'];
        $own = array_values(array_filter($sheets, fn (array $s): bool => in_array($rung, array_column($s['placements'], 'part'), true)));
        self::assertSame([$proposed['anew'][0]['from']], array_column($own, 'left_of'));
        $parent = array_values(array_filter($sheets, fn (array $s): bool => $s['begun'] === $own[0]['left_of']))[0];
        $before = array_values(array_filter(Planned::of($document)->plan['cut'][0]['sheets'], fn (array $s): bool => $s['begun'] === $parent['begun']))[0];
        $kept = fn (array $s): int => count(array_filter($s['offcuts'], fn (array $o): bool => $o['worth_keeping']));
        self::assertSame($kept($before) - 1, $kept($parent), 'what is cut from is not kept as well');
        // The board that was left is begun in its turn: it is no longer left.
        $document = $after;
        $document['facts'][Sample::id('BEGVN', 9)] = ['kind' => 'begun', 'material' => Sample::PLY, 'size' => $own[0]['size'],
            'length' => $own[0]['length'], 'width' => $own[0]['width'], 'trims' => $own[0]['trims'],
            'parts' => array_map(fn (array $p): array => ['part' => $p['part'], 'x' => $p['x_mm'], 'y' => $p['y_mm'],
                'length' => $p['length_mm'], 'width' => $p['width_mm'], 'turned' => $p['turned']], $own[0]['placements'])];
        foreach ($own[0]['cuts'] as $cut) {
            $document['facts'][Sample::id('SAWN', 900 + $cut['order'])] = ['kind' => 'sawn', 'begun' => Sample::id('BEGVN', 9), 'cut' => $cut['order']];
        }
        $plan = Planned::of($document);
        self::assertSame('cut', array_column($plan->plan['parts'], 'state', 'id')[$rung]);
        self::assertSame(0, $plan->plan['rework']['open']);
        self::assertSame(count($sheets), count($plan->plan['cut'][0]['sheets']));
    }

    /** Cut too short: what it measures is said, and it serves as a shelf of the other, narrower bay. */
    public function test_a_part_cut_wrong_and_measured_becomes_another(): void
    {
        $document = Sample::bays(Sample::e1(), [[null], [null]]);
        // A third less: large enough to become the other without wasting half of it.
        $document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::BOX]['bays'][Sample::id('BAY', 1)]['width'] = ['by' => 'share', 'weight' => 4];
        $document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::BOX]['bays'][Sample::id('BAY', 2)]['width'] = ['by' => 'share', 'weight' => 3];
        $document = Replanning::begun($document, 9, 1.0);
        $plan = Planned::of($document);
        [$wide, $narrow] = [$plan->part('shelf', 0), $plan->part('shelf', 1)];
        self::assertGreaterThan($narrow['cut']['length']['mm'], $wide['cut']['length']['mm']);
        $document['facts'][Sample::id('WRNG', 1)] = ['kind' => 'cut_wrong', 'part' => $wide['id'],
            'begun' => $wide['as_cut']['begun'], 'length' => $narrow['cut']['length']['mm'] + 5];
        $document['facts'][Sample::id('WRNG', 2)] = ['kind' => 'cut_wrong', 'part' => $narrow['id'], 'begun' => $narrow['as_cut']['begun']];
        [$proposed, $after] = Replanning::taken($document);
        $rows = array_column($proposed['rows'], 'becomes', 'part');
        self::assertSame([$narrow['id'], 'lost'], [$rows[$wide['id']], $rows[$narrow['id']]]);
        self::assertSame([$wide['id']], array_column($proposed['anew'], 'part'));
        $made = array_values(array_filter($after->plan['rework']['pieces'], fn (array $p): bool => $p['serves'] === $narrow['id']))[0];
        self::assertSame([$wide['id'], 'trim', 5], [$made['part'], $made['worth'], $made['over_length']]);
    }

    public function test_what_the_person_would_rather_have_become_of_a_piece_is_reckoned_with(): void
    {
        $document = Replanning::begun(Replanning::shelves(), 1, 1.0);
        $document['pieces'][Sample::PIECE]['height'] -= 20;
        $row = ReworkProposal::propose($document)['rows'][0];
        $other = ReworkProposal::propose($document, [$row['begun'] => [$row['item'] => 'lost']]);
        self::assertSame('lost', $other['rows'][0]['becomes']);
        self::assertContains($row['part'], array_column($other['anew'], 'part'));
        self::assertGreaterThanOrEqual(ReworkProposal::propose($document)['after']['sheets'], $other['after']['sheets']);
    }

    public function test_a_half_cut_sheet_is_closed_and_the_rest_of_it_laid_anew(): void
    {
        $document = Replanning::begun(Replanning::shelves(), 1, 0.4);
        $free = array_column(array_filter(Planned::of($document)->plan['parts'], fn (array $p): bool => $p['as_cut'] !== null), 'as_cut', 'id');
        $document['pieces'][Sample::PIECE]['height'] += 12;
        $document['pieces'][Sample::PIECE]['depth'] -= 6;
        [, $plan] = Replanning::taken($document);
        self::assertSame(0, $plan->plan['rework']['open']);
        $left = array_filter($plan->plan['cut'][0]['sheets'], fn (array $s): bool => $s['left_of'] !== null);
        self::assertNotSame([], $left, 'what is left of it is cut from');
        $begun = $plan->plan['cut'][0]['sheets'][0];
        self::assertSame(array_column($begun['cuts'], 'order'), $begun['made'], 'cut no further');
        foreach ($plan->plan['rework']['pieces'] as $piece) {
            self::assertEqualsCanonicalizing([$free[$piece['part']]['length'], $free[$piece['part']]['width']],
                [$piece['length'], $piece['width']], 'what is free keeps its size');
        }
    }

    /** @return iterable<string, array{int, array<string, mixed>}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 8) as $seed) {
            yield "seed $seed" => [$seed, Replanning::shelves()];
            yield "any piece, seed $seed" => [$seed, (new AnyPiece(7919 * $seed))->document()];
        }
    }

    /** @param  array<string, mixed>  $document */
    #[DataProvider('seeds')]
    public function test_whatever_changes_nothing_cut_changes_size_every_sheet_adds_up_and_all_can_be_undone(int $seed, array $document): void
    {
        mt_srand($seed);
        $document = Replanning::begun($document, mt_rand(1, 2), mt_rand(1, 10) / 10);
        $before = Planned::of($document);
        $document['pieces'][Sample::PIECE]['height'] += mt_rand(-40, 40);
        $document['pieces'][Sample::PIECE]['depth'] += mt_rand(-15, 5);
        $cut = array_values(array_filter($before->plan['rework']['pieces'], fn (array $p): bool => $p['cut']));
        foreach ($cut === [] ? [] : (array) array_rand($cut, 1) as $i) {
            $document['facts'][Sample::id('WRNG', 1)] = ['kind' => 'cut_wrong', 'part' => $cut[$i]['part'],
                'begun' => $cut[$i]['begun'], 'width' => $cut[$i]['width'] - 10];
        }
        [$proposed, $plan, $after] = Replanning::taken($document);
        foreach ([Planned::of($document), $plan] as $later) {
            self::assertKeepsSizes($before, $later, $document);
            self::assertEachLiesOnce($later);
        }
        self::assertSame(0, $plan->plan['rework']['open'], 'everything is decided');
        self::assertAddsUp($after);
        self::assertAddsUp($document);
        if ($proposed['ops'] !== []) {
            $applied = Changes::apply($document, Change::of($proposed['ops']));
            self::assertSame(Planner::plan($document)->toJson(),
                Planner::plan(Changes::apply($applied->document, Change::of($applied->inverse))->document)->toJson(), 'undone byte for byte');
            // A cut recorded between stands, and the rest is as if nothing had been taken.
            $fact = ['op' => 'append', 'path' => ['facts', Sample::id('REM', 1)], 'value' => ['kind' => 'remark', 'about' => 'x', 'text' => 'between']];
            $between = Changes::apply($applied->document, Change::of([$fact]))->document;
            $undone = Changes::apply($between, Change::of($applied->inverse))->document;
            self::assertArrayHasKey(Sample::id('REM', 1), $undone['facts']);
            self::assertSame(Planner::plan($document)->toJson(), Planner::plan($undone)->toJson());
        }
    }

    /** @param  array<string, mixed>  $document */
    private static function assertKeepsSizes(Planned $before, Planned $after, array $document): void
    {
        $key = fn (array $p): string => "{$p['begun']} {$p['item']}";
        $was = array_column(array_map(fn (array $p): array => [$key($p), $p],
            array_filter($before->plan['rework']['pieces'], fn (array $p): bool => $p['cut'])), 1, 0);
        $is = array_column(array_map(fn (array $p): array => [$key($p), $p], $after->plan['rework']['pieces']), 1, 0);
        $measured = array_column(array_filter($document['facts'], fn (array $f): bool => $f['kind'] === 'cut_wrong'), 'part');
        foreach ($was as $id => $piece) {
            self::assertArrayHasKey($id, $is, 'no cut piece is forgotten');
            if (! in_array($piece['part'], $measured, true)) {
                self::assertEqualsCanonicalizing([$piece['length'], $piece['width']], [$is[$id]['length'], $is[$id]['width']]);
            }
        }
    }

    private static function assertEachLiesOnce(Planned $plan): void
    {
        $laid = array_merge(...array_map(
            fn (array $m): array => array_merge(...array_map(
                fn (array $s): array => array_column($s['placements'], 'part'), $m['sheets']), ...[[]]), $plan->plan['cut']));
        $laid = array_values(array_filter($laid, fn (string $id): bool => ! str_contains($id, ' ')));
        $unplaced = array_column(array_merge(...array_column($plan->plan['cut'], 'unplaced')), 'part');
        $own = array_column(array_filter($plan->plan['parts'], fn (array $p): bool => ! $p['bought']), 'id');
        self::assertEqualsCanonicalizing($own, [...$laid, ...$unplaced], 'every part once');
    }

    /** @param  array<string, mixed>  $document */
    private static function assertAddsUp(array $document): void
    {
        foreach ((new Planning($document))->cutting()->nested as $nested) {
            foreach ($nested->sheets as $sheet) {
                $account = Account::of($sheet, $nested->stock);
                self::assertSame($account->sheet, $account->parts + $account->leftovers + $account->lost(), self::what($sheet));
                self::assertGreaterThanOrEqual(0,
                    min($account->parts, $account->leftovers, $account->trim, $account->kerf, $account->spoiled, $account->trimmed));
            }
        }
    }

    private static function what(LaidSheet $sheet): string
    {
        return $sheet->begun === null ? "a sheet of {$sheet->kind->id}" : "the begun sheet $sheet->begun";
    }
}
