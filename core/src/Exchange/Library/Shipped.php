<?php

declare(strict_types=1);

namespace Incastro\Core\Exchange\Library;

/** Generic entries that come with the program, made up by us: core/library/generic.csv. */
final class Shipped
{
    /** @return non-empty-list<Entry> */
    public static function entries(): array
    {
        return LibraryCsv::read((string) file_get_contents(__DIR__.'/../../../library/generic.csv'));
    }
}
