<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Cut;

use Incastro\Core\Cut\Nest\PlaceRefused;
use Incastro\Core\Measure\Length;
use Incastro\Core\Queries\LayoutSearch;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a document asks of the sheet plan, through the whole plan. */
final class AskedTest extends TestCase
{
    public function test_shelves_cut_from_one_strip_lie_side_by_side(): void
    {
        [$document, $shelves] = self::shelves();
        $document['cutting']['parts'] = array_fill_keys($shelves, ['strip' => 'shelves']);
        $plan = Planned::of($document)->plan['cut'][0];
        $at = self::places($plan);
        $width = $at[$shelves[0]]['width_mm'];
        foreach ([1, 2] as $i) {
            self::assertSame([$at[$shelves[0]]['sheet'], $at[$shelves[0]]['x_mm']], [$at[$shelves[$i]]['sheet'], $at[$shelves[$i]]['x_mm']]);
            self::assertEqualsWithDelta($at[$shelves[$i - 1]]['y_mm'] + $width + 3.2, $at[$shelves[$i]]['y_mm'], 1e-6);
        }
    }

    public function test_oversize_is_added_to_what_is_cut_and_said(): void
    {
        [$document, $shelves] = self::shelves();
        $plain = Planned::of($document)->part('shelf')['cut'];
        $document['cutting']['parts'] = [$shelves[0] => ['oversize' => 12]];
        $cut = Planned::of($document)->part('shelf')['cut'];
        self::assertEqualsWithDelta([$plain['length']['mm'] + 12, $plain['width']['mm'] + 12], [$cut['length']['mm'], $cut['width']['mm']], 1e-6);
        self::assertContains('+ 12 cut.oversize', Planned::trail($cut['length']));
    }

    public function test_a_half_sheet_is_bought_where_it_does_and_costs_less(): void
    {
        [$document] = self::shelves();
        $whole = Planned::of($document)->plan['cut'][0];
        $document['stock'][Sample::PLY]['sizes'] = [Sample::id('S', 1) => ['name' => 'half', 'length' => 2440, 'width' => 610, 'price_cents' => 3900]];
        $plan = Planned::of($document)->plan['cut'][0];
        self::assertLessThan($whole['cost_cents'], $plan['cost_cents']);
        self::assertContains('half', array_column($plan['buy'], 'name'));
        self::assertNull($plan['lower_bound'], 'with two sizes a cost is proved, not a count');
    }

    public function test_a_piece_in_hand_is_used_and_not_bought(): void
    {
        [$document] = self::shelves();
        $document['stock'][Sample::PLY]['sizes'] = [Sample::id('S', 1) => ['name' => 'rack', 'length' => 1300, 'width' => 700, 'in_hand' => true]];
        $plan = Planned::of($document)->plan['cut'][0];
        $hand = array_values(array_filter($plan['sheets'], fn (array $s): bool => $s['in_hand']));
        self::assertCount(1, $hand);
        self::assertSame([0, 0, 0, 0], $hand[0]['trims'], 'its edges are cut already');
    }

    public function test_sheets_that_run_out_are_said(): void
    {
        [$document] = self::shelves();
        $document['stock'][Sample::PLY]['limit'] = 1;
        self::assertContains('cut.too_few_sheets', Planned::of($document)->codes());
    }

    public function test_a_part_beyond_every_saw_is_said_and_may_be_joined_instead(): void
    {
        [$document] = self::shelves();
        $document['workshop']['saws'] = ['guided' => ['longest_cut' => 1400]];
        $planned = Planned::of($document);
        self::assertContains('cut.beyond_saws', $planned->codes());
        $long = array_column(array_filter($planned->plan['parts'], fn (array $p): bool => $p['cut']['length']['mm'] > 1400), 'id');
        $side = $planned->part('side_left')['id'];
        $document['cutting']['parts'] = array_fill_keys($long, ['may_join' => true]);
        $joined = Planned::of($document);
        self::assertNotContains('cut.beyond_saws', $joined->codes());
        $halves = array_filter(array_merge(...array_column($joined->plan['cut'][0]['sheets'], 'placements')), fn (array $p): bool => $p['part'] === $side);
        self::assertEqualsWithDelta($joined->part('side_left')['cut']['length']['mm'], array_sum(array_column($halves, 'length_mm')), 1e-6);
        foreach ($joined->plan['cut'][0]['sheets'] as $sheet) {
            self::assertTrue($sheet['cuttable']);
            foreach ($sheet['cuts'] as $cut) {
                self::assertTrue($cut['trim'] || $cut['to_mm'] - $cut['from_mm'] <= 1400);
            }
        }
    }

    public function test_a_hidden_part_may_come_from_another_material_of_its_thickness(): void
    {
        [$document] = self::shelves();
        $document['stock'][Sample::BACK]['thickness'] = 18;
        $document['methods']['back'] = 'applied';
        $document['pieces'][Sample::PIECE]['back_material'] = Sample::BACK;
        $plinth = array_values(array_filter(Planned::of($document)->plan['parts'], fn (array $p): bool => $p['role'] === 'plinth_rail'));
        $document['cutting']['parts'] = [$plinth[0]['id'] => ['from_leftovers' => true]];
        $plan = Planned::of($document)->plan;
        $homes = [];
        foreach ($plan['cut'] as $material) {
            foreach (array_merge(...array_column($material['sheets'], 'placements')) as $p) {
                $homes[$p['part']][] = $material['material'];
            }
        }
        self::assertCount(1, $homes[$plinth[0]['id']], 'cut once');
        foreach ($plan['cut'] as $material) {
            self::assertLessThanOrEqual(count($material['sheets']), $material['lower_bound'], 'what moved away counts no more');
        }
        $from = array_values(array_filter($plan['parts'], fn (array $p): bool => $p['id'] === $plinth[0]['id']))[0]['from_leftover'];
        self::assertSame($homes[$plinth[0]['id']][0], $from ?? Sample::PLY);
    }

    public function test_the_shop_cuts_through_the_delivered_sheet(): void
    {
        [$document] = self::shelves();
        $document['workshop']['saws'] = ['shop' => ['stages' => 2, 'cuts' => 2, 'tolerance' => 1]];
        $document['workshop']['car_length'] = 2500;
        $document['workshop']['car_width'] = 900;
        foreach (Planned::of($document)->plan['cut'][0]['sheets'] as $sheet) {
            $shop = $sheet['shop'];
            self::assertLessThanOrEqual(2, count($shop['cuts']));
            // Pieces and one kerf a cut make up the sheet again.
            $area = array_sum(array_map(fn (array $p): float => $p['length_mm'] * $p['width_mm'], $shop['pieces']))
                + array_sum(array_map(fn (array $c): float => 3.2 * ($c['axis'] === 'x' ? $c['of']['width_mm'] : $c['of']['length_mm']), $shop['cuts']));
            self::assertEqualsWithDelta(2440 * 1220, $area, 1e-3);
            $parts = array_merge(...array_column($shop['pieces'], 'parts'));
            self::assertEqualsCanonicalizing(array_column($sheet['placements'], 'label'), $parts);
            foreach ($shop['pieces'] as $p) {
                self::assertSame(min($p['length_mm'], $p['width_mm']) <= 900, $p['fits_car']);
            }
        }
    }

    public function test_a_part_put_by_hand_stays_and_the_rest_is_planned_around_it(): void
    {
        [$document, $shelves] = self::shelves();
        $layout = json_decode(json_encode(LayoutSearch::byHand($document, Sample::PLY, self::place($shelves[0], 0, 1300.0, 620.0)), JSON_THROW_ON_ERROR), true);
        $document['layouts'] = [Sample::PLY => $layout];
        $plan = Planned::of($document)->plan['cut'][0];
        self::assertTrue($plan['accepted']);
        $at = self::places($plan)[$shelves[0]];
        self::assertEqualsWithDelta([1300, 620], [$at['x_mm'], $at['y_mm']], 15.001);
        self::assertContains($shelves[0], $plan['sheets'][$at['sheet']]['locked']);
        // With one shelf more all is planned anew, but for what is locked.
        $document = ['layouts' => $document['layouts']] + Sample::bays(Sample::e1(), [[null, null, null, null]]);
        $again = Planned::of($document)->plan['cut'][0];
        self::assertFalse($again['accepted']);
        self::assertSame([$at['x_mm'], $at['y_mm']], [self::places($again)[$shelves[0]]['x_mm'], self::places($again)[$shelves[0]]['y_mm']]);
    }

    public function test_a_locked_part_that_no_longer_fits_its_place_is_told_and_the_others_stay(): void
    {
        [$document, $shelves] = self::shelves();
        $lay = fn (array $place): array => json_decode(json_encode(LayoutSearch::byHand($document, Sample::PLY, $place), JSON_THROW_ON_ERROR), true);
        $document['layouts'] = [Sample::PLY => $lay(self::place($shelves[0], 0, 1256.0, 620.0))];
        $at = self::places(Planned::of($document)->plan['cut'][0]);
        $second = array_values(array_filter(array_keys($at),
            fn (string $id): bool => $id !== $shelves[0] && $at[$id]['sheet'] === $at[$shelves[0]]['sheet']))[0];
        foreach ($document['layouts'][Sample::PLY]['sheets'] as &$sheet) {
            foreach ($sheet['parts'] as &$part) {
                $part += $part['part'] === $second ? ['locked' => true] : [];
            }
        }
        unset($sheet, $part);
        self::assertNotContains('cut.lock_lost', Planned::of($document)->codes());
        // So much longer it would reach over the end of the sheet.
        $document['cutting']['parts'] = [$shelves[0] => ['oversize' => 120]];
        $plan = Planned::of($document);
        self::assertSame($shelves[0], $plan->finding('cut.lock_lost')['place']['ref']);
        self::assertCount(1, array_keys($plan->codes(), 'cut.lock_lost', true));
        $now = self::places($plan->plan['cut'][0]);
        self::assertSame([$at[$second]['x_mm'], $at[$second]['y_mm']], [$now[$second]['x_mm'], $now[$second]['y_mm']]);
    }

    #[DataProvider('illegal')]
    public function test_illegal_places_are_refused_with_the_reason(float $x, float $y, bool $turned, string $why): void
    {
        [$document, $shelves] = self::shelves();
        $this->expectExceptionObject(new PlaceRefused($why, $shelves[0]));
        LayoutSearch::byHand($document, Sample::PLY, self::place($shelves[0], 0, $x, $y, $turned));
    }

    /** @return iterable<string, array{float, float, bool, string}> */
    public static function illegal(): iterable
    {
        yield 'over the end' => [2300.0, 300.0, false, 'off'];
        yield 'over the edge' => [300.0, -200.0, false, 'off'];
        yield 'across its grain' => [300.0, 300.0, true, 'grain'];
    }

    public function test_a_part_is_not_put_on_a_locked_one(): void
    {
        [$document, $shelves] = self::shelves();
        $document['layouts'] = [Sample::PLY => json_decode(json_encode(LayoutSearch::byHand($document,
            Sample::PLY, self::place($shelves[0], 0, 1200.0, 620.0)), JSON_THROW_ON_ERROR), true)];
        $at = self::places(Planned::of($document)->plan['cut'][0])[$shelves[0]];
        $this->expectExceptionObject(new PlaceRefused('locked', $shelves[0]));
        LayoutSearch::byHand($document, Sample::PLY, self::place($shelves[1], $at['sheet'], $at['x_mm'] + 100, $at['y_mm'] + 50));
    }

    /** @return array{array<string, mixed>, list<string>} a unit with three shelves, and their ids */
    private static function shelves(): array
    {
        $document = Sample::bays(Sample::e1(), [[null, null, null]]);

        return [$document, array_column(array_filter(Planned::of($document)->plan['parts'], fn (array $p): bool => $p['role'] === 'shelf'), 'id')];
    }

    /** @return array{part: string, sheet: int, x: Length, y: Length, turned: bool, locked: bool} */
    private static function place(string $part, int $sheet, float $x, float $y, bool $turned = false): array
    {
        return ['part' => $part, 'sheet' => $sheet, 'x' => Length::fromMillimetres($x),
            'y' => Length::fromMillimetres($y), 'turned' => $turned, 'locked' => true];
    }

    /**
     * @param  array<string, mixed>  $material
     * @return array<string, array<string, mixed>> by part
     */
    private static function places(array $material): array
    {
        $places = [];
        foreach ($material['sheets'] as $n => $sheet) {
            foreach ($sheet['placements'] as $p) {
                $places[$p['part']] = ['sheet' => $n] + $p;
            }
        }

        return $places;
    }
}
