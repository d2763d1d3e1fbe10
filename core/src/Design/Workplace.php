<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** What a fill is made with. */
final readonly class Workplace
{
    public function __construct(public Bench $bench, public Stuff $stuff)
    {
    }

    public function maker(Cell $cell): Maker
    {
        return Maker::at($this->bench, $cell->board, $cell->bay->id);
    }

    public function thin(Cell $cell): Maker
    {
        return Maker::at($this->bench, $cell->back, $cell->bay->id);
    }

    /** A fill that cannot work says why on the spot. */
    public function cannot(Cell $cell, string $code, Length $has, Length $needs): void
    {
        $this->bench->find($this->against($cell, $code, $has, $needs)->graded(Severity::Stop));
    }

    /** What a bay has, held against what its fill needs. */
    public function against(Cell $cell, string $code, Length $has, Length $needs): Finding
    {
        $says = Text::of($code, bay: $cell->label, has: $has, needs: $needs, by: $needs->minus($has)->absolute());

        return Finding::ofPiece($code, Severity::Look, $cell->bay->id, $says)->measuring($has, $needs);
    }

    public function need(Cell $cell, string $name, int $count, ?Length $length = null): void
    {
        $this->bench->need($cell->bay->id, Text::of("hardware.$name"), $count, $length);
    }
}
