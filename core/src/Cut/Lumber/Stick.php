<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Lumber;

/**
 * A length of lumber or moulding that can be had. Both ends are squared by a trim, and what is bad is cut out.
 * Units of 25 nm.
 */
final readonly class Stick
{
    /** @param  list<array{int, int}>  $defects  from and to, along the stick; no part lies across one */
    public function __construct(
        public string $id,
        public string $name,
        public int $length,
        public int $priceCents = 0,
        public ?int $limit = null,
        public bool $inHand = false,
        public array $defects = [],
    ) {
    }

    /** @return list<array{int, int}> clear lengths, from and to */
    public function clear(int $endTrim): array
    {
        $defects = $this->defects;
        sort($defects);
        $clear = [];
        $from = $endTrim;
        foreach ([...$defects, [$this->length - $endTrim, $this->length]] as [$bad, $good]) {
            array_push($clear, ...($bad > $from ? [[$from, $bad]] : []));
            $from = max($from, $good);
        }

        return $clear;
    }
}
