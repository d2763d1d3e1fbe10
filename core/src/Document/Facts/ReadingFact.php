<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Facts;

/** Something that happened to one reading. */
interface ReadingFact extends Fact
{
    /** Its id. */
    public function reading(): string;
}
