<?php

declare(strict_types=1);

namespace Incastro\Core\Design\Fills;

use Incastro\Core\Design\Workplace;
use Incastro\Core\Measure\Length;

/** A way through to what lies behind: no back, nothing in it. */
final class Crawl implements FillMaker
{
    /** What a person crawls through. */
    private const LEAST_MM = 500;

    public function make(Workplace $at): void
    {
        $cell = $at->cell;
        $least = Length::fromMillimetres(self::LEAST_MM);
        $has = Length::least($cell->mouth->x->value(), $cell->mouth->z->value());
        if ($has->isLessThan($least)) {
            $at->bench->find($at->against('piece.crawl_narrow', $has, $least)->sourced('source.reach'));
        }
    }
}
