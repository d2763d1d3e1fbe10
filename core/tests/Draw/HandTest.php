<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Draw;

use Incastro\Core\Geometry\Place3;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Geometry\View;
use Incastro\Core\Measure\Length;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** One left-hand bracket keeps its hand in every view and export. */
final class HandTest extends TestCase
{
    public function test_a_bracket_keeps_its_hand_in_each_view(): void
    {
        // An upright on the left wall, its arm to the right, its lip toward the room.
        [$heel, $arm, $lip, $head] = [self::at(0, 0, 0), self::at(200, 0, 0), self::at(0, 100, 0), self::at(0, 0, 300)];
        foreach ([[View::Front, $arm, $head], [View::Side, $lip, $head]] as [$view, $right, $up]) {
            $o = $view->project($heel);
            self::assertTrue($view->project($right)->across->isGreaterThan($o->across), "$view->value: right is right");
            self::assertTrue($view->project($up)->up->isGreaterThan($o->up), "$view->value: up is up");
        }
        $top = View::Top;
        self::assertTrue($top->project($arm)->across->isGreaterThan($top->project($heel)->across));
        self::assertTrue($top->project($lip)->up->isLessThan($top->project($heel)->up), 'toward the room is down the page');
    }

    public function test_the_solid_turns_the_house_right_handed_without_mirroring_it(): void
    {
        // In the house x, y, z are left-handed: seen from the room x is right, z up, y toward the eye, and x × z points away.
        $x = self::at(1, 0, 0)->toRightHanded();
        $y = self::at(0, 1, 0)->toRightHanded();
        $z = self::at(0, 0, 1)->toRightHanded();
        $n = fn (Place3 $p): array => [$p->x->units <=> 0, $p->y->units <=> 0, $p->z->units <=> 0];
        self::assertSame([[1, 0, 0], [0, -1, 0], [0, 0, 1]], [$n($x), $n($y), $n($z)]);
        // Looking along +y of the right-handed frame (from the room), x is still to the right and z up: Front agrees.
        self::assertEquals(new Point($x->x, $x->z), View::Front->project(self::at(1, 0, 0)));
    }

    public function test_a_left_hand_part_is_left_in_the_list_and_on_every_drawing(): void
    {
        $plan = Planned::of(Sample::e1());
        foreach (['left', 'right'] as $hand) {
            $part = $plan->part("side_$hand");
            self::assertSame($hand, $part['hand']);
            foreach (['front', 'top'] as $view) {
                $drawing = $plan->plan['drawings'][Sample::PIECE][$view];
                $shape = array_values(array_filter($drawing['items'], fn (array $i): bool => $i['ref'] === $part['id']))[0];
                $middle = array_sum(array_column($shape['points'], 0)) / 4;
                self::assertSame($hand, $middle < 604 ? 'left' : 'right', "$view: carcass runs from 21 to 1187");
            }
        }
    }

    private static function at(int $x, int $y, int $z): Place3
    {
        return new Place3(Length::fromMillimetres($x), Length::fromMillimetres($y), Length::fromMillimetres($z));
    }
}
