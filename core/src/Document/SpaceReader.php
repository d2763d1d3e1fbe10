<?php

declare(strict_types=1);

namespace Incastro\Core\Document;

use Incastro\Core\Measure\Text;

/** Reads spaces with their readings; takes are facts, gathered here by the reading they belong to. */
final class SpaceReader
{
    /** @return array<string, Space> */
    public static function spaces(Node $root): array
    {
        $takes = self::standingTakes($root);

        return $root->at('spaces')->each(fn (Node $node, string $id): Space => self::space($node, $id, $takes));
    }

    /** @param  array<string, list<Take>>  $takes  by reading */
    private static function space(Node $node, string $id, array $takes): Space
    {
        $kind = $node->at('kind')->optionalOf(SpaceKind::class) ?? SpaceKind::Niche;

        return new Space(
            $id,
            $node->at('name')->text(),
            $kind,
            $node->at('left')->optionalOf(SideKind::class) ?? $kind->side(Side::Left),
            $node->at('right')->optionalOf(SideKind::class) ?? $kind->side(Side::Right),
            self::slope($node->at('slope')) ?? $kind->slope(),
            $node->at('readings')->each(fn (Node $r, string $rid): Reading => ReadingReader::reading($r, $rid, $takes[$rid] ?? [])),
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

    /** @return array<string, list<Take>> takes by reading */
    private static function standingTakes(Node $root): array
    {
        $byReading = [];
        $facts = $root->at('facts')->each(fn (Node $node, string $id): ?Take => self::take($node, $id));
        ksort($facts);
        foreach ($facts as $take) {
            if ($take !== null) {
                $byReading[$take->reading][] = $take;
            }
        }

        return $byReading;
    }

    /** Struck-out takes are kept in the document and left out of the sum. */
    private static function take(Node $node, string $id): ?Take
    {
        $node->at('kind')->oneOf(FactKind::class);
        $isAngle = $node->at('value')->isMissing() && ! $node->at('deg')->isMissing();
        $take = new Take(
            $id,
            $node->at('reading')->text(26),
            $isAngle ? null : $node->at('value')->length(),
            $isAngle ? $node->at('deg')->number(0.0, 180.0) : null,
            $node->at('typed')->text(60),
            $node->at('with')->optionalOf(Instrument::class),
            $node->at('at')->isMissing() ? null : $node->at('at')->text(40),
            $node->at('note')->isMissing() ? null : $node->at('note')->text(500),
        );

        return $node->at('struck')->isMissing() || ! $node->at('struck')->flag() ? $take : null;
    }
}
