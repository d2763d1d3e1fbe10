<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Model\Bay;
use Incastro\Core\Measure\Length;

/** A row where it stands, while it is made: from its foot to its head, and what divides it; floor and over give the board below and above a bay at an x. */
final class RowPlace
{
    /** @var array<string, array{x: Length, id: string, new: bool, reaches: list<string>, head: Length}> dividers by the bay to their left */
    public array $dividers = [];

    /** @var \Closure(Bay, Length): ?string */
    public \Closure $over;

    /**
     * @param  \Closure(Bay, Length): ?string  $floor
     * @param  bool  $isLowest  first of the rows
     */
    public function __construct(
        public readonly Row $row,
        public readonly Division $division,
        public readonly Length $z,
        public readonly Length $head,
        public readonly \Closure $floor,
        public readonly bool $isLowest,
        public readonly bool $isLast,
    ) {
        $this->over = fn (Bay $bay, Length $x): ?string => null;
    }

    public function below(Bay $bay, Length $x): ?string
    {
        return ($this->floor)($bay, $x);
    }

    public function above(Bay $bay, Length $x): ?string
    {
        return ($this->over)($bay, $x);
    }

    public function isOpenToFloor(Bay $bay, Opening $o): bool
    {
        return $bay->openFloor && $this->isLowest && $o->ends === 2;
    }
}
