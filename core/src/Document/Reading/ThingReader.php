<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Reading;

use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\Flow;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\Thing;
use Incastro\Core\Document\Model\ThingKind;
use Incastro\Core\Document\Model\ThingRule;
use Incastro\Core\Document\Model\Treatment;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Reads a thing in the way; a treatment that makes no sense for it is refused with those that do. */
final class ThingReader
{
    public static function thing(Node $node, string $id): Thing
    {
        $kind = $node->at('kind')->oneOf(ThingKind::class);
        $rule = ThingRule::of($kind);
        $face = $node->at('face')->oneOf(Face::class);
        if (! in_array($face, $rule->faces, true)) {
            $node->at('face')->wrong(Text::of('document.thing_not_there', places: self::names($rule->faces)));
        }
        $treatment = $node->at('treatment')->optionalOf(Treatment::class);
        if ($treatment !== null && ! in_array($treatment, $rule->treatments, true)) {
            $node->at('treatment')->wrong(Text::of('document.treatment_unfit', choices: self::names($rule->treatments)));
        }
        $far = Length::fromMillimetres(20_000);
        $length = fn (string $key): Length => $node->at($key)->length(Length::zero(), $far);
        $optional = fn (string $key): ?Length => $node->at($key)->optionalLength(Length::zero(), $far);

        return new Thing(
            $id, $kind,
            $node->at('name')->isMissing() ? null : $node->at('name')->text(),
            $face,
            $length('across'),
            ! $node->at('from_right')->isMissing() && $node->at('from_right')->flag(),
            $length('up'), $length('width'), $length('height'), $length('out'),
            $treatment,
            $optional('reach'),
            $node->at('hinge')->optionalOf(Side::class),
            $node->at('free_area_cm2')->isMissing() ? null : $node->at('free_area_cm2')->number(0.0, 100_000.0),
            $node->at('flow')->optionalOf(Flow::class),
            $node->at('note')->isMissing() ? null : $node->at('note')->text(500),
            self::profile($node->at('profile')),
        );
    }

    /** @return list<array{Length, Length}> from the bottom up */
    private static function profile(Node $node): array
    {
        $most = Length::fromMillimetres(1_000);
        $points = array_values($node->each(fn (Node $p): array => [$p->at('up')->length(Length::zero(), $most), $p->at('out')->length(Length::zero(), $most)]));
        usort($points, fn (array $a, array $b): int => $a[0]->units <=> $b[0]->units);

        return $points;
    }

    /** @param  list<\BackedEnum>  $cases */
    private static function names(array $cases): string
    {
        return implode(', ', array_map(fn (\BackedEnum $c): string => (string) $c->value, $cases));
    }
}
