<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Assembly;

use Eris\Generators;
use Eris\TestTrait;
use Incastro\Core\Document\Change\Change;
use Incastro\Core\Document\Change\Changes;
use Incastro\Core\Planning\Planning;
use Incastro\Core\Queries\Starters;
use Incastro\Core\Tests\AnyDocument;
use Incastro\Core\Tests\Demo;
use Incastro\Core\Tests\Design\AnyPiece;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What holds of every plan: the demo house, every ready-made design in its room, random pieces on random walls. */
final class InvariantsTest extends TestCase
{
    use TestTrait;

    private const WALLS = [['wall' => 'wood_stud', 'lining' => 12.5, 'first_stud' => 150, 'spacing' => 400], ['wall' => 'masonry'], ['wall' => 'unknown'],
        ['wall' => 'metal_stud', 'anchor_kg' => 20], ['wall' => 'plaster_on_lath', 'first_stud' => 100, 'spacing' => 600]];

    #[DataProvider('rooms')]
    public function test_in_the_demo_house(string $room): void
    {
        $planning = new Planning(Demo::document($room));
        self::assertSame([], Invariants::brokenBy($planning));
        self::assertSame([], $planning->assembly()->loose(), 'there nothing has to be told');
        self::assertSame([], $planning->assembly()->clashes);
    }

    /** @return iterable<string, array{string}> */
    public static function rooms(): iterable
    {
        foreach (Demo::names() as $name) {
            yield $name => [$name];
        }
    }

    #[DataProvider('starters')]
    public function test_of_a_ready_made_design_in_its_room(string $key, string $room): void
    {
        $document = Demo::document($room);
        $n = 0;
        $newId = function () use (&$n): string {
            return sprintf('01JP%022d', ++$n);
        };
        $ops = Starters::fitted($document, $key, (string) array_key_first($document['spaces']), $newId);
        $planning = new Planning(Changes::apply($document, Change::of(array_map(fn (array $op): array => $op + ['value' => null], $ops)))->document);
        self::assertSame([], Invariants::brokenBy($planning));
        self::assertSame([], $planning->assembly()->loose());
    }

    /** @return iterable<string, array{string, string}> */
    public static function starters(): iterable
    {
        foreach (Starters::all() as $key => $starter) {
            yield $key => [$key, $starter['room']];
        }
    }

    public function test_what_a_slope_cuts_apart_is_not_screwed_together(): void
    {
        // Lids under a slope: their hinge strip ends 4 before the top that it lay on begins.
        $planning = new Planning((new AnyPiece(956_142))->document());
        self::assertSame([], Invariants::brokenBy($planning));
        self::assertArrayHasKey('01J0000000000000000BAND005:hinge_strip', $planning->assembly()->bodies);
    }

    public function test_of_random_pieces_on_random_walls(): void
    {
        $this->limitTo(30)->forAll(Generators::choose(1, 1_000_000))->then(function (int $seed): void {
            mt_srand($seed);
            $document = $seed % 4 === 0 ? AnyDocument::document() : (new AnyPiece($seed))->document();
            $document['spaces'][Sample::SPACE]['build'] = ['floor' => 'fixed'] + self::WALLS[$seed % 5];
            self::assertSame([], Invariants::brokenBy(new Planning($document)), "seed $seed");
        });
    }
}
