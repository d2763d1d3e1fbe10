<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Checks\Strength;

use Incastro\Core\Assembly\Loads\Bending;
use Incastro\Core\Document\Change\Change;
use Incastro\Core\Document\Change\Changes;
use Incastro\Core\Tests\Cut\Machining\Niche;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Shelves under load: against a beam of small pieces, by hand, and through whole documents. */
final class ShelfSagsTest extends TestCase
{
    /**
     * Books on 900 of 18 mm birch ply, 300 deep: 0.0370 kg/mm and 0.00367 of its own, 0.3990 N/mm; I = 145 800; 5·w·L⁴/384EI = 2.338, a fifth
     * less glued and let in;
     * wL²/8 = 40 400 on 300 · 18²/6 = 16 200. */
    public function test_by_hand(): void
    {
        $load = (0.037 + 300 * 18 * 680e-9) * 9.81;
        $loose = new Bending(900, 300, 18, 10_000, $load, false);
        self::assertEqualsWithDelta(0.3990, $load, 1e-4);
        self::assertEqualsWithDelta(2.338, $loose->sag(), 0.001);
        self::assertEqualsWithDelta(0.8 * 2.338, (new Bending(900, 300, 18, 10_000, $load, true))->sag(), 0.001);
        self::assertEqualsWithDelta($load * 900 ** 2 / 8 / 16_200, $loose->stress(), 1e-9);
        self::assertEqualsWithDelta($loose->sag() / 16, $loose->cut(2)->sag(), 1e-9, 'half as long, a sixteenth');
        self::assertEqualsWithDelta(36, $loose->thicknessFor($loose->sag() / 8), 1e-9, 'twice as thick, an eighth');
    }

    #[DataProvider('beams')]
    public function test_against_a_beam_of_small_pieces(float $length, float $stiffness, float $load): void
    {
        $bending = new Bending($length, 280, 19, $stiffness, $load);
        self::assertEqualsWithDelta(self::byPieces($bending), $bending->sag(), 0.002 * $bending->sag());
    }

    /** @return iterable<string, array{float, float, float}> */
    public static function beams(): iterable
    {
        yield 'ply' => [900.0, 10_000.0, 0.4];
        yield 'particleboard' => [600.0, 2_000.0, 0.6];
        yield 'pine' => [1500.0, 9_000.0, 0.25];
    }

    /** One niche of 1000, shelves 964 between the sides, on pins: books are too much, linen is not; a nosing cures it, screwing its ends
     * does not: sides of 18 give way. */
    public function test_books_on_loose_shelves_are_told_and_the_fix_cures_it(): void
    {
        $document = self::holding('books');
        $plan = Planned::of($document);
        $finding = $plan->finding('strength.shelf_sags');
        // 39.55 kg/m and its own 4.28: 0.4300 N/mm over 964, I = 170 100, and 1.8 times in the end.
        $by = (37 * 0.35 / 0.3 / 1000 + 350 * 18 * 680e-9) * 9.81;
        self::assertEqualsWithDelta(5 * $by * 964 ** 4 / (384 * 10_000 * 350 * 18 ** 3 / 12) * 1.8, $finding['measured'], 0.1);
        self::assertSame([4.8, 'piece'], [$finding['limit'], $finding['place']['stage']], '964/200, down to a tenth');
        self::assertSame('strength.shelf_sags.nose', $finding['remedy']['key']);
        $fixed = Changes::apply($document, Change::read(['change_id' => Sample::id('CHG', 1), 'base_revision' => 1, 'ops' => $finding['fix']['ops']]))
            ->document;
        self::assertNotContains('strength.shelf_sags', Planned::of($fixed)->codes());
        $screwed = $document;
        $screwed['methods']['shelves'] = 'fixed';
        self::assertSame($finding['measured'], Planned::of($screwed)->finding('strength.shelf_sags')['measured']);
        // A back screwed along them takes half.
        $screwed['methods']['back'] = 'applied';
        self::assertNotContains('strength.shelf_sags', Planned::of($screwed)->codes());
        self::assertNotContains('strength.shelf_sags', Planned::of(self::holding('linen'))->codes());
    }

    public function test_a_narrower_bay_passes_and_a_weaker_board_fails(): void
    {
        self::assertNotContains('strength.shelf_sags', Planned::of(self::holding('books', [[null, null], [null, null]]))->codes());
        $weak = self::holding('linen');
        $weak['stock'][Sample::PLY]['made_of'] = 'particleboard';
        self::assertContains('strength.shelf_sags', Planned::of($weak)->codes());
    }

    /** The load at which 1.8 times the sag is L/200 just, from the formula turned round; 10 g more is too much. */
    public function test_exactly_on_the_limit_is_not_said(): void
    {
        $most = 384 * 10_000 * (350 * 18 ** 3 / 12) / (5 * 964 ** 4) * 964 / 200 / 1.8;
        $kg = ($most / 9.81 - 350 * 18 * 680e-9) * 964;
        $codes = function (float $kg): array {
            $document = self::holding('linen', [[500]]);
            $document['stored'] = [Sample::id('THNG', 1) => ['name' => 'Box', 'order' => 'a', 'width' => 300,
                'depth' => 300, 'height' => 200, 'kg' => $kg, 'count' => 2, 'bay' => Sample::id('BAY', 1)]];

            return Planned::of($document)->codes();
        };
        // Two boxes on one shelf and the floor: one each.
        self::assertNotContains('strength.shelf_sags', $codes($kg));
        self::assertContains('strength.shelf_sags', $codes($kg + 0.01));
    }

    public function test_what_is_accepted_stays_listed_with_its_reason(): void
    {
        $document = self::holding('books');
        $finding = Planned::of($document)->finding('strength.shelf_sags');
        self::assertNull($finding['accepted']);
        $document['accepted'] = [Sample::id('ACC', 1) => ['code' => 'strength.shelf_sags',
            'ref' => $finding['place']['ref'], 'reason' => 'Only the lowest holds books.']];
        self::assertSame('Only the lowest holds books.', Planned::of($document)->finding('strength.shelf_sags')['accepted']);
        $document['accepted'][Sample::id('ACC', 1)]['ref'] = 'elsewhere';
        self::assertNull(Planned::of($document)->finding('strength.shelf_sags')['accepted']);
    }

    /**
     * @param  list<list<int|float|null>>  $bays
     * @return array<string, mixed>
     */
    private static function holding(string $what, array $bays = [[null, null]]): array
    {
        $document = Niche::document(['shelves' => 'pins'], $bays);
        foreach ($document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::BOX]['bays'] as &$bay) {
            $bay['fill']['load'] = $what;
        }

        return $document;
    }

    /** E·I·y⁗ = w by finite differences on 400 pieces, by elimination: y = 0 and y″ = 0 at the ends. */
    private static function byPieces(Bending $b): float
    {
        $n = 400;
        $h = $b->length / $n;
        $right = $b->load * $h ** 4 / ($b->stiffness * $b->width * $b->thickness ** 3 / 12);
        // Five diagonals for y₁ … yₙ₋₁; the point beyond an end mirrors the one before it, upside down where the end turns freely.
        $mirror = -1.0;
        $rows = [];
        for ($i = 1; $i < $n; $i++) {
            $rows[$i] = [$i - 2 => 1.0, $i - 1 => -4.0, $i => 6.0 + ($i === 1 || $i === $n - 1 ? $mirror : 0.0), $i + 1 => -4.0, $i + 2 => 1.0];
            $rows[$i] = array_filter($rows[$i], fn (int $k): bool => $k >= 1 && $k < $n, ARRAY_FILTER_USE_KEY);
        }
        $y = array_fill(1, $n - 1, $right);
        for ($i = 1; $i < $n; $i++) {
            foreach ([$i + 1, $i + 2] as $below) {
                $factor = isset($rows[$below][$i]) ? $rows[$below][$i] / $rows[$i][$i] : 0.0;
                foreach ($factor === 0.0 ? [] : [$i, $i + 1, $i + 2] as $k) {
                    if (isset($rows[$i][$k])) {
                        $rows[$below][$k] = ($rows[$below][$k] ?? 0.0) - $factor * $rows[$i][$k];
                    }
                }
                if ($factor !== 0.0) {
                    $y[$below] -= $factor * $y[$i];
                }
            }
        }
        for ($i = $n - 1; $i >= 1; $i--) {
            foreach ([$i + 1, $i + 2] as $k) {
                $y[$i] -= ($rows[$i][$k] ?? 0.0) * ($y[$k] ?? 0.0);
            }
            $y[$i] /= $rows[$i][$i];
        }

        return $y[$n / 2];
    }
}
