<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Reading;

use Incastro\Core\Document\Model\CutWishes;
use Incastro\Core\Document\Model\Goal;
use Incastro\Core\Document\Model\LaidPart;
use Incastro\Core\Document\Model\Layout;
use Incastro\Core\Document\Model\MadeOf;
use Incastro\Core\Document\Model\Material;
use Incastro\Core\Document\Model\PartWish;
use Incastro\Core\Document\Model\Priority;
use Incastro\Core\Document\Model\Saw;
use Incastro\Core\Document\Model\SawKind;
use Incastro\Core\Document\Model\Saws;
use Incastro\Core\Document\Model\SheetSize;
use Incastro\Core\Document\Model\StickSize;
use Incastro\Core\Measure\Length;

/** Reads what bears on cutting: materials with their sizes, the saws, wishes for parts, and layouts as accepted. */
final class CutReader
{
    public static function material(Node $node, string $id): Material
    {
        $mm = Length::fromMillimetres(...);
        $trim = fn (string $edge): ?Length => $node->at('trims')->at($edge)->optionalLength($mm(0), $mm(200));

        return new Material(
            $id,
            $node->at('name')->text(),
            $node->at('thickness')->length($mm(1), $mm(100)),
            $node->at('sheet_length')->length($mm(100), $mm(10_000)),
            $node->at('sheet_width')->length($mm(100), $mm(5_000)),
            $node->at('grain')->flag(),
            $node->at('price_cents')->count(0, 10_000_000),
            $node->at('density')->isMissing() ? Material::USUAL_DENSITY : $node->at('density')->number(50.0, 3_000.0),
            $node->at('sizes')->each(self::size(...)),
            [$trim('left'), $trim('right'), $trim('near'), $trim('far')],
            self::limit($node),
            $node->at('made_of')->optionalOf(MadeOf::class) ?? MadeOf::BirchPly,
            $node->at('nominal')->optionalLength($mm(1), $mm(200)),
        );
    }

    private static function size(Node $node, string $id): SheetSize
    {
        $mm = Length::fromMillimetres(...);
        $inHand = $node->at('in_hand')->isMissing() ? false : $node->at('in_hand')->flag();

        return new SheetSize(
            $id,
            $node->at('name')->text(),
            $node->at('length')->length($mm(20), $mm(10_000)),
            $node->at('width')->length($mm(20), $mm(5_000)),
            $node->at('price_cents')->isMissing() ? 0 : $node->at('price_cents')->count(0, 10_000_000),
            self::limit($node) ?? ($inHand ? 1 : null),
            $inHand,
            $node->at('rack')->isMissing() ? null : $node->at('rack')->text(40),
            $node->at('thickness')->optionalLength($mm(1), $mm(200)),
        );
    }

    private static function limit(Node $node): ?int
    {
        return $node->at('limit')->isMissing() ? null : $node->at('limit')->count(0, 999);
    }

    public static function stick(Node $node, string $id): StickSize
    {
        $mm = Length::fromMillimetres(...);
        $inHand = ! $node->at('in_hand')->isMissing() && $node->at('in_hand')->flag();
        $defects = [];
        for ($n = 0; ! ($defect = $node->at('defects')->at((string) $n))->isMissing(); $n++) {
            $defects[] = [$defect->at('from')->length($mm(0), $mm(10_000)), $defect->at('to')->length($mm(0), $mm(10_000))];
        }

        return new StickSize(
            $id,
            $node->at('name')->text(),
            $node->at('length')->length($mm(100), $mm(10_000)),
            $node->at('price_cents')->isMissing() ? 0 : $node->at('price_cents')->count(0, 10_000_000),
            self::limit($node) ?? ($inHand ? 1 : null),
            $inHand,
            $defects,
            $node->at('thickness')->optionalLength($mm(1), $mm(400)),
            $node->at('width')->optionalLength($mm(1), $mm(600)),
        );
    }

    /** A saw that is named has its limits; what is left out does not limit it. */
    public static function saws(Node $node): Saws
    {
        $saws = [];
        foreach (SawKind::cases() as $kind) {
            $saw = $node->at($kind->value);
            if ($saw->isMissing()) {
                continue;
            }
            $most = fn (string $key): ?int => $saw->at($key)->optionalLength(Length::fromMillimetres(50), Length::fromMillimetres(10_000))?->units;
            [$long, $wide] = [$most('piece_length'), $most('piece_width')];
            $saws[] = new Saw($kind, $most('longest_cut'), $most('widest_fence'),
                $long === null && $wide === null ? null : [$long ?? PHP_INT_MAX, $wide ?? PHP_INT_MAX],
                $saw->at('stages')->isMissing() ? null : $saw->at('stages')->count(1, 3),
                $saw->at('cuts')->isMissing() ? null : $saw->at('cuts')->count(1, 200),
                $saw->at('tolerance')->optionalLength(Length::zero(), Length::fromMillimetres(20))?->units,
                $saw->at('kerf')->optionalLength(Length::zero(), Length::fromMillimetres(10))?->units);
        }

        return new Saws($saws);
    }

    public static function wishes(Node $node): CutWishes
    {
        return new CutWishes(
            $node->at('goal')->isMissing() ? Goal::Leftover : $node->at('goal')->oneOf(Goal::class),
            $node->at('parts')->byKey(self::wish(...)),
        );
    }

    private static function wish(Node $node): PartWish
    {
        $name = fn (string $key): ?string => $node->at($key)->isMissing() ? null : $node->at($key)->text(40);
        $is = fn (string $key): bool => ! $node->at($key)->isMissing() && $node->at($key)->flag();

        return new PartWish(
            $name('strip'),
            $name('together'),
            $node->at('priority')->optionalOf(Priority::class) ?? Priority::Usual,
            $node->at('oversize')->optionalLength(Length::zero(), Length::fromMillimetres(200)),
            $is('may_join'),
            $is('from_leftovers'),
        );
    }

    public static function layout(Node $node, string $id): Layout
    {
        $sheets = [];
        for ($s = 0; ! ($sheet = $node->at('sheets')->at((string) $s))->isMissing(); $s++) {
            $placements = [];
            for ($p = 0; ! ($place = $sheet->at('parts')->at((string) $p))->isMissing(); $p++) {
                $placements[] = [
                    'part' => LaidPart::read($place->at('part')->text(200)),
                    'x' => $place->at('x')->length()->units,
                    'y' => $place->at('y')->length()->units,
                    'turned' => $place->at('turned')->flag(),
                    'locked' => ! $place->at('locked')->isMissing() && $place->at('locked')->flag(),
                ];
            }
            $sheets[] = ['size' => $sheet->at('size')->isMissing() ? null : $sheet->at('size')->text(60), 'parts' => $placements];
        }

        return new Layout($id, $sheets);
    }
}
