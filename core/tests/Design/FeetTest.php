<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Design;

use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Fit\Units\Unit;
use Incastro\Core\Fit\Units\UnitKind;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Planning\Planning;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** What keeps uprights together where nothing is under a bay, and what carries a divider over a toe kick; in the box of FillsTest. */
final class FeetTest extends TestCase
{
    /** A bay that something rolls out of has no bottom: 964 × 90 behind it, 10 over the floor, screwed to both sides, so that one box is carried in. */
    public function test_a_rail_at_the_foot_holds_the_sides(): void
    {
        $built = self::built(['kind' => 'pull_out', 'shelves' => 2]);
        $rail = self::named($built, ':foot_rail')[0];
        self::assertSame([964, 90], [$rail->length->value->millimetres(), $rail->width->value->millimetres()]);
        self::assertSame(10, $rail->block->from(Axis::Z)->minus($built->box->floor)->millimetres());
        $held = array_filter($built->joints(JointKind::Screws), fn (array $j): bool => $j[2] === $rail);
        self::assertCount(2, $held);
        self::assertCount(1, array_filter($built->units, fn (Unit $u): bool => $u->kind === UnitKind::Carcass));
        $post = self::named($built, ':pull_post')[0];
        self::assertFalse($post->block->from(Axis::Y)->isLessThan($rail->block->to(Axis::Y)), 'what rolls stands before it');
    }

    public function test_there_is_none_where_nothing_rolls_and_none_in_what_hangs(): void
    {
        self::assertSame([], self::named(self::built(['kind' => 'pull_out', 'on' => 'slides']), ':foot_rail'));
        self::assertSame([], self::named(self::built(['kind' => 'open'], ['open_floor' => true]), ':foot_rail'));
        $document = FillsTest::bay(['kind' => 'pull_out']);
        $document['pieces'][Sample::PIECE]['height'] = 700;
        $document['pieces'][Sample::PIECE]['width'] = 900;
        $document['pieces'][Sample::PIECE]['stand'] = ['from' => 'left', 'at' => 20, 'up' => 1_200];
        unset($document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::PLINTH]);
        self::assertSame([], self::named(array_values((new Planning($document))->pieces())[0], ':foot_rail'));
    }

    /** Two dividers over a kick of 80: a bearer under each from behind the toe board to the rear, pocketed; over one of 50 it stands beside that line. */
    public function test_a_bearer_under_each_divider_over_a_toe_kick(): void
    {
        foreach ([80 => JointKind::PocketScrews, 50 => JointKind::Screws] as $high => $kind) {
            $built = self::kicked($high);
            $dividers = $built->boards(Role::Divider);
            $bearers = self::named($built, ':toe_bearer');
            self::assertCount(2, $bearers);
            foreach ($bearers as $i => $bearer) {
                self::assertSame($high, $bearer->width->value->millimetres());
                $own = array_values(array_filter($built->joints($kind), fn (array $j): bool => $j[2] === $bearer));
                self::assertCount(1, $own, "$high high");
                $beside = $dividers[$i]->block->from(Axis::X)->minus($bearer->block->from(Axis::X))->millimetres();
                self::assertSame($high < 56 ? 18 : 0, $beside);
            }
            $toe = self::named($built, ':toe_board')[0];
            self::assertEquals($toe->block->from(Axis::Y), $bearers[0]->block->to(Axis::Y));
        }
    }

    /** On a bay open to the floor between two others there is no bottom, and no bearer. */
    public function test_no_bearer_beside_a_bay_without_a_bottom(): void
    {
        $built = self::kicked(80, ['open_floor' => true]);
        self::assertSame([], self::named($built, ':toe_bearer'));
    }

    /** @param  array<string, mixed>  $middle  of the middle bay */
    private static function kicked(int $high, array $middle = []): PlacedPiece
    {
        $document = FillsTest::bay(['kind' => 'open']);
        $bands = &$document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'];
        $bands[Sample::PLINTH] = ['order' => 'a', 'kind' => 'toe_kick', 'height' => $high, 'set_back' => 40];
        $bands[Sample::BOX]['bays'] += [Sample::id('BAY', 2) => ['order' => 'b', 'fill' => ['kind' => 'open']] + $middle,
            Sample::id('BAY', 3) => ['order' => 'c', 'fill' => ['kind' => 'open']]];

        return array_values((new Planning($document))->pieces())[0];
    }

    /**
     * @param  array<string, mixed>  $fill
     * @param  array<string, mixed>  $also
     */
    private static function built(array $fill, array $also = []): PlacedPiece
    {
        return array_values((new Planning(FillsTest::bay($fill, $also)))->pieces())[0];
    }

    /** @return list<Panel> */
    private static function named(PlacedPiece $built, string $end): array
    {
        return array_values(array_filter($built->fit->panels, fn (Panel $p): bool => str_ends_with($p->id, $end)));
    }
}
