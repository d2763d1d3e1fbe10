<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

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
        $this->bench->find($code, Severity::Stop, $cell->bay->id,
            Text::of($code, bay: $cell->label, has: $has, needs: $needs, by: $needs->minus($has)->absolute()), $has, $needs);
    }

    public function look(Cell $cell, string $code, Length $has, Length $needs, string $source = 'source.geometry'): void
    {
        $this->bench->find($code, Severity::Look, $cell->bay->id,
            Text::of($code, bay: $cell->label, has: $has, needs: $needs, by: $needs->minus($has)->absolute()), $has, $needs, $source);
    }

    public function need(Cell $cell, string $name, int $count, ?Length $length = null): void
    {
        $this->bench->need($cell->bay->id, Text::of("hardware.$name"), $count, $length);
    }
}
