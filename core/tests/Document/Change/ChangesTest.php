<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Document\Change;

use Eris\Generators;
use Eris\TestTrait;
use Incastro\Core\Document\Change\Applied;
use Incastro\Core\Document\Change\Change;
use Incastro\Core\Document\Change\Changes;
use Incastro\Core\Document\Reading\CanonicalJson;
use Incastro\Core\Document\Reading\DocumentRejected;
use Incastro\Core\Planner;
use Incastro\Core\Tests\Demo;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ChangesTest extends TestCase
{
    use TestTrait;

    public function test_every_change_is_undone_by_its_inverse_and_redone_by_the_inverse_of_that(): void
    {
        $this->forAll(Generators::choose(0, 100_000))->then(function (int $seed): void {
            mt_srand($seed);
            $before = Sample::bays(Sample::e1(), [[null, 400], [null]]);
            $done = Changes::apply($before, self::change(self::someOperations()));
            $undone = Changes::apply($done->document, self::change($done->inverse));
            self::assertSame(self::withoutStruck($before), self::withoutStruck($undone->document));
            $redone = Changes::apply($undone->document, self::change($undone->inverse));
            self::assertSame(self::withoutStruck($done->document), self::withoutStruck($redone->document));
        });
    }

    public function test_the_same_fact_twice_is_one_fact(): void
    {
        $fact = ['op' => 'append', 'path' => ['facts', Sample::id('TAKE', 90)],
            'value' => ['kind' => 'take', 'reading' => Sample::id('W', 1), 'value' => 1212.5, 'typed' => '1212.5']];
        $once = Changes::apply(Sample::e1(), self::change([$fact]));
        $again = Changes::apply($once->document, self::change([$fact]));
        self::assertSame($once->document, $again->document);
        self::assertSame([], $again->inverse);
    }

    public function test_a_change_that_makes_the_document_wrong_is_refused_whole(): void
    {
        $ops = [
            ['op' => 'set', 'path' => ['pieces', Sample::PIECE, 'depth'], 'value' => 300],
            ['op' => 'set', 'path' => ['pieces', Sample::PIECE, 'height'], 'value' => -5],
        ];
        try {
            Changes::apply(Sample::e1(), self::change($ops));
            self::fail('A negative height was taken.');
        } catch (DocumentRejected $e) {
            self::assertSame('/pieces/'.Sample::PIECE.'/height', $e->problems[0]->pointer);
            self::assertSame('document.length_too_small', $e->problems[0]->says->key);
        }
    }

    public function test_only_changes_to_the_same_field_collide(): void
    {
        $mine = self::change([['op' => 'set', 'path' => ['pieces', Sample::PIECE, 'left', 'set_off'], 'value' => 20]]);
        self::assertSame([], $mine->collidesWith(['/pieces/'.Sample::PIECE.'/depth']));
        self::assertSame([], $mine->collidesWith(['/pieces/'.Sample::PIECE.'/left/set_of']), 'a name that only begins alike');
        self::assertCount(1, $mine->collidesWith(['/pieces/'.Sample::PIECE.'/left']));
        self::assertCount(1, $mine->collidesWith(['/pieces/'.Sample::PIECE.'/left/set_off/deeper']));
        $fact = self::change([['op' => 'strike', 'path' => ['facts', Sample::id('TAKE', 1)]]]);
        self::assertSame([], $fact->touched());
    }

    /** @param  array<string, mixed>  $data */
    #[DataProvider('notChanges')]
    public function test_what_is_no_change_is_refused(array $data): void
    {
        $this->expectException(DocumentRejected::class);
        Change::read($data);
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function notChanges(): iterable
    {
        $id = Sample::id('CHANGE', 1);
        yield 'nothing' => [[]];
        yield 'no operations' => [['change_id' => $id, 'base_revision' => 1, 'ops' => []]];
        yield 'bad id' => [['change_id' => 'x', 'base_revision' => 1, 'ops' => [['op' => 'set', 'path' => ['name'], 'value' => 'a']]]];
        yield 'unknown operation' => [['change_id' => $id, 'base_revision' => 1, 'ops' => [['op' => 'drop', 'path' => ['pieces']]]]];
        yield 'format is not to be changed' => [['change_id' => $id, 'base_revision' => 1, 'ops' => [['op' => 'set', 'path' => ['version'], 'value' => 9]]]];
        yield 'facts are not to be removed' => [['change_id' => $id, 'base_revision' => 1, 'ops' => [['op' => 'remove', 'path' => ['facts', $id]]]]];
    }

    public function test_a_setting_makes_what_holds_it_and_undone_leaves_nothing_but_what_came_meanwhile(): void
    {
        $document = (array) CanonicalJson::ordered(Sample::e1());
        $set = fn (array $document, array $path, mixed $value): Applied => Changes::apply($document,
            Change::read(['change_id' => Sample::id('CHG', 1), 'base_revision' => 1, 'ops' => [['op' => 'set', 'path' => $path, 'value' => $value]]]));
        $first = $set($document, ['calendar', 'week', 'mon', 'hours'], 3);
        self::assertSame(['week' => ['mon' => ['hours' => 3]]], $first->document['calendar']);
        $undo = fn (array $document, Applied $what): array => Changes::apply($document,
            Change::read(['change_id' => Sample::id('CHG', 2), 'base_revision' => 1, 'ops' => $what->inverse]))->document;
        self::assertSame($document, $undo($first->document, $first));
        $second = $set($first->document, ['calendar', 'deadline'], '2027-01-01');
        self::assertSame(['deadline' => '2027-01-01'], $undo($second->document, $first)['calendar'], 'what somebody else set since stays');
        $finish = $set($document, ['pieces', Sample::PIECE, 'finish', 'kind'], 'paint');
        self::assertSame(['kind' => 'paint'], $finish->document['pieces'][Sample::PIECE]['finish']);
        self::assertSame($document, $undo($finish->document, $finish));
        $this->expectException(DocumentRejected::class);
        $set($document, ['pieces', Sample::id('G0NE', 1), 'finish', 'kind'], 'paint');
    }

    public function test_an_element_that_is_gone_cannot_be_changed(): void
    {
        $this->expectException(DocumentRejected::class);
        Changes::apply(Sample::e1(), self::change([['op' => 'set', 'path' => ['pieces', Sample::id('GONE', 1), 'depth'], 'value' => 300]]));
    }

    public function test_canonical_json_does_not_depend_on_the_order_of_keys(): void
    {
        $document = Sample::e1();
        self::assertSame(CanonicalJson::encode($document), CanonicalJson::encode(array_reverse($document, true)));
        self::assertSame(CanonicalJson::encode($document), CanonicalJson::encode(CanonicalJson::decode(CanonicalJson::encode($document))));
        self::assertStringContainsString('"layouts":{}', CanonicalJson::encode($document));
    }

    public function test_what_can_be_written_can_be_read_again_and_the_rest_is_refused(): void
    {
        $nested = fn (int $levels): array => array_reduce(range(1, $levels - 1), fn (array $inner): array => ['a' => $inner], ['a' => 1]);
        foreach (['document.too_deep' => [$nested(63), $nested(64)],
            'document.outgrown' => [['a' => str_repeat('x', 7_999_992)], ['a' => str_repeat('x', 7_999_993)]]] as $key => [$most, $over]) {
            self::assertSame($most, CanonicalJson::decode(CanonicalJson::encode($most)), $key);
            try {
                CanonicalJson::encode($over);
                self::fail($key);
            } catch (DocumentRejected $refused) {
                self::assertSame($key, $refused->problems[0]->says->key);
            }
        }
    }

    /** @param  list<array<string, mixed>>  $ops */
    private static function change(array $ops): Change
    {
        return Change::read(['change_id' => Sample::id('CHANGE', 1), 'base_revision' => 1, 'ops' => $ops]);
    }

    /** @return list<array<string, mixed>> */
    private static function someOperations(): array
    {
        $bands = ['pieces', Sample::PIECE, 'runs', Sample::RUN, 'bands'];
        $bay = [...$bands, Sample::BOX, 'bays', Sample::id('BAY', 1)];
        $all = [
            ['op' => 'set', 'path' => ['name'], 'value' => 'Other '.mt_rand()],
            ['op' => 'set', 'path' => ['pieces', Sample::PIECE, 'depth'], 'value' => mt_rand(200, 600)],
            ['op' => 'set', 'path' => ['pieces', Sample::PIECE, 'methods', 'front'], 'value' => 'face_frame'],
            ['op' => 'set', 'path' => [...$bay, 'fill', 'shelves', Sample::id('SH', 101), 'clear_below'], 'value' => null],
            ['op' => 'remove', 'path' => [...$bay, 'fill', 'shelves', Sample::id('SH', 100)]],
            ['op' => 'remove', 'path' => [...$bands, Sample::PLINTH]],
            ['op' => 'add', 'path' => [...$bands, Sample::BOX, 'bays', Sample::id('BAY', 9)], 'value' => ['order' => '99', 'fill' => ['kind' => 'shelves']]],
            ['op' => 'append', 'path' => ['facts', Sample::id('TAKE', 80)],
                'value' => ['kind' => 'take', 'reading' => Sample::id('W', 1), 'value' => 1211, 'typed' => '1211']],
            ['op' => 'strike', 'path' => ['facts', Sample::id('TAKE', 1)]],
        ];
        shuffle($all);

        return array_slice($all, 0, mt_rand(1, 6));
    }

    /**
     * Facts are never erased: an appended one that is undone stays, struck out.
     *
     * @param  array<string, mixed>  $document
     */
    private static function withoutStruck(array $document): string
    {
        $document['facts'] = array_filter($document['facts'], fn (array $f): bool => ! ($f['struck'] ?? false));

        return CanonicalJson::encode($document);
    }

    public function test_what_was_read_of_a_change_is_what_is_read_of_it_written_down(): void
    {
        foreach (Demo::documents() as $name => $document) {
            $document = CanonicalJson::decode(CanonicalJson::encode($document));
            $piece = (string) array_key_first($document['pieces']);
            $applied = Changes::apply($document, Change::of([
                ['op' => 'set', 'path' => ['pieces', $piece, 'depth'], 'value' => 321.0],
                ['op' => 'add', 'path' => ['loose', Sample::id('JIG', 1)],
                    'value' => ['name' => 'Jig', 'material' => array_key_first($document['stock']),
                        'length' => 300.0, 'width' => 90, 'grain' => true, 'count' => 1]],
                ['op' => 'set', 'path' => ['shop', 'currency'], 'value' => 'EUR'],
            ]));
            $written = CanonicalJson::decode(CanonicalJson::encode($applied->document));
            self::assertSame($written, $applied->document, $name);
            self::assertSame(Planner::plan($written)->toJson(), Planner::plan($applied->document, read: $applied->project)->toJson(), $name);
        }
    }
}
