<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Saw;

use Incastro\Core\Cut\Nest\Rect;
use Incastro\Core\Cut\Nest\SheetKind;

/** What a sheet is in once some of its cuts are made, and what the blade and the trimming took. Areas in units of 25 nm, squared. */
final readonly class Apart
{
    /** @param  list<Rect>  $pieces */
    private function __construct(public array $pieces, public int $kerf, public int $trim)
    {
    }

    /**
     * @param  list<SawCut>  $cuts  in the order they are made; one whose piece is not there yet is passed over
     */
    public static function after(SheetKind $kind, array $cuts, int $kerf): self
    {
        $pieces = ['1' => new Rect(0, 0, $kind->length, $kind->width)];
        $dust = $trim = 0;
        foreach ($cuts as $cut) {
            $whole = $pieces[$cut->piece] ?? null;
            if ($whole === null) {
                continue;
            }
            [$near, $far, $taken] = self::split($whole, $cut->axis, $cut->at, $kerf);
            unset($pieces[$cut->piece]);
            $dust += $taken;
            $isStrip = $cut->off->isTrim && $cut->off->row === [];
            foreach ([[$near, '1', false], [$far, '2', true]] as [$rect, $n, $isFar]) {
                if ($cut->isTrim && $isStrip === ($cut->fromFar === $isFar)) {
                    $trim += $rect->area();
                } elseif ($rect->area() > 0) {
                    $pieces["$cut->piece.$n"] = $rect;
                }
            }
        }

        return new self(array_values($pieces), $dust, $trim);
    }

    /** @return array{Rect, Rect, int} what lies before and behind the blade, and what it took: a blade may run past an edge */
    private static function split(Rect $r, string $axis, int $at, int $kerf): array
    {
        [$start, $end] = $axis === 'x' ? [$r->x, $r->x + $r->length] : [$r->y, $r->y + $r->width];
        [$from, $to] = [max($start, min($end, $at)), max($start, min($end, $at + $kerf))];

        return $axis === 'x'
            ? [new Rect($start, $r->y, $from - $start, $r->width), new Rect($to, $r->y, $end - $to, $r->width), ($to - $from) * $r->width]
            : [new Rect($r->x, $start, $r->length, $from - $start), new Rect($r->x, $to, $r->length, $end - $to), ($to - $from) * $r->length];
    }
}
