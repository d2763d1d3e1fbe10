<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Build\Record;

use Incastro\Core\Document\Reading\DocumentRejected;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** How far each part is, step by step, and what it measures as it was made. */
final class PartStatesTest extends TestCase
{
    private const ORDER = ['to_cut', 'cut', 'machined', 'finished', 'assembled', 'installed'];

    public function test_done_one_after_another_every_part_goes_forward_only_and_ends_installed(): void
    {
        foreach (['before', 'after'] as $finish) {
            $document = Sample::e1();
            $document['make'] = ['finish' => $finish];
            $document['pieces'][Sample::PIECE]['finish'] = ['kind' => 'paint', 'primer' => true];
            $steps = Planned::of($document)->plan['steps'];
            $before = self::states($document);
            self::assertSame(['to_cut'], array_values(array_unique($before)));
            foreach ($steps as $n => $step) {
                $document['facts'][Sample::id('D0NE', $n)] = ['kind' => 'done', 'step' => $step['id']];
                $now = self::states($document);
                foreach ($now as $part => $state) {
                    self::assertGreaterThanOrEqual(array_search($before[$part], self::ORDER, true),
                        array_search($state, self::ORDER, true), "$finish: $part after $step[id]");
                }
                $before = $now;
            }
            self::assertSame(['installed'], array_values(array_unique($before)), $finish);
        }
    }

    public function test_a_finish_is_on_with_its_last_coat(): void
    {
        $document = Sample::e1();
        $document['pieces'][Sample::PIECE]['finish'] = ['kind' => 'paint'];
        $coats = array_values(array_filter(Planned::of($document)->plan['steps'], fn (array $s): bool => $s['kind'] === 'coat'));
        self::assertCount(2, $coats);
        $document['facts'][Sample::id('D0NE', 1)] = ['kind' => 'done', 'step' => $coats[0]['id']];
        self::assertNotContains('finished', self::states($document));
        $document['facts'][Sample::id('D0NE', 2)] = ['kind' => 'done', 'step' => $coats[1]['id']];
        self::assertSame('finished', self::states($document)[$coats[1]['parts'][0]]);
    }

    public function test_as_made_the_last_reading_of_each_size_counts_and_what_is_off_is_told(): void
    {
        $document = Sample::e1();
        $side = Planned::of($document)->part('side_left');
        [$length, $width] = [$side['finished']['length']['mm'], $side['finished']['width']['mm']];
        $fact = fn (array $sizes): array => ['kind' => 'as_built', 'part' => $side['id']] + $sizes;
        // On the limit, 1 mm by the sample's workshop: not told.
        $document['facts'][Sample::id('ASB', 1)] = $fact(['length' => $length - 1, 'width' => $width]);
        $plan = Planned::of($document);
        self::assertSame(['length' => $length - 1, 'width' => $width, 'thickness' => null], $plan->part('side_left')['as_built']);
        self::assertNotContains('log.made_short', $plan->codes());
        $document['facts'][Sample::id('ASB', 2)] = $fact(['length' => $length - 1.5, 'thickness' => 17.8]);
        $plan = Planned::of($document);
        self::assertSame(['length' => $length - 1.5, 'width' => $width, 'thickness' => 17.8], $plan->part('side_left')['as_built']);
        self::assertSame(1.5, $plan->finding('log.made_short')['says']['args']['by']['mm']);
        $document['facts'][Sample::id('ASB', 3)] = $fact(['length' => $length, 'width' => $width + 3]);
        $codes = Planned::of($document)->codes();
        self::assertContains('log.made_long', $codes);
        self::assertNotContains('log.made_short', $codes);
    }

    public function test_a_part_as_made_without_a_size_is_refused(): void
    {
        $document = Sample::e1();
        $document['facts'][Sample::id('ASB', 1)] = ['kind' => 'as_built', 'part' => 'x'];
        $this->expectException(DocumentRejected::class);
        Planned::of($document);
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, string> by part
     */
    private static function states(array $document): array
    {
        return array_column(Planned::of($document)->plan['parts'], 'state', 'id');
    }
}
