<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** A layout the person accepted for one material; it is used for as long as it still fits the parts. */
final readonly class Layout
{
    /**
     * @param  list<array{size: string|null, parts: list<array{part: LaidPart, x: int, y: int, turned: bool, locked: bool}>}>  $sheets  in units of 25 nm; a
     *     size of null is the material's own
     */
    public function __construct(public string $material, public array $sheets)
    {
    }
}
