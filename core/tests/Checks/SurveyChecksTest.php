<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Checks;

use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** What the survey still lacks is said one thing at a time, the most telling first. */
final class SurveyChecksTest extends TestCase
{
    public function test_the_survey_asks_for_one_thing_after_another(): void
    {
        $asks = fn (array $d): array => array_values(array_filter(Planned::of($d)->codes(), fn (string $c): bool => str_starts_with($c, 'survey.')));
        $document = Sample::empty('mm');
        self::assertSame(['survey.no_width'], $asks($document));
        $document = Sample::width($document, 1, 100, 1000);
        self::assertSame(['survey.too_few_widths', 'survey.unread_left', 'survey.unread_right'], $asks($document));
        foreach (['left', 'right'] as $n => $face) {
            $document = Sample::reading($document, Sample::id('ED', $n), ['kind' => 'slid_edge', 'face' => $face], 0);
        }
        self::assertSame(['survey.too_few_widths'], $asks($document));
        $document = Sample::width(Sample::width($document, 2, 1200, 1001), 3, 2300, 1000);
        self::assertSame(['survey.no_plumb'], $asks($document));
        $document = Sample::plumb($document, 1, 'left', 100, 2300, 1);
        self::assertSame(['survey.no_height'], $asks($document));
        $diagonal = Sample::reading($document, Sample::id('D', 1), ['kind' => 'diagonal', 'rise' => 'rising_left'], 2600);
        self::assertSame(['survey.diagonal_unused'], $asks($diagonal));
        $document = Sample::reading($document, Sample::id('H', 1), ['kind' => 'height', 'side' => 'left'], 2400);
        self::assertSame([], $asks($document));
    }

    public function test_what_nobody_has_read_of_a_wall_stands_until_it_is_read(): void
    {
        $document = Sample::e1();
        $unread = Planned::of($document)->finding('survey.unread_left');
        // Widths at 100 and 1 200 reach 100 each way along the front; the back was read nowhere.
        self::assertSame([100, 2300], [$unread['says']['args']['from']['mm'], $unread['says']['args']['to']['mm']]);
        self::assertSame(['stage' => 'site', 'ref' => Sample::SPACE], $unread['place']);
        $left = Sample::reading($document, Sample::id('ED', 1), ['kind' => 'slid_edge', 'face' => 'left'], 8);
        $left['facts'][array_key_last($left['facts'])] += ['z' => 700, 'y' => 200];
        $codes = Planned::of($left)->codes();
        self::assertNotContains('survey.unread_left', $codes);
        self::assertContains('survey.unread_right', $codes);
        $proud = Planned::of($left)->finding('survey.proud_left')['says']['args'];
        self::assertSame([8, 700, 200], [$proud['by']['mm'], $proud['z']['mm'], $proud['y']['mm']]);
        $read = Sample::reading($left, Sample::id('AT', 1), ['kind' => 'width', 'z' => 700, 'y' => 200], 1203);
        self::assertNotContains('survey.proud_left', Planned::of($read)->codes());
        $left['facts'][array_key_last($left['facts'])]['struck'] = true;
        self::assertContains('survey.unread_left', Planned::of($left)->codes(), 'an edge struck out reads nothing');
    }

    public function test_struck_out_takes_count_for_nothing(): void
    {
        $document = Sample::e1();
        foreach (array_keys($document['facts']) as $id) {
            $document['facts'][$id]['struck'] = true;
        }
        self::assertSame(['survey.no_width'], Planned::of($document)->codes());
    }

    public function test_a_piece_deeper_than_its_niche_stands_proud_by_so_much(): void
    {
        $document = Sample::reading(Sample::e1(), Sample::id('DEEP', 1), ['kind' => 'depth', 'side' => 'left'], 350);
        self::assertNotContains('fit.stands_proud', Planned::of($document)->codes(), 'exactly as deep');
        $document['facts'][Sample::id('TAKE', 6)]['value'] = 341.5;
        self::assertSame(8.5, Planned::of($document)->finding('fit.stands_proud')['says']['args']['by']['mm']);
    }

    public function test_too_many_bays_for_the_width_says_what_they_need(): void
    {
        // 12 bays of 50 and 13 boards of 18 need 834; the carcass has 790.
        $document = Sample::width(Sample::bays(Sample::empty('mm'), array_fill(0, 12, [])), 1, 100, 800);
        $plan = Planned::of($document);
        $args = $plan->finding('piece.too_small_width')['says']['args'];
        self::assertSame([790, 834], [$args['has']['mm'], $args['need']['mm']]);
        self::assertSame([], $plan->plan['parts']);
    }

    public function test_a_set_back_that_leaves_no_room_between_the_plinths_boards_is_a_finding(): void
    {
        // 350 − 294 = 56: two boards of 18 and 20 between them; one less is too little.
        $document = Sample::e1();
        $document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::PLINTH]['set_back'] = 294;
        self::assertNotContains('piece.plinth_shallow', Planned::of($document)->codes());
        $document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::PLINTH]['set_back'] = 295;
        $plan = Planned::of($document);
        self::assertSame(55, $plan->finding('piece.plinth_shallow')['measured']);
        self::assertNotContains('part.rung', array_column(array_column($plan->plan['parts'], 'name'), 'key'));
    }
}
