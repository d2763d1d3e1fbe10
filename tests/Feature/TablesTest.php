<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** What an archive keeps and leaves (support/run/tables) against the database as the migrations make it. */
final class TablesTest extends TestCase
{
    public function test_every_table_is_kept_or_left_by_name(): void
    {
        $made = array_column(DB::select("select relname from pg_class where relnamespace = 'public'::regnamespace and relkind = 'r'"), 'relname');
        self::assertEqualsCanonicalizing($made, [...self::listed('keep'), ...self::listed('leave')]);
    }

    public function test_what_is_pointed_at_comes_back_before_what_points(): void
    {
        $order = array_flip(self::listed('keep'));
        $pointers = DB::select("select conrelid::regclass::text as points, confrelid::regclass::text as at from pg_constraint where contype = 'f' and connamespace = 'public'::regnamespace");
        self::assertNotSame([], $pointers);
        foreach ($pointers as $is) {
            if (isset($order[$is->points])) {
                self::assertLessThan($order[$is->points], $order[$is->at] ?? self::fail("$is->points points at $is->at, which is left."), "$is->points → $is->at");
            }
        }
    }

    /** @return list<string> */
    private static function listed(string $which): array
    {
        preg_match_all("/^$which (\w+)$/m", (string) file_get_contents(base_path('support/run/tables')), $found);

        return $found[1];
    }
}
