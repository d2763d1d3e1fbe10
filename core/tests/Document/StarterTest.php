<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Document;

use Incastro\Core\Document\Starter;
use Incastro\Core\Measure\Unit;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
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
        }))->niche('Study', '2026-11-23');
        $plan = Planned::of($document);
        self::assertSame(['survey.no_width'], $plan->codes());
        $walk = array_values($plan->plan['site'])[0]['walk'];
        self::assertSame(['width', 'width', 'width', 'height', 'height', 'depth', 'depth', 'diagonal', 'diagonal', 'plumb', 'plumb', 'level'], array_column($walk, 'kind'));
        self::assertSame([$sheet, $sheet], array_column($document['stock'], 'sheet_length'));

        $document['facts'][Sample::id('TAKE', 1)] = ['kind' => 'take', 'reading' => $walk[0]['id'], 'value' => 900, 'typed' => '900'];
        $measured = Planned::of($document);
        self::assertNotEmpty($measured->plan['parts']);
        self::assertSame(900, array_values($measured->plan['pieces'])[0]['clear']['mm']);
        self::assertContains('survey.too_few_widths', $measured->codes());
    }
}
