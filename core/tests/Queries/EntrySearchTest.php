<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Queries;

use Incastro\Core\Queries\EntrySearch;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** Whole answers, on E1: a box 1166 × 350 × 2200 on a base of 100. */
final class EntrySearchTest extends TestCase
{
    public function test_each_stretch_is_passed_in_the_pose_that_leaves_most(): void
    {
        $box = self::only(self::way([['kind' => 'door', 'name' => 'Door', 'width' => 762, 'height' => 1935],
            ['kind' => 'corner', 'name' => 'Turn', 'width' => 1100, 'into' => 1000, 'height' => 2400]]));
        [$door, $turn] = $box['legs'];
        // On its side it is 1166 high and 350 across: (762 − 350)/2 = 206 a side, 1935 − 1166 = 769 over it.
        self::assertSame(['goes', 'on_its_side', 206.0], [$door['verdict'], $door['pose'], $door['spare']]);
        self::assertEqualsWithDelta(769.0, $door['headroom'], 0.11);
        // Upright it turns as 1166 × 350 and fits broadside too; 2400 − 2200 = 200 overhead.
        self::assertSame(['goes', 'upright'], [$turn['verdict'], $turn['pose']]);
        self::assertSame(200.0, $turn['headroom']);
        self::assertSame('goes', $box['verdict']);
        self::assertNull($box['split']);
    }

    public function test_what_comes_off_a_door_is_said_and_a_gap_below_its_least_size_is_proved(): void
    {
        $box = self::only(self::way([['kind' => 'door', 'name' => 'Door', 'width' => 340, 'height' => 1935, 'gain' => 32, 'off' => 'door leaf']]));
        self::assertSame(['goes_if', 'door leaf'], [$box['legs'][0]['verdict'], $box['legs'][0]['off']]);
        $box = self::only(self::way([['kind' => 'door', 'name' => 'Hatch', 'width' => 340, 'height' => 1935]]));
        self::assertSame('cannot', $box['legs'][0]['verdict'], 'its least size is 350');
        self::assertSame('cannot', $box['verdict']);
    }

    public function test_too_high_to_tip_up_is_proved_and_the_best_split_named(): void
    {
        // √(2200² + 350²) + 5 = 2232.7; a ceiling of 2320 over a base of 100 has 2320: it goes. At 2310 over the floor the box stands (2300) and tips.
        self::assertSame('goes', self::only(self::ceiling(2320))['place']['verdict']);
        $document = self::ceiling(2310);
        unset($document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::PLINTH]);
        $box = self::only($document);
        // 2300 high from the floor: √(2300² + 350²) = 2326.5 does not go under 2310; brought in standing it does, with nobody saying how.
        self::assertSame('goes', $box['place']['verdict'], 'with no way in read it may come in standing');
        $document = self::way([['kind' => 'door', 'name' => 'Door', 'width' => 762, 'height' => 1935]], $document);
        $box = self::only($document);
        self::assertSame(['goes_if', 'entry.place_if_upright'], [$box['place']['verdict'], $box['place']['says']->key]);
        self::assertSame('goes_if', $box['verdict']);
    }

    public function test_a_casing_beside_the_way_comes_off(): void
    {
        // On the right wall before the piece, 40 out: it stands in the way of a box that ends 25 from that wall.
        $document = self::ceiling(2500);
        $document['spaces'][Sample::SPACE]['things'][Sample::id('TH', 1)] = ['kind' => 'door_trim', 'face' => 'right',
            'across' => 420, 'up' => 0, 'width' => 70, 'height' => 2100, 'out' => 40, 'treatment' => 'keep_clear'];
        $place = self::only($document)['place'];
        self::assertSame(['goes_if', 'entry.place_without'], [$place['verdict'], $place['says']->key]);
        $document['spaces'][Sample::SPACE]['things'][Sample::id('TH', 1)]['treatment'] = 'take_off';
        self::assertSame('goes', self::only($document)['place']['verdict']);
    }

    public function test_a_frame_left_off_may_be_all_it_takes(): void
    {
        // 2300 high from the floor; with its frame √(2300² + 350²) = 2326.5, without √(2300² + 332²) = 2323.8. A ceiling of 2325.
        $document = self::ceiling(2325);
        unset($document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::PLINTH]);
        $document['pieces'][Sample::PIECE]['methods'] = ['front' => 'face_frame'];
        $place = self::only($document)['place'];
        self::assertSame(['goes_if', 'entry.place_without_frame'], [$place['verdict'], $place['says']->key]);
        $document['pieces'][Sample::PIECE]['methods'] = ['front' => 'banded'];
        self::assertNotSame('entry.place_without_frame', self::only($document)['place']['says']->key);
    }

    public function test_weight_and_people(): void
    {
        $box = self::only(Sample::e1());
        // Two sides 2200 × 350, top and bottom 1130 × 350, ply of 18 at 680: 2·(2.2 + 1.13)·0.35·0.018·680 = 28.5 kg, less banding and lip.
        self::assertEqualsWithDelta(28.5, $box['kg'], 1.2);
        self::assertSame(2, $box['people']);
    }

    public function test_nothing_measured_has_no_answer_and_no_such_piece_is_said(): void
    {
        self::assertSame([], EntrySearch::of(Sample::empty('mm'), Sample::PIECE));
        $this->expectException(\OutOfBoundsException::class);
        EntrySearch::of(Sample::e1(), Sample::id('N0', 1));
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>  the one box's answer, its place as it is written
     */
    private static function only(array $document): array
    {
        $all = EntrySearch::of($document, Sample::PIECE);
        self::assertCount(1, $all);

        return ['place' => $all[0]['place']->jsonSerialize()] + $all[0];
    }

    /** @return array<string, mixed> */
    private static function ceiling(int $height): array
    {
        $document = Sample::reading(Sample::e1(), Sample::id('F', 1), ['kind' => 'level'], 0);
        $document = Sample::reading($document, Sample::id('HT', 1), ['kind' => 'height', 'side' => 'left'], $height);

        return Sample::reading($document, Sample::id('HT', 2), ['kind' => 'height', 'side' => 'right'], $height);
    }

    /**
     * @param  list<array<string, mixed>>  $segments
     * @param  array<string, mixed>|null  $document
     * @return array<string, mixed>
     */
    private static function way(array $segments, ?array $document = null): array
    {
        $document ??= self::ceiling(2500);
        foreach ($segments as $i => $segment) {
            $document['way_in'][Sample::id('WAY', $i)] = ['order' => (string) $i] + $segment;
        }

        return $document;
    }
}
