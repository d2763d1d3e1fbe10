<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Fit\Entry;

use Incastro\Core\Fit\Entry\Load;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** How many lift a thing: by what it weighs, and by how far its ends are apart. */
final class LoadTest extends TestCase
{
    #[TestWith([22.0, 1_400.0, 1])]
    #[TestWith([22.0, 1_470.0, 2])]
    #[TestWith([3.0, 2_400.0, 2])]
    #[TestWith([23.0, 600.0, 1])]
    #[TestWith([23.1, 600.0, 2])]
    #[TestWith([69.1, 2_000.0, 4])]
    public function test_how_many_lift_it(float $kg, float $longest, int $people): void
    {
        self::assertSame($people, Load::peopleFor($kg, $longest));
    }
}
