<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Facts;

/** A fact: something said of a part or a step while it was worked on. */
final readonly class Remark implements Fact
{
    public function __construct(public string $id, public string $about, public string $text, public ?string $at)
    {
    }
}
