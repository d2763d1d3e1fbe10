<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Queries;

use Incastro\Core\Queries\MirroredProject;
use Incastro\Core\Tests\Demo;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The same pieces mirrored, wanting readings of their own. */
final class MirroredProjectTest extends TestCase
{
    public function test_it_wants_its_own_readings(): void
    {
        $plan = Planned::of(self::other(Sample::e1()));
        self::assertSame([], $plan->plan['parts']);
        self::assertNotSame([], $plan->codes(), 'and says what to measure');
    }

    /** Where the other side measures the same, mirrored, each part has its mirror image: the same sizes, the edges the other way round. */
    public function test_measured_the_same_it_is_the_mirror_image(): void
    {
        $first = Sample::bays(Sample::e1(), [[null], [null, null]]);
        $first['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::BOX]['bays'][Sample::id('BAY', 1)]['width'] = ['by' => 'share', 'weight' => 3];
        $other = self::other($first);
        $other['spaces'][Sample::SPACE]['readings'] = MirroredProject::mirrored($first['spaces'][Sample::SPACE]['readings']);
        $other['facts'] = $first['facts'];
        [$a, $b] = [Planned::of($first), Planned::of($other)];
        $sizes = function (Planned $p): array {
            $sizes = array_map(
                fn (array $part): string => "{$part['role']} {$part['cut']['length']['mm']} × {$part['cut']['width']['mm']}", $p->plan['parts']);
            sort($sizes);

            return $sizes;
        };
        self::assertSame($sizes($a), $sizes($b));
        self::assertSame($a->cut('side_left'), $b->cut('side_right'));
        self::assertSame(21, $a->piece()['from'], 'E1: from x 21.0');
        self::assertEqualsWithDelta(21, self::fromRight($b), 0.05, 'as far from its right wall as the first from its left one');
    }

    public function test_mirrored_twice_it_is_what_it_was(): void
    {
        $piece = Sample::bays(Sample::e1(), [[null], [], [null, null]])['pieces'][Sample::PIECE];
        self::assertSame(self::unordered($piece), self::unordered((array) MirroredProject::mirrored(MirroredProject::mirrored($piece))));
    }

    public function test_what_a_person_wrote_is_no_side(): void
    {
        self::assertSame(['name' => 'left', 'right' => ['kind' => 'play']], MirroredProject::mirrored(['name' => 'left', 'left' => ['kind' => 'play']]));
    }

    /** @return iterable<string, array{string}> */
    public static function rooms(): iterable
    {
        foreach (Demo::documents() as $name => $document) {
            yield $name => [$document];
        }
    }

    /** @param  array<array-key, mixed>  $document */
    #[DataProvider('rooms')]
    public function test_every_room_has_another_side(array $document): void
    {
        $other = self::other($document);
        $plan = Planned::of($other)->plan;
        self::assertCount(count($document['pieces']), $other['pieces']);
        self::assertSame([], array_filter($plan['parts'], fn (array $p): bool => $p['state'] !== 'to_cut'));
        self::assertSame([], $other['facts']);
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private static function other(array $document): array
    {
        /** @var array<string, mixed> */
        return ['id' => Sample::id('TWIN', 1)] + MirroredProject::of($document, 'The other side');
    }

    /** How far the carcass stands from where the right wall is at its foot. */
    private static function fromRight(Planned $plan): float
    {
        $walls = $plan->plan['site'][Sample::SPACE]['walls']['right']['front'];

        return round($walls[0]['x'] - $plan->piece()['to'], 4);
    }

    /**
     * @param  array<array-key, mixed>  $value
     * @return array<array-key, mixed> without what bays are ordered by, in their order
     */
    private static function unordered(array $value): array
    {
        if (isset($value['bays'])) {
            uasort($value['bays'], fn (array $a, array $b): int => $a['order'] <=> $b['order']);
            $value['bays'] = array_map(fn (array $b): array => array_diff_key($b, ['order' => 1]), $value['bays']);
        }

        return array_map(fn (mixed $v): mixed => is_array($v) ? self::unordered($v) : $v, $value);
    }
}
