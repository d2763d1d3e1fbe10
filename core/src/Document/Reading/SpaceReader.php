<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Reading;

use Incastro\Core\Document\Facts\Fact;
use Incastro\Core\Document\Facts\ReadingFact;
use Incastro\Core\Document\Model\Along;
use Incastro\Core\Document\Model\FloorKind;
use Incastro\Core\Document\Model\Footprint;
use Incastro\Core\Document\Model\LowEnd;
use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\SideKind;
use Incastro\Core\Document\Model\Slope;
use Incastro\Core\Document\Model\Space;
use Incastro\Core\Document\Model\SpaceKind;
use Incastro\Core\Document\Model\Stud;
use Incastro\Core\Document\Model\WallBuild;
use Incastro\Core\Document\Model\WallKind;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Reads spaces with their readings; what happened to one is a fact (FactReader), gathered here by the reading they belong to. */
final class SpaceReader
{
    /**
     * @param  list<Fact>  $facts  those that stand, oldest first
     * @return array<string, Space>
     */
    public static function spaces(Node $root, array $facts): array
    {
        $byReading = [];
        foreach ($facts as $fact) {
            if ($fact instanceof ReadingFact) {
                $byReading[$fact->reading()][] = $fact;
            }
        }

        return $root->at('spaces')->each(fn (Node $node, string $id): Space => self::space($node, $id, $byReading));
    }

    /** @param  array<string, list<ReadingFact>>  $facts  by reading */
    private static function space(Node $node, string $id, array $facts): Space
    {
        $kind = $node->at('kind')->optionalOf(SpaceKind::class) ?? SpaceKind::Niche;

        return new Space(
            $id,
            $node->at('name')->text(),
            $kind,
            $node->at('left')->optionalOf(SideKind::class) ?? $kind->side(Side::Left),
            $node->at('right')->optionalOf(SideKind::class) ?? $kind->side(Side::Right),
            self::slope($node->at('slope')) ?? $kind->slope(),
            $node->at('readings')->each(fn (Node $r, string $rid): Reading => ReadingReader::reading($r, $rid, $facts[$rid] ?? [])),
            $node->at('things')->each(ThingReader::thing(...)),
            self::build($node->at('build')),
            self::footprint($node->at('footprint')),
            ! $node->at('damp')->isMissing() && $node->at('damp')->flag(),
        );
    }

    private static function footprint(Node $node): ?Footprint
    {
        $far = Length::fromMillimetres(20_000);
        $side = fn (string $key): Length => $node->at($key)->length(Length::zero(), $far);

        return $node->isMissing() ? null : new Footprint($side('x'), $side('y'), $side('width'), $side('depth'));
    }

    private static function build(Node $node): WallBuild
    {
        $mm = fn (string $key, int $most): ?Length => $node->at($key)->optionalLength(Length::zero(), Length::fromMillimetres($most));

        return new WallBuild(
            $node->at('wall')->optionalOf(WallKind::class) ?? WallKind::Unknown,
            $mm('lining', 200),
            $mm('first_stud', 20_000),
            $mm('spacing', 2_000),
            $node->at('floor')->optionalOf(FloorKind::class) ?? FloorKind::Unknown,
            $node->at('studs')->each(fn (Node $s, string $id): Stud => new Stud($id,
                $s->at('x')->length(Length::zero(), Length::fromMillimetres(20_000)),
                ! $s->at('doubtful')->isMissing() && $s->at('doubtful')->flag())),
            ! $node->at('fire_lined')->isMissing() && $node->at('fire_lined')->flag(),
            $node->at('anchor_kg')->isMissing() ? null : $node->at('anchor_kg')->number(1.0, 1_000.0),
            $node->at('anchor_figure')->isMissing() || $node->at('anchor_figure')->among(['ultimate', 'working']) === 'ultimate',
        );
    }

    private static function slope(Node $node): ?Slope
    {
        if ($node->isMissing()) {
            return null;
        }
        $along = $node->at('along')->oneOf(Along::class);
        $low = $node->at('low')->oneOf(LowEnd::class);
        if (($along === Along::Depth) !== ($low === LowEnd::Back)) {
            $node->at('low')->wrong(Text::of('document.slope_low_end'));
        }

        return new Slope($along, $low, ! $node->at('flat')->isMissing() && $node->at('flat')->flag());
    }
}
