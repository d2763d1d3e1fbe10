<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** Where a board that is cut from what is left of a begun sheet lay on it: the fact that it was begun, and its corner. Units of 25 nm. */
final readonly class LeftOf
{
    private const WORD = 'left';

    public function __construct(public string $begun, public int $x, public int $y)
    {
    }

    /** As layouts and begun sheets name the board's size. */
    public function id(): string
    {
        return self::WORD." $this->begun $this->x $this->y";
    }

    /** @param  string  $size  as a document holds it; null for a size that is no such board */
    public static function read(string $size): ?self
    {
        return preg_match('/^'.self::WORD.' (\S+) (-?\d+) (-?\d+)$/', $size, $m) === 1 ? new self($m[1], (int) $m[2], (int) $m[3]) : null;
    }
}
