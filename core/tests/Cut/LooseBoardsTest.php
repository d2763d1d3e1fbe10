<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Cut;

use Incastro\Core\Document\Change\Change;
use Incastro\Core\Document\Change\Changes;
use Incastro\Core\Document\Reading\CanonicalJson;
use Incastro\Core\Document\Reading\DocumentRejected;
use Incastro\Core\Document\Reading\ProjectReader;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LooseBoardsTest extends TestCase
{
    public function test_loose_boards_lie_on_the_same_sheets_and_are_marked_like_all_others(): void
    {
        $alone = Planned::of(Sample::e1())->plan;
        $plan = Planned::of(self::with(['name' => 'Jig', 'length' => 600, 'width' => 250, 'count' => 3]))->plan;
        $loose = array_values(array_filter($plan['parts'], fn (array $p): bool => $p['piece'] === ''));
        self::assertCount(count($alone['parts']) + 3, $plan['parts']);
        self::assertSame([[600, 250], [600, 250], [600, 250]],
            array_map(fn (array $p): array => [$p['cut']['length']['mm'], $p['cut']['width']['mm']], $loose));
        self::assertCount(1, array_unique(array_map(fn (array $p): string => rtrim($p['label'], '0123456789'), $loose)));
        $laid = array_merge(...array_map(fn (array $sheet): array => array_column($sheet['placements'], 'part'),
            array_merge(...array_column($plan['cut'], 'sheets'))));
        self::assertSame([], array_diff(array_column($loose, 'id'), $laid));
        self::assertSame(['cut.loose_size'], array_map(fn (array $l): string => $l['why']['key'], $loose[0]['cut']['length']['trail']));
    }

    public function test_the_parts_of_the_piece_are_no_different_for_them(): void
    {
        $alone = Planned::of(Sample::e1())->plan['parts'];
        $beside = array_values(array_filter(Planned::of(self::with(['name' => 'Jig', 'length' => 600, 'width' => 250]))->plan['parts'],
            fn (array $p): bool => $p['piece'] !== ''));
        self::assertSame(array_column($alone, 'cut'), array_column($beside, 'cut'));
    }

    public function test_one_that_may_lie_across_the_grain_says_so(): void
    {
        $grain = fn (array $more): string => array_values(array_filter(Planned::of(self::with(['name' => 'Jig', 'length' => 600, 'width' => 250] + $more))
            ->plan['parts'],
            fn (array $p): bool => $p['piece'] === ''))[0]['grain'];
        self::assertSame(['length', 'free'], [$grain([]), $grain(['grain' => false])]);
    }

    public function test_a_shape_has_a_template_of_its_own_outline(): void
    {
        $outline = [[0, 0], [400, 0], [400, 180], [150, 300], [0, 300]];
        $plan = Planned::of(self::with(['name' => 'Bracket', 'length' => 400, 'width' => 300, 'outline' => $outline]))->plan;
        $template = $plan['templates'][self::id().':loose_1'];
        self::assertSame('', $template['piece']);
        self::assertEqualsCanonicalizing($outline, $template['lines'][0]['points']);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        $board = ['name' => 'Jig', 'length' => 400, 'width' => 300];
        yield 'no such material' => [['material' => Sample::id('NONE', 1)] + $board, 'document.material_unknown'];
        yield 'no width' => [['width' => 0] + $board, 'document.length_too_small'];
        yield 'an outline that crosses itself' => [$board + ['outline' => [[0, 0], [400, 300], [400, 0], [0, 300]]], 'document.outline_expected'];
        yield 'an outline smaller than its board' => [$board + ['outline' => [[0, 0], [300, 0], [300, 300], [0, 300]]], 'document.outline_expected'];
        yield 'an outline in one line' => [$board + ['outline' => [[0, 0], [200, 150], [400, 300]]], 'document.outline_expected'];
        yield 'hundreds' => [['count' => 201] + $board, 'document.count_expected'];
    }

    /** @param  array<string, mixed>  $board */
    #[DataProvider('wrong')]
    public function test_what_cannot_be_cut_is_refused(array $board, string $says): void
    {
        try {
            ProjectReader::read(self::with($board));
            self::fail('It was taken.');
        } catch (DocumentRejected $e) {
            self::assertSame($says, $e->problems[0]->says->key);
            self::assertStringStartsWith('/loose/'.self::id(), $e->problems[0]->pointer);
        }
    }

    public function test_adding_and_taking_away_leaves_the_document_as_it_was(): void
    {
        $set = Changes::apply(Sample::e1(),
            Change::of([['op' => 'set', 'path' => ['loose', self::id()],
                'value' => ['name' => 'Jig', 'material' => Sample::PLY, 'length' => 40, 'width' => 30]]]));
        $back = Changes::apply($set->document, Change::of($set->inverse));
        self::assertSame(CanonicalJson::encode(Sample::e1()), CanonicalJson::encode($back->document));
    }

    /**
     * @param  array<string, mixed>  $board
     * @return array<string, mixed>
     */
    private static function with(array $board): array
    {
        return ['loose' => [self::id() => $board + ['material' => Sample::PLY]]] + Sample::e1();
    }

    private static function id(): string
    {
        return Sample::id('LOOSE', 1);
    }
}
