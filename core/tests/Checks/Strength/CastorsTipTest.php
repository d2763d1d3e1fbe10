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
        // atan(108 / 1098.5) = 5.6°; 2 · 1098.5 · tan 10° = 387.4, up to 388.
        self::assertSame([5.6, 216, 1098.5],
            [$finding['says']['args']['deg']['degrees'], $finding['says']['args']['base']['mm'], $finding['says']['args']['centre']['mm']]);
        self::assertSame(388, $finding['remedy']['args']['wide']['mm']);
    }

    public function test_one_as_wide_as_said_stands_and_one_a_hair_narrower_does_not(): void
    {
        // 387.4 of base is a bay of 411.4; 387.3 a hair under 10°.
        self::assertNotContains('strength.castors_tip', Planned::of(self::caddy(411.5))->codes());
        self::assertContains('strength.castors_tip', Planned::of(self::caddy(411.3))->codes());
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
