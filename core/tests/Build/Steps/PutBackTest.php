<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Build\Steps;

use Incastro\Core\Build\Steps\StepKind;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Planning\Planning;
use Incastro\Core\Tests\Demo;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What was taken off a wall does not go back through what stands there now. */
final class PutBackTest extends TestCase
{
    /** The shoe moulding is 2 420 long and begins at the left wall, the pantry ends at 2 100 with its filler: 320 goes back. */
    public function test_what_a_piece_leaves_of_it_is_cut_at_its_edge(): void
    {
        self::assertSame([['number.cut_back', 320.0, 'put_back.right']], self::says(Demo::document('pantry-passage-wall')));
    }

    public function test_what_is_covered_from_wall_to_wall_stays_off(): void
    {
        self::assertSame([['number.stays_off', null, null]], self::says(Demo::document('wash-house-linen')));
    }

    /** Along a side wall it is cut before the front: 400 of it, and the shelves are 384 deep with their frame. */
    public function test_along_a_side_wall(): void
    {
        $says = self::says(Demo::document('chart-room-left-niche'));
        self::assertSame(['number.stays_off', null, null], $says[0]);
        self::assertSame([['number.cut_back', 'put_back.front'], ['number.cut_back', 'put_back.front']],
            array_map(fn (array $s): array => [$s[0], $s[2]], array_slice($says, 1)));
        self::assertSame($says[1][1], $says[2][1], 'both are as long');
    }

    /** In the way of a piece in the middle it goes back at both sides; over it, whole. */
    #[TestWith([18, ['number.cut_back', 'number.cut_back']])]
    #[TestWith([2_500, ['number.put_back']])]
    public function test_beside_and_over_a_piece(int $at, array $keys): void
    {
        $document = Demo::document('wash-house-basin');
        $space = (string) array_key_first($document['spaces']);
        $document['spaces'][$space]['things']['01J0000000000000000000TH1N'] = ['kind' => 'shoe', 'face' => 'back', 'across' => 0, 'up' => $at === 18 ? 0 : $at,
            'width' => 2_000, 'height' => 18, 'out' => 12, 'treatment' => 'take_off'];
        $says = self::says($document);
        self::assertSame($keys, array_column($says, 0));
        if (count($says) === 2) {
            // The washstand stands from 320 to 1 620.
            self::assertEqualsWithDelta([320.0, 2_000.0 - 1_620.0], array_column($says, 1), 0.5);
            self::assertSame(['put_back.left', 'put_back.right'], array_column($says, 2));
        }
    }

    /**
     * @param  array<string, mixed>  $document
     * @return list<array{string, float|null, string|null}>
     */
    private static function says(array $document): array
    {
        foreach ((new Planning($document))->steps()->steps as $step) {
            if ($step->kind === StepKind::Refit) {
                return array_values(array_map(function (Text $t): array {
                    [$length, $side] = [$t->args['length'] ?? null, $t->args['side'] ?? null];

                    return [$t->key, $length instanceof Length ? (float) $length->millimetres() : null, $side instanceof Text ? $side->key : null];
                }, $step->numbers));
            }
        }

        return [];
    }
}
