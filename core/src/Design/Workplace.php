<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** A bay, and what its fill is made with. */
final readonly class Workplace
{
    public function __construct(public Cell $cell, public Bench $bench, public Stuff $stuff)
    {
    }

    public function maker(): Maker
    {
        return Maker::at($this->bench, $this->cell->board, $this->cell->bay->id);
    }

    public function thin(): Maker
    {
        return Maker::at($this->bench, $this->cell->back, $this->cell->bay->id);
    }

    /** A fill that cannot work says why on the spot. */
    public function cannot(string $code, Length $has, Length $needs): void
    {
        $this->bench->find($this->against($code, $has, $needs)->graded(Severity::Stop));
    }

    /** What a bay has, held against what its fill needs. */
    public function against(string $code, Length $has, Length $needs): Finding
    {
        $says = Text::of($code, bay: $this->cell->label, has: $has, needs: $needs, by: $needs->minus($has)->absolute());

        return Finding::ofPiece($code, Severity::Look, $this->cell->bay->id, $says)->measuring($has, $needs);
    }

    public function need(string $name, int $count, ?Length $length = null): void
    {
        $this->bench->need($this->cell->bay->id, Text::of("hardware.$name"), $count, $length);
    }
}
