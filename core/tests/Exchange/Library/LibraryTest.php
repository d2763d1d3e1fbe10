<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Exchange\Library;

use Eris\Generators;
use Eris\TestTrait;
use Incastro\Core\Document\Model\FillKind;
use Incastro\Core\Document\Model\HowOften;
use Incastro\Core\Document\Reading\DocumentRejected;
use Incastro\Core\Exchange\Csv\CsvNotReadable;
use Incastro\Core\Exchange\Library\BoughtKind;
use Incastro\Core\Exchange\Library\Entry;
use Incastro\Core\Exchange\Library\EntryReader;
use Incastro\Core\Exchange\Library\LibraryCsv;
use Incastro\Core\Exchange\Library\Shipped;
use Incastro\Core\Measure\Length;
use Incastro\Core\Tests\Cut\Machining\Niche;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The library: what ships, entries as kept, lists in and out. */
final class LibraryTest extends TestCase
{
    use TestTrait;

    public function test_every_kind_ships_and_every_entry_fits_the_fields_it_sets(): void
    {
        $kinds = $fills = [];
        foreach (Shipped::entries() as $entry) {
            $kinds[$entry->kind->value ?? 'stored'] = true;
            foreach (FillKind::cases() as $fill) {
                $settings = json_decode(json_encode($entry->settings($fill), JSON_THROW_ON_ERROR), true, 8, JSON_THROW_ON_ERROR);
                if ($settings !== []) {
                    $fills[$fill->value] = true;
                    $document = Niche::document();
                    $document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::BOX]['bays'][Sample::id('BAY',
                        1)]['fill'] = ['kind' => $fill->value, ...$settings];
                    self::assertNotEmpty(Planned::of($document)->plan['parts'], "$entry->name in $fill->value is read and planned");
                }
            }
            self::assertJsonStringEqualsJsonString(json_encode($entry, JSON_THROW_ON_ERROR),
                json_encode(EntryReader::read(json_decode(json_encode($entry, JSON_THROW_ON_ERROR), true, 16, JSON_THROW_ON_ERROR)), JSON_THROW_ON_ERROR));
        }
        self::assertCount(count(BoughtKind::cases()) + 1, $kinds);
        self::assertEqualsCanonicalizing(['appliance', 'bought_box', 'bed', 'tilt_bin', 'drawers', 'pull_out', 'caddy'], array_keys($fills));
    }

    public function test_any_list_goes_out_and_comes_back_the_same(): void
    {
        $this->limitTo(60)->forAll(
            Generators::seq(Generators::tuple(Generators::elements(...[null, ...BoughtKind::cases()]), Generators::choose(1, 3_000_000),
                Generators::choose(0, 5_000), Generators::elements('Plain', 'With "quotes", commas; and ½', '=sum', 'Ärger', " x\ty "), Generators::bool()))
        )->then(function (array $rows): void {
            $entries = [];
            foreach ($rows as $i => [$kind, $microns, $number, $name, $flag]) {
                $size = Length::fromMillimetres($microns / 1_000);
                $entries[] = new Entry("$i ".trim($name), $kind, $size, $kind === null || $flag ? $size : null,
                    $size, $number / 10, 1 + $number % 500, $flag ? HowOften::Daily : HowOften::Seldom, $flag,
                    $flag ? 1 + $number % 5_000 : null, $flag ? $size : null, Entry::FIXES_TO[$number % 5], $number, $number, $flag ? trim($name) : '');
            }
            if ($entries !== []) {
                // A name that a spreadsheet would compute is marked as text on its way out.
                $safe = array_map(fn (Entry $e): string => json_encode($e, JSON_THROW_ON_ERROR),
                    LibraryCsv::read(LibraryCsv::write(LibraryCsv::read(LibraryCsv::write($entries)))));
                $once = array_map(fn (Entry $e): string => json_encode($e, JSON_THROW_ON_ERROR), LibraryCsv::read(LibraryCsv::write($entries)));
                self::assertSame($once, $safe);
                self::assertSame(array_map(fn (Entry $e): array => [$e->kind, $e->width->units, $e->depth?->units, $e->rating, $e->priceCents, $e->name],
                    $entries),
                    array_map(fn (Entry $e): array => [$e->kind, $e->width?->units, $e->depth?->units, $e->rating, $e->priceCents, $e->name],
                        LibraryCsv::read(LibraryCsv::write($entries))));
            }
        });
    }

    #[DataProvider('badLists')]
    public function test_a_bad_list_is_refused_with_its_line(string $csv, string $says): void
    {
        $this->expectException(CsvNotReadable::class);
        $this->expectExceptionMessage($says);
        LibraryCsv::read($csv);
    }

    /** @return iterable<string, array{string, string}> */
    public static function badLists(): iterable
    {
        $head = "kind,name,width_mm,depth_mm,height_mm,count,often,hazard,fixes_to,price\n";
        yield 'kind' => ["{$head}spoon,A\n", 'Line 2: kind is "spoon"'];
        yield 'a size of what is stored' => ["{$head}stored,A,100,100\n", 'Line 2: height_mm is ""'];
        yield 'below zero' => ["{$head}bin,A,-5\n", 'a length above zero'];
        yield 'how many' => ["{$head}bin,A,5,5,5,1.5\n", 'count is "1.5"; expected a whole number from 1 to 500'];
        yield 'how often' => ["{$head}bin,A,5,5,5,1,hourly\n", 'expected daily, weekly or seldom'];
        yield 'flag' => ["{$head}bin,A,5,5,5,1,daily,perhaps\n", 'expected no or yes'];
        yield 'face' => ["{$head}bin,A,5,5,5,1,daily,no,roof\n", 'expected nothing, face, side, top or floor'];
        yield 'price' => ["{$head}bin,A,5,5,5,1,daily,no,top,dear\n", 'price is "dear"'];
        yield 'twice' => ["{$head}bin,A,5\nbin,a,6\n", 'stands twice'];
        yield 'too many' => [$head.implode('', array_map(fn (int $i): string => "bin,B$i\n", range(1, 2001))), 'holds more than 2000'];
        yield 'nothing below the header' => [$head, 'is empty'];
    }

    public function test_an_entry_tells_everything_wrong_with_it_at_once(): void
    {
        try {
            EntryReader::read(['kind' => 'spoon', 'name' => '', 'width' => 'wide', 'kg' => -1, 'rating' => 0, 'fixes_to' => 'roof', 'watts' => 1e9]);
            self::fail('It was read.');
        } catch (DocumentRejected $e) {
            self::assertEqualsCanonicalizing(['/kind', '/name', '/width', '/kg', '/rating', '/fixes_to', '/watts'],
                array_map(fn ($p): string => $p->pointer, $e->problems));
        }
    }
}
