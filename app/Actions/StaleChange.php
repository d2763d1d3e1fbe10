<?php

declare(strict_types=1);

namespace App\Actions;

use Incastro\Core\Measure\Text;

/** Someone else changed the same thing meanwhile; both versions are kept here so that nothing is lost. */
final class StaleChange extends \RuntimeException
{
    /**
     * @param  list<string>  $paths  what both changed
     * @param  array<string, mixed>  $theirs  value by path as it now stands
     * @param  list<array<string, mixed>>  $mine  the operations refused
     * @param  list<array{what: Text, mine: Text|null, theirs: Text|null, both: bool}>  $rows  each operation told: with both versions where both changed it
     */
    public function __construct(
        public readonly array $paths,
        public readonly array $theirs,
        public readonly array $mine,
        public readonly int $revision,
        public readonly array $rows,
    ) {
        parent::__construct('The change was made on an older revision and touches what has changed since.');
    }
}
