<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Fit\Entry;

use Incastro\Core\Document\Model\WayKind;
use Incastro\Core\Document\Model\WaySegment;
use Incastro\Core\Fit\Entry\Journey;
use Incastro\Core\Fit\Entry\Load;
use Incastro\Core\Fit\Entry\Passing;
use Incastro\Core\Fit\Entry\Pose;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Queries\EntrySearch;
use Incastro\Core\Tests\Cut\Machining\Niche;
use Incastro\Core\Tests\Demo;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** A box along the whole way in, not stretch by stretch. */
final class JourneyTest extends TestCase
{
    /** 900 × 400 × 2100: through a door of 2000 only lying, round a corner of 500 only upright; standing it up takes √(2100² + 400²) = 2137.8. */
    public function test_a_box_that_would_have_to_be_stood_up_between(): void
    {
        $box = self::box(900, 400, 2100);
        $low = self::way('low', WayKind::Door, 1000, 2000);
        $narrow = fn (int $high): WaySegment => self::way('narrow', WayKind::Corner, 950, $high, 500);
        self::assertNotContains(Pose::Upright, Passing::poses($low, $box));
        self::assertSame([Pose::Upright], Passing::poses($narrow(2137), $box));
        $cannot = Journey::of(['a' => $low, 'b' => $narrow(2137)], $box);
        self::assertNull($cannot->blocked);
        self::assertSame(['low', 'narrow'], [$cannot->turned[0]->name ?? '', $cannot->turned[1]->name ?? '']);
        self::assertEqualsWithDelta([hypot(2100, 400), 2137.0], array_slice($cannot->turned ?? [], 2), 1e-9);
        self::assertNull(Journey::of(['a' => $low, 'b' => $narrow(2138)], $box)->turned);
        self::assertNull(Journey::of(['a' => self::way('high', WayKind::Door, 1000, 2200), 'b' => $narrow(2137)], $box)->turned, 'it comes upright');
        self::assertSame('tight', Journey::of(['a' => $low, 'b' => self::way('tight', WayKind::Door, 390, 390)], $box)->blocked?->name);
    }

    /** What nobody has read is not known: neither a finding nor an answer says that it goes. */
    public function test_an_unread_way_in_is_not_known(): void
    {
        $closet = Demo::document('signal-cabin-closet');
        self::assertContains('fit.way_unread', Planned::of($closet)->codes());
        $closet['way_in'] = [Sample::id('WAY', 1) => ['order' => 'a', 'kind' => 'door', 'name' => 'Door', 'width' => 2400, 'height' => 2400]];
        self::assertNotContains('fit.way_unread', Planned::of($closet)->codes());
        // 1000 × 350 × 2200 passes any usual door on its side, and no turn of 700: √2 · 1400 − 2 · 350 = 1280.
        $document = Niche::document();
        self::assertContains('fit.way_unread', Planned::of($document)->codes());
        // Lower it passes both: nothing is told, and still nobody says that it goes.
        $document['pieces'][Sample::PIECE]['height'] = 900;
        self::assertNotContains('fit.way_unread', Planned::of($document)->codes());
        self::assertSame('not_known', EntrySearch::of($document, Sample::PIECE)[0]['verdict']);
        $document['way_in'] = [Sample::id('WAY', 1) => ['order' => 'a', 'kind' => 'door', 'name' => 'Door', 'width' => 1100, 'height' => 2300]];
        self::assertNotSame('not_known', EntrySearch::of($document, Sample::PIECE)[0]['verdict']);
    }

    /** 2221 × 559 × 2308 through a mouth of 914 × 2027: neither upright nor on its side. */
    public function test_the_mouth_of_a_closet_is_a_door_too(): void
    {
        $finding = Planned::of(Demo::document('signal-cabin-closet'))->finding('fit.way_narrow');
        self::assertSame('way.mouth_of', $finding['says']['args']['way']['text']['key']);
        self::assertEqualsWithDelta(2221.1 - 2027.2, $finding['measured'], 0.3);
    }

    private static function box(float $wide, float $deep, float $high): Load
    {
        return new Load('box', Text::of('entry.box'), Block::nothing(), 50.0, $wide, $deep, $high, [[0.0, 0.0], [$deep, 0.0], [$deep, $high], [0.0, $high]]);
    }

    private static function way(string $name, WayKind $kind, int $width, int $height, ?int $into = null): WaySegment
    {
        return new WaySegment($name, $kind, $name, Length::fromMillimetres($width), Length::fromMillimetres($height),
            $into === null ? null : Length::fromMillimetres($into), null, null);
    }
}
