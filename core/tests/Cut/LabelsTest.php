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
        $document = Sample::e1();
        // Behind a lip the left side is less deep, and the screws in that end of a shelf lie elsewhere.
        $document['pieces'][Sample::PIECE]['left']['kind'] = 'filler';
        $plan = Planned::of(Sample::bays($document, [[null, null], [null]]));
        $labels = fn (string $key): array => array_column(array_filter($plan->plan['parts'], fn (array $p): bool => $p['name']['key'] === $key), 'label');
        $shelves = $labels('part.shelf');
        self::assertCount(1, array_unique(array_map(fn (string $l): string => $l[0], $shelves)));
        self::assertSame(['1', '2', '3'], array_map(fn (string $l): string => substr($l, 1), $shelves));
        self::assertNotSame($labels('part.side_left')[0][0], $labels('part.side_right')[0][0], 'hands are never mixed up');
        $all = array_column($plan->plan['parts'], 'label');
        self::assertSame($all, array_unique($all));
    }

    public function test_boards_of_one_size_with_other_holes_have_other_letters(): void
    {
        $plan = Planned::of(Sample::bays(Sample::e1(), [[null, null], [null]]));
        $letters = array_map(fn (array $p): string => $p['label'][0],
            array_filter($plan->plan['parts'], fn (array $p): bool => $p['name']['key'] === 'part.shelf'));
        self::assertSame(2, count(array_unique($letters)));
    }
}
