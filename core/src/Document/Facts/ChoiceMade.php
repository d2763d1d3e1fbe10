<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Facts;

/** A fact: something was decided, and why. What it was about: a piece, a part, a step, or the project. */
final readonly class ChoiceMade implements Fact
{
    public function __construct(public string $id, public string $about, public string $text, public string $reason, public ?string $at)
    {
    }
}
