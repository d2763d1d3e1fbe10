<?php

declare(strict_types=1);

namespace Incastro\Core\Tests;

use Incastro\Core\Document\DocumentRejected;
use Incastro\Core\Document\ProjectReader;
use PHPUnit\Framework\TestCase;

/** What random documents at the doors have brought to light (support/bench/fuzz.php), each as the least that shows it. */
final class FoundByNonsenseTest extends TestCase
{
    public function test_a_slab_that_the_room_leaves_no_length_for_is_told_and_everything_else_is_laid(): void
    {
        // In the right niche of the chart room, a depth taken for 4.5 m: the slab between the walls comes out shorter than nothing.
        $document = json_decode((string) file_get_contents(__DIR__.'/../../database/demo/chart-room-right-niche.json'), true, 64, JSON_THROW_ON_ERROR);
        $document['facts']['01J8RJ00000000000000001763']['value'] = 4471.85;
        $plan = Planned::of($document);
        self::assertContains('fit.no_board', $plan->codes());
        self::assertSame('stop', $plan->finding('fit.no_board')['severity']);
        self::assertNotContains($plan->finding('fit.no_board')['place']['ref'], array_column($plan->plan['parts'], 'id'));
        self::assertNotSame([], $plan->plan['cut']);
    }

    public function test_a_day_that_is_none_is_refused_where_the_document_is_read(): void
    {
        foreach (['%s%n', 'null', '2026-02-30', '2026-1-1', ''] as $day) {
            try {
                ProjectReader::read(['as_of' => $day] + Sample::e1());
                self::fail("$day was taken.");
            } catch (DocumentRejected $e) {
                self::assertSame('/as_of', $e->problems[0]->pointer);
            }
        }
    }
}
