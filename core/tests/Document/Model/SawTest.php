<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Document\Model;

use Incastro\Core\Document\Model\Saw;
use Incastro\Core\Document\Model\SawKind;
use Incastro\Core\Document\Model\Saws;
use Incastro\Core\Document\Model\WantedCut;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A piece of 2000 × 600 on the saw; in plain numbers, as a saw reckons in whatever unit it is told. */
final class SawTest extends TestCase
{
    #[DataProvider('cuts')]
    public function test_a_cut_within_its_limits_is_made_and_one_past_them_is_not(bool $cuts, Saw $saw, WantedCut $cut): void
    {
        self::assertSame($cuts, $saw->cuts($cut));
    }

    /** @return iterable<string, array{bool, Saw, WantedCut}> */
    public static function cuts(): iterable
    {
        $across = new WantedCut('x', 2000, 600, 300, 2);
        $along = new WantedCut('y', 2000, 600, 300, 2);
        yield 'without limits' => [true, new Saw(SawKind::Guided), $along];
        yield 'a mitre saw does not rip' => [false, new Saw(SawKind::Mitre), $along];
        yield 'across, the saw runs as far as the piece is wide' => [true, new Saw(SawKind::Mitre, longestCut: 600), $across];
        yield 'and no further' => [false, new Saw(SawKind::Mitre, longestCut: 599), $across];
        yield 'along, it runs as far as the piece is long' => [true, new Saw(SawKind::Guided, longestCut: 2000), $along];
        yield 'a rail that is shorter' => [false, new Saw(SawKind::Guided, longestCut: 1999), $along];
        yield 'a fence just wide enough' => [true, new Saw(SawKind::Table, widestFence: 300), $along];
        yield 'a fence too near' => [false, new Saw(SawKind::Table, widestFence: 299), $along];
        yield 'the largest piece one may push' => [true, new Saw(SawKind::Table, largestPiece: [2000, 600]), $along];
        yield 'too long to push' => [false, new Saw(SawKind::Table, largestPiece: [1999, 600]), $along];
        yield 'too wide to push' => [false, new Saw(SawKind::Table, largestPiece: [2000, 599]), $along];
        yield 'the last change of direction' => [true, new Saw(SawKind::Shop, stages: 2), $along];
        yield 'one too many' => [false, new Saw(SawKind::Shop, stages: 1), $along];
    }

    public function test_the_handiest_that_can_makes_it_in_whatever_order_they_are_named(): void
    {
        $saws = new Saws([new Saw(SawKind::Guided), new Saw(SawKind::Table, widestFence: 300), new Saw(SawKind::Mitre, longestCut: 300)]);
        self::assertSame(SawKind::Mitre, $saws->for(new WantedCut('x', 2000, 300, 900, 1))?->kind);
        self::assertSame(SawKind::Table, $saws->for(new WantedCut('y', 2000, 300, 300, 1))?->kind);
        self::assertSame(SawKind::Guided, $saws->for(new WantedCut('y', 2000, 600, 301, 1))?->kind);
    }

    public function test_with_none_named_any_cut_is_allowed_by_no_saw_and_with_one_only_what_it_makes(): void
    {
        $cut = new WantedCut('y', 2000, 600, 300, 1);
        self::assertTrue((new Saws)->allow($cut));
        self::assertNull((new Saws)->for($cut));
        self::assertTrue((new Saws([new Saw(SawKind::Shop, stages: 0)]))->allow($cut), 'the shop is not at home');
        self::assertFalse((new Saws([new Saw(SawKind::Mitre)]))->allow($cut));
    }
}
