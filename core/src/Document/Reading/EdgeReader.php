<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Reading;

use Incastro\Core\Document\Model\Edge;
use Incastro\Core\Document\Model\EdgeKind;
use Incastro\Core\Document\Model\EdgeName;
use Incastro\Core\Document\Model\FloatingSchool;
use Incastro\Core\Document\Model\Held;
use Incastro\Core\Document\Model\Offsets;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Reads how a piece meets the house, and the offsets taken by hand where it does. */
final class EdgeReader
{
    public static function edge(Node $node, EdgeName $edge): Edge
    {
        $kind = $node->at('kind')->oneOf(EdgeKind::class);
        if (! in_array($kind, $edge->kinds(), true)) {
            $node->at('kind')->wrong(Text::of('document.choice_expected', choices: implode(', ', array_column($edge->kinds(), 'value'))));
        }

        return new Edge($kind, $node->at('set_off')->length(Length::zero(), Length::fromMillimetres(200)),
            $node->at('spring')->isMissing() ? null : $node->at('spring')->number(10.0, 80.0),
            $node->at('floating')->optionalOf(FloatingSchool::class));
    }

    /** @return array<string, Edge> */
    public static function others(Node $node): array
    {
        $others = [];
        foreach ([EdgeName::Top, EdgeName::Base, EdgeName::Back] as $edge) {
            if (! $node->at($edge->value)->isMissing()) {
                $others[$edge->value] = self::edge($node->at($edge->value), $edge);
            }
        }

        return $others;
    }

    /** @return array<string, Offsets> by the edge they are for; a second record of one edge is wrong */
    public static function offsets(Node $node): array
    {
        $taken = [];
        $node->each(function (Node $each) use (&$taken): bool {
            $edge = $each->at('edge')->text(60);
            if (isset($taken[$edge])) {
                $each->at('edge')->wrong(Text::of('document.offsets_twice'));
            }
            $taken[$edge] = new Offsets($edge, $each->at('held')->oneOf(Held::class),
                $each->at('off')->optionalLength(Length::zero(), self::far()), self::gaps($each->at('gaps')));

            return true;
        });

        return $taken;
    }

    /** @return list<array{at: Length, gap: Length}> along the edge */
    private static function gaps(Node $node): array
    {
        $gaps = [];
        $node->each(function (Node $gap) use (&$gaps): bool {
            $at = $gap->at('at')->length(Length::zero(), Length::fromMillimetres(10_000));
            if (isset($gaps[$at->units])) {
                $gap->at('at')->wrong(Text::of('document.offset_twice'));
            }
            $gaps[$at->units] = ['at' => $at, 'gap' => $gap->at('gap')->length(Length::zero(), self::far())];

            return true;
        });
        ksort($gaps);

        return array_values($gaps);
    }

    private static function far(): Length
    {
        return Length::fromMillimetres(300);
    }
}
