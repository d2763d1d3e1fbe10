<?php

declare(strict_types=1);

namespace Incastro\Core\Document;

use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Reads spaces with their readings; takes are facts, gathered here by the reading they belong to. */
final class SpaceReader
{
    /** @return array<string, Space> */
    public static function spaces(Node $root): array
    {
        $takes = self::standingTakes($root);

        return $root->at('spaces')->each(fn (Node $node, string $id): Space => new Space(
            $id,
            $node->at('name')->text(),
            $node->at('readings')->each(fn (Node $r, string $rid): Reading => self::reading($r, $rid, $takes[$rid] ?? [])),
        ));
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
        $value = $node->at('value')->length();
        $take = new Take($id, $node->at('reading')->text(26), $value, $node->at('typed')->text(60));

        return $node->at('struck')->isMissing() || ! $node->at('struck')->flag() ? $take : null;
    }

    /** @param  list<Take>  $takes */
    private static function reading(Node $node, string $id, array $takes): Reading
    {
        $kind = $node->at('kind')->oneOf(ReadingKind::class);
        $far = Length::fromMillimetres(20_000);
        $sided = in_array($kind, [ReadingKind::Height, ReadingKind::Depth, ReadingKind::Plumb], true);
        $reading = new Reading(
            $id,
            $kind,
            $sided ? $node->at('side')->oneOf(Side::class) : null,
            $node->at('plane')->isMissing() ? Plane::Front : $node->at('plane')->oneOf(Plane::class),
            $kind === ReadingKind::Diagonal ? $node->at('rise')->oneOf(Rise::class) : null,
            $node->at('z')->optionalLength(Length::zero(), $far) ?? Length::zero(),
            $node->at('from_z')->optionalLength(Length::zero(), $far) ?? Length::zero(),
            $takes,
        );
        self::checkTakes($node, $reading);

        return $reading;
    }

    /** A width, height, depth or diagonal of zero or less belongs to no room; plumb and level carry a sign. */
    private static function checkTakes(Node $node, Reading $reading): void
    {
        $signed = in_array($reading->kind, [ReadingKind::Plumb, ReadingKind::Level], true);
        foreach ($reading->takes as $take) {
            $most = Length::fromMillimetres($signed ? 300 : 20_000);
            if (! $signed && ! $take->value->isPositive()) {
                $node->wrong(Text::of('document.reading_not_positive', found: $take->value));
            } elseif ($take->value->absolute()->isGreaterThan($most)) {
                $node->wrong(Text::of($signed ? 'document.lean_too_large' : 'document.reading_too_large',
                    found: $take->value, most: $most));
            }
        }
        if ($reading->kind === ReadingKind::Plumb && $reading->z->equals($reading->fromZ)) {
            $node->wrong(Text::of('document.plumb_needs_height'));
        }
    }
}
