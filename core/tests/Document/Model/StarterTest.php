<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Document\Model;

use Incastro\Core\Document\Model\SpaceKind;
use Incastro\Core\Document\Model\Starter;
use Incastro\Core\Measure\Unit;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class StarterTest extends TestCase
{
    #[TestWith([Unit::Millimetre, 2440])]
    #[TestWith([Unit::Inch, 2438.4])]
    public function test_a_new_niche_asks_for_its_readings_and_plans_as_soon_as_there_is_a_width(Unit $unit, int|float $sheet): void
    {
        $n = 0;
        $document = (new Starter($unit, function () use (&$n): string {
            return Sample::id('ID', ++$n);
        }))->document(SpaceKind::Niche, 'Study', '2026-11-23');
        $plan = Planned::of($document);
        self::assertSame(['survey.no_width'], $plan->codes());
        $walk = array_values($plan->plan['site'])[0]['walk'];
        self::assertSame(['width', 'width', 'width', 'width', 'width', 'width', 'height', 'height', 'depth', 'depth',
            'diagonal', 'diagonal', 'corner_angle', 'plumb', 'plumb', 'plumb', 'slid_edge', 'slid_edge', 'level'], array_column($walk, 'kind'));
        self::assertSame([$sheet, $sheet], array_column($document['stock'], 'sheet_length'));

        $document['facts'][Sample::id('TAKE', 1)] = ['kind' => 'take', 'reading' => $walk[0]['id'], 'value' => 900, 'typed' => '900'];
        $measured = Planned::of($document);
        self::assertNotEmpty($measured->plan['parts']);
        self::assertSame(900, array_values($measured->plan['pieces'])[0]['clear']['mm']);
        self::assertContains('survey.too_few_widths', $measured->codes());
    }

    /** @return iterable<string, array{SpaceKind, Unit}> */
    public static function everyKind(): iterable
    {
        foreach (SpaceKind::cases() as $kind) {
            foreach (Unit::cases() as $unit) {
                yield "{$kind->value} in {$unit->value}" => [$kind, $unit];
            }
        }
    }

    #[DataProvider('everyKind')]
    public function test_every_kind_of_space_begins_with_readings_that_are_all_drawn_and_asked_for_in_words(SpaceKind $kind, Unit $unit): void
    {
        $n = 0;
        $document = (new Starter($unit, function () use (&$n): string {
            return Sample::id('ID', ++$n);
        }))->document($kind, 'Place', '2026-11-24');
        $plan = Planned::of($document)->plan;
        $site = array_values($plan['site'])[0];
        $drawn = [];
        foreach (['front', 'top', 'side'] as $view) {
            foreach ($plan['drawings'][array_key_first($plan['site'])][$view]['items'] as $item) {
                if ($item['kind'] === 'reading') {
                    $drawn[$item['ref']][] = $view;
                }
            }
        }
        foreach ($site['walk'] as $reading) {
            self::assertSame([$reading['view']], $drawn[$reading['id']] ?? null, $reading['kind']);
        }
        self::assertNotEmpty($site['doubt']['next'], 'nothing is read, so something is to be read');
    }

    /** @return iterable<string, array{SpaceKind, string, list<string>, list<string>}> kind, left side, forms it has, forms it has not */
    public static function forms(): iterable
    {
        yield 'niche' => [SpaceKind::Niche, 'wall', ['plumb_left', 'gap_back', 'square_right'], ['knee', 'mouth_width', 'flank_left', 'step_at_1']];
        yield 'open at the left' => [SpaceKind::Niche, 'open', ['plumb_right', 'corner_right'], ['plumb_left', 'corner_left', 'gap_left']];
        yield 'under a slope' => [SpaceKind::UnderSlope, 'wall', ['knee', 'slope_angle', 'slope_start', 'height_flat'], ['step_at_1']];
        yield 'under a stair' => [SpaceKind::UnderStair, 'wall', ['slope_rise', 'step_at_1', 'step_height_8'], ['mouth_width']];
        yield 'closet' => [SpaceKind::Closet, 'wall', ['mouth_width', 'return_right'], ['breast_width']];
        yield 'fireside' => [SpaceKind::Fireside, 'wall', ['flank_right', 'breast_width'], ['return_left']];
    }

    /**
     * @param  list<string>  $has
     * @param  list<string>  $hasNot
     */
    #[DataProvider('forms')]
    public function test_what_may_be_read_follows_from_the_surfaces_there_are(SpaceKind $kind, string $left, array $has, array $hasNot): void
    {
        $document = Sample::width(Sample::empty('mm'), 1, 150, 1000);
        $document['spaces'][Sample::SPACE] = ['kind' => $kind->value, 'left' => $left] + $document['spaces'][Sample::SPACE];
        $forms = array_column(array_values(Planned::of($document)->plan['site'])[0]['forms'], null, 'key');
        self::assertSame([], array_diff($has, array_keys($forms)));
        self::assertSame([], array_intersect($hasNot, array_keys($forms)));
        self::assertSame(150, $forms['plumb_right']['fixed']['from_z'] ?? 150, 'plumb begins where the sides were first read');
        foreach ($forms as $form) {
            $asked = $document;
            $asked['spaces'][Sample::SPACE]['readings'][Sample::id('NEW', 1)] = $form['fixed']
                + array_combine($form['asks'], array_map(fn (string $f): int => $f === 'from_z' ? 200 : 700, $form['asks']));
            $plan = Planned::of($asked);
            self::assertContains(Sample::id('NEW', 1), array_column(array_values($plan->plan['site'])[0]['walk'], 'id'), $form['key']);
        }
    }
}
