<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Findings;

use Incastro\Core\Findings\Authority;
use Incastro\Core\Findings\Decision;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Fix;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use PHPUnit\Framework\TestCase;

final class FindingTest extends TestCase
{
    public function test_about_a_piece_it_says_what_to_do_about_what_it_says(): void
    {
        $finding = self::narrow();
        self::assertSame(['piece.bay_narrow.remedy', $finding->says->args], [$finding->remedy->key, $finding->remedy->args]);
        self::assertSame(['source.geometry', 'BAY1'], [$finding->source->key, $finding->place->ref]);
        self::assertSame([null, null, null, null], [$finding->measured, $finding->limit, $finding->fix, $finding->decides]);
    }

    public function test_what_is_said_after_is_added_and_takes_nothing_away(): void
    {
        $mm = Length::fromMillimetres(...);
        $fix = Fix::set(Text::of('piece.bay_narrow'), ['pieces', 'P', 'depth'], $mm(300));
        $whole = self::narrow()->measuring($mm(20), $mm(60))->curedBy($fix)->sourced('source.doors')->graded(Severity::Look)->accepted('It is for brooms.');
        self::assertSame([20, 60], [$whole->measured?->millimetres(), $whole->limit?->millimetres()]);
        self::assertSame([$fix, 'source.doors', Severity::Look, 'It is for brooms.'], [$whole->fix, $whole->source->key, $whole->severity, $whole->accepted]);
        self::assertSame(['piece.bay_narrow', 'BAY1'], [$whole->code, $whole->place->ref]);
    }

    public function test_the_order_in_which_it_is_said_does_not_matter_and_nothing_said_changes_nothing(): void
    {
        $mm = Length::fromMillimetres(...);
        $one = self::narrow()->measuring($mm(20), null)->graded(Severity::Note)->sourced('source.reach');
        $other = self::narrow()->sourced('source.reach')->graded(Severity::Note)->measuring($mm(20), null);
        self::assertEquals($one, $other);
        self::assertEquals($one, $one->measuring(null, null)->curedBy(null));
    }

    public function test_it_itself_stays_as_it_was(): void
    {
        $finding = self::narrow();
        $finding->graded(Severity::Note)->measuring(Length::zero(), Length::zero())->accepted('Yes.');
        self::assertEquals(self::narrow(), $finding);
    }

    public function test_it_holds_until_who_decides_lets_it_go_on(): void
    {
        $asked = self::narrow()->decidedBy(Authority::Landlord);
        $said = fn (bool $goesOn): Decision => new Decision('piece.bay_narrow', 'BAY1', 'Ada Moor', '2026-11-30', 'So be it.', $goesOn);
        self::assertFalse(self::narrow()->holds());
        self::assertTrue($asked->holds());
        self::assertTrue($asked->decided($said(false))->holds(), 'a no is an answer, not a way on');
        self::assertFalse($asked->decided($said(true))->holds());
        self::assertTrue($asked->graded(Severity::Note)->measuring(Length::zero(), null)->holds(), 'a lower grade lets nothing go on');
    }

    private static function narrow(): Finding
    {
        return Finding::ofPiece('piece.bay_narrow', Severity::Stop, 'BAY1', Text::of('piece.bay_narrow', bay: '1', has: Length::fromMillimetres(20)));
    }
}
