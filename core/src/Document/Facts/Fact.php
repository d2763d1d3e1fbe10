<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Facts;

/** Something that happened and was written down. */
interface Fact
{
}
