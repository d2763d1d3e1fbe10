<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Survey;

use Incastro\Core\Document\Reading\ProjectReader;
use Incastro\Core\Survey\Known;
use Incastro\Core\Survey\Need;
use Incastro\Core\Survey\Surveyor;
use Incastro\Core\Tests\Demo;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** How we know: of every size the readings it comes from, and how much of each goes into it. */
final class BehindTest extends TestCase
{
    public function test_a_size_is_moved_by_a_reading_as_much_as_is_said(): void
    {
        $document = Sample::readAllOver(Sample::width(Sample::e1(), 4, 1200, 1205, 'back'));
        foreach (self::known($document)['clear_width']->behind as $id => $share) {
            $takes = array_keys(array_filter($document['facts'], fn (array $f): bool => $f['reading'] === $id));
            $more = $document;
            foreach ($takes as $take) {
                $by = isset($more['facts'][$take]['deg']) ? 'deg' : 'value';
                $more['facts'][$take][$by] += 0.02;
            }
            $moved = self::known($more)['clear_width']->stated - self::known($document)['clear_width']->stated;
            // The size is of all ways the walls may be, the share of the likeliest.
            self::assertEqualsWithDelta($share, $moved / 0.02, 0.15 + 0.1 * abs($share), "$id");
        }
    }

    public function test_where_nothing_was_read_there_is_nothing_behind_it(): void
    {
        $known = self::known(Sample::width(Sample::empty('mm'), 1, 100, 1000));
        self::assertSame([], $known['height']->behind);
        self::assertSame([Sample::id('W', 1)], array_keys($known['clear_width']->behind));
        self::assertEqualsWithDelta(1.0, $known['clear_width']->behind[Sample::id('W', 1)], 0.01);
    }

    public function test_every_size_of_the_demo_house_comes_from_readings_of_its_own_list(): void
    {
        foreach (Demo::documents() as $name => $document) {
            foreach ((array) Planned::of($document)->plan['site'] as $id => $site) {
                foreach ($site['doubt']['known'] as $known) {
                    self::assertNotSame([], $known['behind'], "$name: $known[name]");
                    self::assertSame([], array_diff(array_column($known['behind'], 'reading'), array_keys($document['spaces'][$id]['readings'])));
                    $shares = array_map(abs(...), array_column($known['behind'], 'share'));
                    $sorted = $shares;
                    rsort($sorted);
                    self::assertSame($sorted, $shares, 'what counts most first');
                }
            }
        }
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, Known>
     */
    private static function known(array $document): array
    {
        $project = ProjectReader::read($document);
        $space = $project->spaces[Sample::SPACE];
        $known = (new Surveyor($project->workshop))->survey($space, Need::of(array_values($project->pieces), $space))->doubt->known;

        return array_combine(array_map(fn (Known $k): string => $k->name, $known), $known);
    }
}
