<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Facts;

/** A fact: something went wrong, why, and the minutes it cost, where somebody said so. */
final readonly class Mistake implements Fact
{
    public function __construct(public string $id, public string $about, public string $text, public ?string $cause, public ?int $minutes, public ?string $at)
    {
    }
}
