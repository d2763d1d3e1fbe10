<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Fit\Motion;

use Incastro\Core\Fit\Motion\Struts;
use PHPUnit\Framework\TestCase;

/** Both conditions of a flap on struts, by hand. */
final class StrutsTest extends TestCase
{
    public function test_a_level_lid_by_hand(): void
    {
        // 6 kg, centre 250 from the hinge: W = 58.86 N. Shut level: M = 58.86 · 250 = 14 715 N·mm. Open at 80°: · cos 80° = 2 555.2.
        $struts = new Struts(6.0, 250.0, 0.0, 80.0, 200.0, 180.0, 180.0);
        self::assertEqualsWithDelta(14_715.0, $struts->moment(0.0), 0.5);
        self::assertEqualsWithDelta(2_555.2, $struts->moment(80.0), 0.5);
        // Shut: from (180, −180) to (200, 0): along (20, 180), 181.1 long; lever (200·180 − 0·20)/181.1 = 198.8.
        self::assertEqualsWithDelta(198.8, $struts->arm(0.0), 0.05);
        // Open: to (34.73, 196.96): along (−145.27, 376.96), 403.98; lever (34.73·376.96 + 196.96·145.27)/403.98 = 103.2.
        self::assertEqualsWithDelta(103.2, $struts->arm(80.0), 0.05);
        $ratings = $struts->ratings(2, 1.3);
        // Holds: 1.2 · 2555.2/(2 · 103.2) = 14.9 N each. Stays shut: 0.9 · 14715/(2 · 1.3 · 198.8) = 25.6 N each.
        self::assertEqualsWithDelta(14.9, $ratings['holds_from'], 0.05);
        self::assertEqualsWithDelta(25.6, $ratings['shuts_to'], 0.05);
    }

    public function test_exactly_at_the_limits_and_either_side(): void
    {
        $struts = new Struts(6.0, 250.0, 0.0, 80.0, 200.0, 180.0, 180.0);
        ['holds_from' => $holds, 'shuts_to' => $shuts] = $struts->ratings(2, 1.3);
        self::assertEqualsWithDelta(1.2 * $struts->moment(80.0), 2 * $holds * $struts->arm(80.0), 1e-6);
        self::assertEqualsWithDelta(0.9 * $struts->moment(0.0), 2 * 1.3 * $shuts * $struts->arm(0.0), 1e-6);
        self::assertGreaterThan(2 * ($holds - 0.1) * $struts->arm(80.0), 1.2 * $struts->moment(80.0), 'a tenth weaker does not hold');
        self::assertLessThan(2 * 1.3 * ($shuts + 0.1) * $struts->arm(0.0), 0.9 * $struts->moment(0.0), 'a tenth stronger does not stay shut');
    }

    public function test_more_struts_may_each_be_weaker(): void
    {
        $struts = new Struts(6.0, 250.0, 0.0, 80.0, 200.0, 180.0, 180.0);
        self::assertEqualsWithDelta($struts->ratings(1, 1.3)['holds_from'], 2 * $struts->ratings(2, 1.3)['holds_from'], 1e-9);
    }

    public function test_a_flap_that_hangs_straight_down_has_no_moment_and_wants_a_catch(): void
    {
        $struts = new Struts(5.0, 200.0, -90.0, 0.0, 130.0, -50.0, 145.0);
        self::assertEqualsWithDelta(0.0, $struts->moment(-90.0), 1e-6);
        self::assertEqualsWithDelta(0.0, $struts->ratings()['shuts_to'], 1e-6, 'any push opens it');
        self::assertGreaterThan(0.0, $struts->ratings()['holds_from']);
    }

    public function test_past_upright_it_holds_by_itself_and_over_centre_it_pulls_shut(): void
    {
        self::assertSame(0.0, (new Struts(6.0, 250.0, 0.0, 100.0, 200.0, 180.0, 180.0))->ratings()['holds_from']);
        // Mounted above the line from the hinge to the flap's own mounting: shut, it pulls downward.
        self::assertNull((new Struts(6.0, 250.0, 0.0, 80.0, 200.0, 180.0, -20.0))->ratings()['shuts_to']);
    }
}
