<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Cut;

use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

final class LabelsTest extends TestCase
{
    public function test_boards_alike_share_a_letter_and_each_has_its_number(): void
    {
        $plan = Planned::of(Sample::bays(Sample::e1(), [[null, null], [null]]));
        $labels = fn (string $key): array => array_column(array_filter($plan->plan['parts'], fn (array $p): bool => $p['name']['key'] === $key), 'label');
        $shelves = $labels('part.shelf');
        self::assertCount(1, array_unique(array_map(fn (string $l): string => $l[0], $shelves)));
        self::assertSame(['1', '2', '3'], array_map(fn (string $l): string => substr($l, 1), $shelves));
        self::assertNotSame($labels('part.side_left')[0][0], $labels('part.side_right')[0][0], 'hands are never mixed up');
        $all = array_column($plan->plan['parts'], 'label');
        self::assertSame($all, array_unique($all));
    }
}
