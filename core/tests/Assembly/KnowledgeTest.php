<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Assembly;

use Incastro\Core\Document\Change\Change;
use Incastro\Core\Document\Change\Changes;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Queries\Starters;
use Incastro\Core\Tests\Demo;
use Incastro\Core\Tests\Planned;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** For each body and question the worst of what is told never gets better when something known is taken away. */
final class KnowledgeTest extends TestCase
{
    /** What is asked, and the codes that answer it. */
    private const QUESTIONS = [
        'is it held' => '/^(strength\.(held_|turns|hanging_load|ledger_screws|anchors_many|end_gives)|assembly\.)/',
        'does it go in' => '/^fit\.way_/',
        'does it carry' => '/^strength\.(shelf_sags|board_|seat_|deck_|top_|slats_|bed_rail|centre_rail|tread|rail_)/',
    ];

    /** @return iterable<string, array{string}> */
    public static function rooms(): iterable
    {
        // Of three rooms neither walls nor way are known.
        foreach (array_diff(Demo::names(), ['signal-cabin-book-niche', 'signal-cabin-closet', 'signal-cabin-corner']) as $name) {
            yield $name => [$name];
        }
    }

    #[DataProvider('rooms')]
    public function test_in_the_demo_house(string $room): void
    {
        self::holds(Demo::document($room));
    }

    /** @return iterable<string, array{string, string}> */
    public static function starters(): iterable
    {
        foreach (array_keys(Starters::all()) as $n => $key) {
            // One up the stair and one by the back door.
            yield $key => [$key, $n % 2 === 0 ? 'chart-room-left-niche' : 'gear-locker'];
        }
    }

    /** Where they were not made for much is told. */
    #[DataProvider('starters')]
    public function test_of_ready_made_designs_in_rooms_of_others(string $key, string $room): void
    {
        $document = Demo::document($room);
        $n = 0;
        $ops = Starters::fitted($document, $key, (string) array_key_first($document['spaces']), function () use (&$n): string {
            return sprintf('01JP%022d', ++$n);
        });
        self::holds(Changes::apply($document, Change::of(array_map(fn (array $op): array => $op + ['value' => null], $ops)))->document);
    }

    /** @param  array<string, mixed>  $document */
    private static function holds(array $document): void
    {
        $before = self::worst($document);
        $asked = 0;
        foreach (self::lessKnown($document) as $gone => $less) {
            $after = self::worst($less);
            foreach ($before as $about => $severity) {
                self::assertGreaterThanOrEqual($severity, $after[$about] ?? 0, "$about, with $gone not known");
            }
            $asked++;
        }
        self::assertGreaterThan(0, $asked, 'something is known');
    }

    /**
     * @param  array<string, mixed>  $document
     * @return iterable<string, array<string, mixed>> without one thing that was known
     */
    private static function lessKnown(array $document): iterable
    {
        foreach (array_keys($document['spaces']) as $space) {
            $build = $document['spaces'][$space]['build'] ?? [];
            foreach (['wall', 'lining', 'floor', 'anchor_kg'] as $fact) {
                $less = $document;
                unset($less['spaces'][$space]['build'][$fact]);
                if (isset($build[$fact])) {
                    yield "$fact of a wall" => $less;
                }
            }
            $less = $document;
            unset($less['spaces'][$space]['build']['studs'], $less['spaces'][$space]['build']['first_stud'], $less['spaces'][$space]['build']['spacing']);
            if ($less !== $document) {
                yield 'studs' => $less;
            }
        }
        if (isset($document['way_in'])) {
            $less = $document;
            unset($less['way_in']);
            yield 'the way in' => $less;
        }
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, int> by question and body, 1 for a note to 3 for a stop
     */
    private static function worst(array $document): array
    {
        $rank = [Severity::Note->value => 1, Severity::Look->value => 2, Severity::Stop->value => 3];
        $worst = [];
        foreach (Planned::of($document)->plan['findings'] as $finding) {
            foreach (self::QUESTIONS as $question => $codes) {
                $about = "$question: {$finding['place']['ref']}";
                $worst += preg_match($codes, $finding['code']) === 1 ? [$about => 0] : [];
                $worst = isset($worst[$about]) && preg_match($codes, $finding['code']) === 1
                    ? [$about => max($worst[$about], $rank[$finding['severity']])] + $worst : $worst;
            }
        }

        return $worst;
    }
}
