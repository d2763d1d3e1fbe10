<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Queries;

use Incastro\Core\Document\Model\Starter;
use Incastro\Core\Document\Model\ThingKind;
use Incastro\Core\Measure\Unit;
use Incastro\Core\Queries\AllAround;
use Incastro\Core\Tests\Demo;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** A baseboard is entered once: each wall has its own, as long as it is. */
final class AllAroundTest extends TestCase
{
    public function test_each_wall_has_one_as_long_as_it_is(): void
    {
        $document = Sample::reading(Sample::width(Sample::empty('mm'), 1, 100, 1000), Sample::id('D', 1), ['kind' => 'depth', 'side' => 'left'], 400);
        $document = Sample::reading($document, Sample::id('D', 2), ['kind' => 'depth', 'side' => 'right'], 380);
        self::assertSame([['back', 0, 1000], ['left', 0, 400], ['right', 0, 380]], self::placed($document));
        $document['spaces'][Sample::SPACE]['right'] = 'open';
        self::assertSame(['back', 'left'], array_column(self::placed($document), 0), 'an open side has no wall');
        $document['spaces'][Sample::SPACE]['left'] = 'appliance';
        self::assertSame(['back'], array_column(self::placed($document), 0));
    }

    public function test_before_anything_is_read_it_is_as_long_as_it_usually_is(): void
    {
        [$usual] = [self::starter()->thing(ThingKind::Baseboard)['width']];
        self::assertSame([['back', 0, $usual], ['left', 0, $usual], ['right', 0, $usual]], self::placed(Sample::empty('mm')));
    }

    public function test_put_there_it_stays_within_its_walls_in_every_room_of_the_demo_house(): void
    {
        foreach (Demo::documents() as $name => $document) {
            foreach (array_keys($document['spaces']) as $space) {
                foreach (self::ops($document, (string) $space) as $op) {
                    $document['spaces'][$space]['things'][$op['path'][3]] = $op['value'];
                }
            }
            self::assertNotContains('site.thing_outside', Planned::of($document)->codes(), $name);
        }
    }

    /**
     * @param  array<string, mixed>  $document
     * @return list<array{string, int|float, int|float}> face, from where, how long
     */
    private static function placed(array $document): array
    {
        return array_map(fn (array $op): array => [$op['value']['face'], $op['value']['across'], $op['value']['width']], self::ops($document, Sample::SPACE));
    }

    /**
     * @param  array<string, mixed>  $document
     * @return list<array<string, mixed>>
     */
    private static function ops(array $document, string $space): array
    {
        $count = 0;

        return AllAround::ops($document, $space, self::starter()->thing(ThingKind::Baseboard), function () use (&$count): string {
            return Sample::id('AR0VND', ++$count);
        });
    }

    private static function starter(): Starter
    {
        return new Starter(Unit::Millimetre, fn (): string => Sample::id('N', 1));
    }
}
