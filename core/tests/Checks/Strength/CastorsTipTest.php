<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Checks\Strength;

use Incastro\Core\Tests\Cut\Machining\Niche;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** A caddy in a bay 2200 less two boards = 2164 high: 45 of castors and 12 of play leave 2107, its middle 45 + 1053.5 = 1098.5 over the floor. */
final class CastorsTipTest extends TestCase
{
    public function test_a_tall_narrow_caddy_is_told_with_the_width_that_would_stand(): void
    {
        $finding = Planned::of(self::caddy(240))->finding('strength.castors_tip');
        // It stands on the floor, with neither bottom nor plinth under it: atan(108 / 1157.5) = 5.3°; 2 · 1157.5 · tan 10° = 408.2, up to 409.
        self::assertSame([5.3, 216, 1157.5],
            [$finding['says']['args']['deg']['degrees'], $finding['says']['args']['base']['mm'], $finding['says']['args']['centre']['mm']]);
        self::assertSame(409, $finding['remedy']['args']['wide']['mm']);
    }

    public function test_one_as_wide_as_said_stands_and_one_a_hair_narrower_does_not(): void
    {
        // 408.2 of base is a bay of 432.2; 408.1 a hair under 10°.
        self::assertNotContains('strength.castors_tip', Planned::of(self::caddy(432.3))->codes());
        self::assertContains('strength.castors_tip', Planned::of(self::caddy(432.1))->codes());
    }

    public function test_shelves_and_what_runs_on_slides_do_not_tip(): void
    {
        $slides = self::caddy(240);
        $slides['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::BOX]['bays'][Sample::id('BAY', 1)]['fill'] = ['kind' => 'pull_out',
            'on' => 'slides'];
        self::assertNotContains('strength.castors_tip', Planned::of($slides)->codes());
        self::assertNotContains('strength.castors_tip', Planned::of(Niche::document([], [[null], [null]]))->codes());
    }

    /** @return array<string, mixed> */
    private static function caddy(int|float $wide): array
    {
        $document = Niche::document([], [[], []]);
        $document['pieces'][Sample::PIECE]['depth'] = 500;
        $bay = &$document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::BOX]['bays'][Sample::id('BAY', 1)];
        $bay = ['order' => '00', 'width' => ['by' => 'fixed', 'value' => $wide], 'fill' => ['kind' => 'caddy']];

        return $document;
    }
}
