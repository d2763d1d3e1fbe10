<?php

declare(strict_types=1);

namespace Incastro\Core\Memory;

/** What was worked out once, by a key that says all it hangs on (Stage). It may forget at any time; then it is worked out anew, and comes out the same. */
interface Memory
{
    /** Null where nothing is known by that key. */
    public function get(string $key): mixed;

    public function keep(string $key, mixed $value): void;
}
