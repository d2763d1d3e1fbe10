<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;

/**
 * A blank that projects past the carcass and is cut to the wall. `setting` is the distance the part still
 * has to travel when it first touches: what compass or block is set to (fieldbook §2).
 */
final readonly class Scribe implements \JsonSerializable
{
    /** @param  list<array{z: Length, presented: Length, removed: Length, left: Length}>  $stations from the bottom up */
    public function __construct(
        public Figure $projects,
        public Figure $setting,
        public Length $touchesAt,
        public array $stations,
    ) {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['projects' => $this->projects, 'setting' => $this->setting, 'touches_at' => $this->touchesAt, 'stations' => $this->stations];
    }
}
