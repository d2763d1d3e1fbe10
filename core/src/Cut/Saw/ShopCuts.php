<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Saw;

use Incastro\Core\Cut\Nest\LaidSheet;
use Incastro\Core\Cut\Nest\Rect;
use Incastro\Core\Cut\Nest\Stock;
use Incastro\Core\Document\Model\Saw;

/**
 * What a shop's panel saw does to a sheet before it goes home: through cuts from edge to edge of a piece, so many, in so
 * many directions; the largest piece is cut next. Everything is measured on the sheet as it is delivered: its factory edges
 * are trimmed at home.
 */
final class ShopCuts
{
    /** @var list<array{string, Rect, int, Rect, Rect}> axis, the piece cut, distance from its near edge, what comes off, what remains */
    public array $cuts = [];

    /** @var list<array{Rect, list<string>}> the pieces carried home, and the parts in each */
    public array $pieces = [];

    public function __construct(LaidSheet $sheet, Stock $stock, Saw $shop)
    {
        $node = (new SawTree($sheet, $stock->kerf, $stock->saws))->root;
        while ($node->isTrim) {
            $node = $node->row[$node->row[0]->isOffcut() ? 1 : 0];
        }
        $open = [[new Rect(0, 0, $sheet->kind->length, $sheet->kind->width), $node, 0, count($node->row) - 1]];
        while (count($this->cuts) < ($shop->cuts ?? PHP_INT_MAX)) {
            $at = $this->largest($open, $shop->stages ?? PHP_INT_MAX);
            if ($at === null) {
                break;
            }
            [$off, $rest] = $this->cut($open[$at], $stock->kerf);
            array_splice($open, $at, 1, [$off, $rest]);
        }
        foreach ($open as [$rect, $piece, $low, $high]) {
            $this->pieces[] = [$rect, self::parts($piece, $low, $high)];
        }
    }

    /** @param  list<array{Rect, SawPiece, int, int}>  $open */
    private function largest(array $open, int $stages): ?int
    {
        $best = null;
        foreach ($open as $at => [$rect, $piece, $low, $high]) {
            if ($high > $low && $piece->stage <= $stages && ($best === null || $rect->area() > $open[$best][0]->area())) {
                $best = $at;
            }
        }

        return $best;
    }

    /**
     * @param  array{Rect, SawPiece, int, int}  $open
     * @return array{array{Rect, SawPiece, int, int}, array{Rect, SawPiece, int, int}}
     */
    private function cut(array $open, int $kerf): array
    {
        [$r, $piece, $low, $high] = $open;
        $at = $piece->between[$low];
        $isX = $piece->axis === 'x';
        $near = $isX ? new Rect($r->x, $r->y, $at - $r->x, $r->width) : new Rect($r->x, $r->y, $r->length, $at - $r->y);
        $far = $isX ? new Rect($at + $kerf, $r->y, $r->x + $r->length - $at - $kerf, $r->width)
            : new Rect($r->x, $at + $kerf, $r->length, $r->y + $r->width - $at - $kerf);
        $this->cuts[] = [$isX ? 'x' : 'y', $r, $isX ? $at - $r->x : $at - $r->y, $near, $far];
        $single = fn (int $i): array => [$piece->row[$i], 0, count($piece->row[$i]->row) - 1];

        return [[$near, ...$single($low)], $low + 1 === $high ? [$far, ...$single($high)] : [$far, $piece, $low + 1, $high]];
    }

    /** @return list<string> */
    private static function parts(SawPiece $piece, int $low, int $high): array
    {
        $parts = $piece->part === null ? [] : [$piece->part->item];
        for ($i = $low; $i <= $high; $i++) {
            foreach ($piece->row[$i]->all() as $own) {
                array_push($parts, ...($own->part === null ? [] : [$own->part->item]));
            }
        }

        return $parts;
    }
}
