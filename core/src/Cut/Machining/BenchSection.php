<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Machining;

use Incastro\Core\Cut\Part;

/** The bench sheet of each part that has anything drilled or let in. */
final readonly class BenchSection implements \JsonSerializable
{
    /** @param  list<Part>  $parts */
    public function __construct(private array $parts)
    {
    }

    public function jsonSerialize(): object
    {
        $sheets = [];
        foreach ($this->parts as $part) {
            $sheet = BenchSheet::of($part);
            $sheets += $sheet === null ? [] : [$part->panel->id => $sheet];
        }

        return (object) $sheets;
    }
}
