<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Build\Steps;

use Incastro\Core\Planning\Planning;

/** Screw heads of a piece, worked out anew from the bench map and the solids of its plan: what lies right before each. mm. */
final class Heads
{
    /**
     * @param  array<string, mixed>  $document
     * @param  array<string, mixed>  $plan  its plan
     * @return list<array{string, string, string}> the board the head is in, the board it bites, a board before the head
     */
    public static function of(array $document, array $plan, string $pieceId): array
    {
        $planning = new Planning($document);
        $built = $planning->pieces()[$pieceId] ?? null;
        if ($built === null) {
            return [];
        }
        $bored = $planning->assembly()->fastened($pieceId);
        $boxes = [];
        foreach ($plan['solids'][$pieceId]['parts'] as $solid) {
            $boxes[$solid['part']] = self::box($solid);
        }
        $found = [];
        foreach ($bored->bores as $part => $bores) {
            foreach ($bores as $bore) {
                if (! in_array($bore->kind->value, ['clearance', 'pocket'], true) || $bore->with === null) {
                    continue;
                }
                $at = ['x' => $bore->at->x->millimetres(), 'y' => $bore->at->y->millimetres(), 'z' => $bore->at->z->millimetres()];
                $at[$bore->into->value] += $bore->upward ? -1.0 : 1.0;
                foreach ($boxes as $other => $box) {
                    $isIn = array_filter(['x', 'y', 'z'], fn (string $k): bool => $at[$k] < $box[$k][0] || $at[$k] > $box[$k][1]) === [];
                    if ($isIn && $other !== $part && $other !== $bore->with) {
                        $found["$part $bore->with $other"] = [$part, $bore->with, $other];
                    }
                }
            }
        }

        return array_values($found);
    }

    /**
     * @param  array<string, mixed>  $solid
     * @return array{x: array{float, float}, y: array{float, float}, z: array{float, float}}
     */
    private static function box(array $solid): array
    {
        $across = array_column($solid['outline'], 0);
        $up = array_column($solid['outline'], 1);
        [$a, $b] = [[min($across), max($across)], [min($up), max($up)]];
        $c = [$solid['from'], $solid['to']];

        return match ($solid['axis']) {
            'x' => ['x' => $c, 'y' => $a, 'z' => $b],
            'y' => ['x' => $a, 'y' => $c, 'z' => $b],
            default => ['x' => $a, 'y' => $b, 'z' => $c],
        };
    }
}
