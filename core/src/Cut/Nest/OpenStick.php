<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Nest;

/** A stick while it is filled: its kind, how much room is left, which size may come next, and how many of each are in it. */
final readonly class OpenStick
{
    /** @param  array<int, int>  $own */
    private function __construct(public int $kind, public int $room, public int $from, public array $own)
    {
    }

    public static function begun(int $kind, int $room): self
    {
        return new self($kind, $room, 0, []);
    }

    /** With one more of a size; longer ones come no more. */
    public function with(int $i, int $size): self
    {
        return new self($this->kind, $this->room - $size, $i, [$i => ($this->own[$i] ?? 0) + 1] + $this->own);
    }
}
