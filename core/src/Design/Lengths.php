<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** A stretch in as few lengths as its board gives, parted where something stands behind the joint. */
final class Lengths
{
    /**
     * @param  list<Length>  $cuts  places where it may be parted, ascending
     * @return list<Span>
     */
    public static function of(Span $whole, array $cuts, Length $longest): array
    {
        if (! $whole->value()->isGreaterThan($longest)) {
            return [$whole];
        }
        $spans = [];
        $from = $whole->from;
        $last = null;
        foreach ([...$cuts, $whole->to()] as $cut) {
            if ($last !== null && $cut->minus($from)->isGreaterThan($longest) && $last->isGreaterThan($from)) {
                $spans[] = Span::of($from, $last->minus($from), Text::of('piece.parted_here'));
                $from = $last;
            }
            $last = $cut;
        }
        $spans[] = Span::of($from, $whole->to()->minus($from), Text::of('piece.parted_rest'));

        return $spans;
    }
}
