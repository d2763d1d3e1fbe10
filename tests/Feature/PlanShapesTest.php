<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;

/** The schema of the plan is the one source of its shape. */
final class PlanShapesTest extends TestCase
{
    public function test_what_printing_reads_is_as_the_schema_gives_it(): void
    {
        exec(PHP_BINARY.' '.escapeshellarg(__DIR__.'/../../support/schema/shapes.php'), $lines);
        self::assertSame(implode("\n", $lines)."\n", file_get_contents(__DIR__.'/../../app/Print/PlanShapes.php'), 'npm run types makes it anew');
    }

    public function test_a_definition_that_comes_back_to_itself_is_open_there(): void
    {
        $types = (string) file_get_contents(__DIR__.'/../../app/Print/PlanShapes.php');
        self::assertStringContainsString('@phpstan-type Text array{key: string, args: array<string, ', $types);
        self::assertStringContainsString("array{type: 'text', text: mixed}", $types);
        self::assertStringContainsString('@phpstan-type Figure array{mm: int|float, ', $types);
    }
}
