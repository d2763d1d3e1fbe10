<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Survey;

use Eris\Generators;
use Eris\TestTrait;
use Incastro\Core\Document\Model\Plane;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Reading\ProjectReader;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Survey\Collocation;
use Incastro\Core\Survey\Equations;
use Incastro\Core\Survey\Instruments;
use Incastro\Core\Survey\Nodes;
use Incastro\Core\Survey\Room;
use Incastro\Core\Survey\Sizes;
use Incastro\Core\Survey\Surveyor;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

final class SurveyorTest extends TestCase
{
    use TestTrait;

    public function test_e1_rebuilds_both_walls_exactly(): void
    {
        $room = self::room(Sample::e1());
        self::assertSame([0, 5.5, 9], self::xs($room, Side::Left));
        self::assertSame([1212, 1214, 1218], self::xs($room, Side::Right));
        self::assertTrue($room->wall(Side::Right, Plane::Front)[1]->exact);
    }

    public function test_widths_alone_share_the_lean_between_the_walls(): void
    {
        // 1048, 1044, 1040: 4 narrower at each step, taken as 2 from either side.
        $room = self::room(Sample::width(Sample::width(Sample::width(Sample::empty('mm'), 1, 100, 1048), 2, 1200, 1044), 3, 2300, 1040));
        self::assertSame([0, 2, 4], self::xs($room, Side::Left));
        self::assertSame([1048, 1046, 1044], self::xs($room, Side::Right));
    }

    public function test_an_invented_room_is_recovered_from_its_readings(): void
    {
        $lean = Generators::choose(-60, 60);
        $this->forAll($lean, $lean, $lean, $lean, Generators::choose(7000, 14000))->then(
            function (int $l2, int $l3, int $r2, int $r3, int $w): void {
                // Tenths of a millimetre: walls at three heights, from the left wall's foot.
                $left = [0, $l2 / 10, $l3 / 10];
                $right = [$w / 10, $w / 10 + $r2 / 10, $w / 10 + $r3 / 10];
                $document = Sample::empty('mm');
                foreach ([100, 1200, 2300] as $i => $z) {
                    $document = Sample::width($document, $i, $z, round($right[$i] - $left[$i], 1));
                }
                foreach ([1 => 1200, 2 => 2300] as $i => $z) {
                    $document = Sample::plumb($document, $i, 'left', 100, $z, $left[$i]);
                }
                $room = self::room($document);
                self::assertEqualsWithDelta($left, self::xs($room, Side::Left), 1e-6);
                self::assertEqualsWithDelta($right, self::xs($room, Side::Right), 1e-6);
                self::assertSame([], $room->findings);
            },
        );
    }

    public function test_readings_far_from_what_is_assumed_still_come_out_exactly(): void
    {
        // 60 narrower within 50 of height: nobody would have assumed it, and it is asked for again; but the tighter counts, and nothing pulls at it.
        $document = Sample::width(Sample::width(Sample::width(Sample::empty('mm'), 1, 100, 1000), 2, 2300, 1000), 3, 2350, 940.1);
        $document = Sample::plumb(Sample::plumb($document, 1, 'left', 100, 2300, 0.3), 2, 'left', 100, 2350, -0.7);
        $room = self::room($document);
        self::assertNotSame([], $room->doubt->known[0]->suspect);
        self::assertSame([0, 0.3, -0.7], self::xs($room, Side::Left));
        self::assertSame([1000, 1000.3, 939.4], self::xs($room, Side::Right));
        self::assertTrue($room->wall(Side::Right, Plane::Front)[2]->exact);
    }

    public function test_a_take_that_stands_alone_against_two_others_is_blamed_with_its_size(): void
    {
        $document = $this->plumbNiche([1000, 1000, 1000]);
        $document = Sample::take($document, Sample::id('W', 2), 1012, 60);
        $differ = self::room($document)->findings;
        self::assertSame([['survey.takes_differ', Sample::id('W', 2), 12]],
            array_map(fn (Finding $f): array => [$f->code, $f->place->ref, $f->measured?->millimetres()], $differ));
        $room = self::room(Sample::take($document, Sample::id('W', 2), 1000, 61));
        $finding = $room->findings[0];
        self::assertSame('survey.take_left_out', $finding->code);
        self::assertSame([1000, 1000, 1000], self::xs($room, Side::Right), 'two that agree tell which slipped');
        self::assertSame([], $room->doubt->known[0]->suspect);
        self::assertSame(Sample::id('W', 2), $finding->place->ref);
        self::assertEqualsWithDelta(12, $finding->measured?->millimetres(), 0.5);
        self::assertCount(1, $room->findings);
    }

    public function test_what_one_slip_explains_is_left_out_until_it_is_taken_again_and_told_with_both_sizes(): void
    {
        // The middle width is 12 short, or both walls stand out there and both plumb lines are out by as much: one slip is likelier than two.
        $room = self::room($this->plumbNiche([1000, 988, 1000]));
        self::assertSame([['survey.tighter_counts', Sample::id('W', 2)]], array_map(fn (Finding $f): array => [$f->code, $f->place->ref], $room->findings));
        $args = $room->findings[0]->says->args;
        self::assertEqualsWithDelta(12.0, $args['by']->millimetres(), 1.0);
        self::assertSame('survey.too_short', $args['direction']->key);
        self::assertGreaterThan(5.0, $args['without']->millimetres() - $args['with']->millimetres());
        self::assertEqualsWithDelta($args['with']->millimetres(), $room->doubt->stated, 0.1, 'the tighter counts');
        $wide = self::room($this->plumbNiche([1000, 1012, 1000]));
        self::assertSame('survey.set_aside', $wide->findings[0]->code);
        self::assertEqualsWithDelta($wide->findings[0]->says->args['without']->millimetres(), $wide->doubt->stated, 0.1, 'the tighter counts');
        self::assertSame([Sample::id('W', 2)], $room->doubt->known[0]->suspect);
        self::assertFalse($room->doubt->known[0]->settled);
        self::assertSame(Sample::id('W', 2), $room->doubt->next[0]->reading->id, 'asked for first');
        $again = self::room(Sample::take($this->plumbNiche([1000, 988, 1000]), Sample::id('W', 2), 988, 60));
        self::assertNotContains(Sample::id('W', 2), array_map(fn (Finding $f): string => $f->place->ref, $again->findings), 'nobody slips twice the same way');
        self::assertNotSame([], $again->findings, 'the plumb lines cannot both be right then');
    }

    public function test_a_slip_grows_likelier_with_its_size_and_no_reading_is_certain_alone(): void
    {
        $odds = function (float $middle): float {
            $document = $this->plumbNiche([1000, $middle, 1000]);
            $space = ProjectReader::read($document)->spaces[Sample::SPACE];
            $nodes = new Nodes(new Sizes($space), 0.5);
            $observations = (new Equations($nodes, new Instruments(ProjectReader::read($document)->workshop)))->of($space);
            $odds = Collocation::solve($nodes, $observations)->learned->slipped();
            self::assertLessThanOrEqual(1.0, array_sum($odds));

            return $odds[(int) array_search(Sample::id('W', 2), array_column($observations, 'reading'), true)];
        };
        self::assertLessThan(0.01, $odds(1000.0));
        self::assertLessThan($odds(1004.0), $odds(1002.0));
        self::assertLessThan($odds(1005.0), $odds(1004.0));
        self::assertGreaterThan(0.5, $odds(1012.0));
        self::assertGreaterThan(0.99, $odds(1800.0), 'a digit wrong');
        $one = ProjectReader::read(Sample::width(Sample::empty('mm'), 1, 100, 1000));
        $nodes = new Nodes(new Sizes($one->spaces[Sample::SPACE]), 0.5);
        $alone = Collocation::solve($nodes, (new Equations($nodes, new Instruments($one->workshop)))->of($one->spaces[Sample::SPACE]))->learned->slipped();
        self::assertSame([0.0], $alone, 'nothing speaks for it or against');
    }

    public function test_readings_that_agree_within_their_doubt_are_left_alone(): void
    {
        self::assertSame([], self::room($this->plumbNiche([1000, 1000.5, 1000]))->findings);
    }

    public function test_two_takes_that_differ_by_more_than_chance_ask_for_a_third_with_what_would_explain_them(): void
    {
        // The bend's limit is 1: 2.6 apart is chance, more is not.
        $twice = fn (float $mm): array => self::room(Sample::take(Sample::e1(), Sample::id('W', 2), $mm, 50))->findings;
        self::assertSame([], $twice(1211.0));
        $findings = $twice(1218.5);
        self::assertSame(['survey.takes_differ'], array_map(fn (Finding $f): string => $f->code, $findings));
        self::assertSame([10, 'survey.misread_ten'], [$findings[0]->measured?->millimetres(), $findings[0]->remedy->args['guess']->key]);
        self::assertSame([], array_values(array_filter($twice(1208.0), fn (Finding $f): bool => $f->code === 'survey.takes_differ')));
    }

    public function test_a_false_diagonal_is_found(): void
    {
        $document = $this->plumbNiche([1000, 1000, 1000]);
        foreach (['left' => 2400, 'right' => 2400] as $side => $mm) {
            $document = Sample::reading($document, Sample::id('H'.$side[0], 1), ['kind' => 'height', 'side' => $side], $mm);
        }
        $document = Sample::reading($document, Sample::id('D', 1), ['kind' => 'diagonal', 'rise' => 'rising_right'], 2600);
        $document = Sample::reading($document, Sample::id('D', 2), ['kind' => 'diagonal', 'rise' => 'rising_left'], 2600);
        $document = Sample::reading($document, Sample::id('F', 1), ['kind' => 'level'], 0);
        self::assertSame([], self::room($document)->findings, '√(1000² + 2400²) is 2600');

        $wrong = Sample::reading($document, Sample::id('D', 2), ['kind' => 'diagonal', 'rise' => 'rising_left'], 2625);
        $wrong['facts'] = array_filter($wrong['facts'], fn (array $f): bool => $f['reading'] !== Sample::id('D', 2) || $f['value'] === 2625);
        $room = self::room($wrong);
        self::assertContains(Sample::id('D', 2), array_map(fn (Finding $f): string => $f->place->ref, $room->findings));
        self::assertEqualsWithDelta(self::room($document)->doubt->stated, $room->doubt->stated, 1.0, 'and moves nothing');
        self::assertContains(Sample::id('D', 2), $room->doubt->known[0]->suspect, 'the width would be another with it');
        self::assertFalse($room->doubt->known[0]->settled, 'nothing is settled while something waits');
    }

    public function test_a_diagonal_that_no_opening_can_have_stands_alone_and_moves_nothing(): void
    {
        $document = $this->plumbNiche([1000, 1000, 1000]);
        $document = Sample::reading($document, Sample::id('H', 1), ['kind' => 'height', 'side' => 'left'], 2400);
        $document = Sample::reading($document, Sample::id('D', 1), ['kind' => 'diagonal', 'rise' => 'rising_right'], 260);
        $room = self::room($document);
        self::assertSame([1000, 1000, 1000], self::xs($room, Side::Right));
        self::assertSame([['survey.reading_contradicts', Sample::id('D', 1)]],
            array_map(fn (Finding $f): array => [$f->code, $f->place->ref], $room->findings));
    }

    public function test_the_back_follows_the_front_where_only_widths_were_taken_there(): void
    {
        $document = Sample::width(Sample::e1(), 9, 1200, 1204.5, 'back');
        $room = self::room($document);
        self::assertCount(2, $room->planes());
        $gap = fn (Side $s): float => $room->wallAt($s, \Incastro\Core\Measure\Length::fromMillimetres(1200), Plane::Back)->x->millimetres()
            - $room->wallAt($s, \Incastro\Core\Measure\Length::fromMillimetres(1200), Plane::Front)->x->millimetres();
        // 4 narrower at the back: 2 from each side, since nothing says which wall toes in.
        self::assertEqualsWithDelta(2, $gap(Side::Left), 0.2);
        self::assertEqualsWithDelta(-2, $gap(Side::Right), 0.2);
    }

    public function test_a_wall_that_leans_9_over_2200_leans_0_23_degrees(): void
    {
        $room = self::room(Sample::e1());
        self::assertEqualsWithDelta(0.234, $room->lean(Side::Left)?->degrees, 0.001);
        self::assertEqualsWithDelta(-0.156, $room->lean(Side::Right)?->degrees, 0.001, 'the right wall leans away by 6');
    }

    public function test_the_doubt_shrinks_with_the_reading_it_asks_for_by_about_what_was_promised(): void
    {
        $document = Sample::width(Sample::width(Sample::width(Sample::empty('mm'), 1, 100, 1048), 2, 1200, 1044), 3, 2300, 1040);
        foreach (['left', 'right'] as $i => $face) {
            $document = Sample::reading($document, Sample::id('E', $i), ['kind' => 'slid_edge', 'face' => $face], 0);
        }
        $before = self::room($document);
        $advice = $before->doubt->next[0];
        foreach ($before->doubt->next as $offered) {
            $advice = $offered->helps === 'clear_width' && $offered->reading->kind->value === 'corner_angle' ? $offered : $advice;
        }
        self::assertSame('clear_width', $advice->helps);
        self::assertSame('corner_angle', $advice->reading->kind->value, 'nothing says how the sides stand to the back wall');
        $document['spaces'][Sample::SPACE]['readings'][Sample::id('CORNER', 1)] = ['kind' => 'corner_angle', 'side' => $advice->reading->side?->value];
        $document['facts'][Sample::id('TAKE', 9)] = ['kind' => 'take', 'reading' => Sample::id('CORNER', 1), 'deg' => 90, 'typed' => '90'];
        $after = self::room($document);
        self::assertEqualsWithDelta($advice->then, $after->doubt->known[0]->doubt, 0.15 * $advice->now);
        self::assertLessThan($before->doubt->known[0]->doubt, $after->doubt->known[0]->doubt);
    }

    /**
     * @param  array{int|float, int|float, int|float}  $widths
     * @return array<string, mixed>
     */
    private function plumbNiche(array $widths): array
    {
        $document = Sample::empty('mm');
        foreach ([100, 1200, 2300] as $i => $z) {
            $document = Sample::width($document, $i + 1, $z, $widths[$i]);
        }
        foreach (['left', 'right'] as $s => $side) {
            $document = Sample::plumb($document, 10 * $s + 1, $side, 100, 1200, 0);
            $document = Sample::plumb($document, 10 * $s + 2, $side, 100, 2300, 0);
        }

        return $document;
    }

    /** @param  array<string, mixed>  $document */
    private static function room(array $document): Room
    {
        $project = ProjectReader::read($document);

        return (new Surveyor($project->workshop))->survey($project->spaces[Sample::SPACE]);
    }

    /** @return list<int|float> */
    private static function xs(Room $room, Side $side): array
    {
        return array_map(fn ($p): int|float => $p->x->millimetres(), $room->wall($side, Plane::Front));
    }
}
