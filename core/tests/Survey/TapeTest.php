<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Survey;

use Incastro\Core\Document\Reading\DocumentRejected;
use Incastro\Core\Document\Reading\ProjectReader;
use Incastro\Core\Measure\Length;
use Incastro\Core\Survey\Tape;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** What all takes of one tape share, what it was checked against, and what becomes of it where the parts are cut by it too. */
final class TapeTest extends TestCase
{
    public function test_a_tape_nobody_has_checked_is_taken_for_as_good_as_its_class(): void
    {
        $tape = self::tape([]);
        self::assertFalse($tape->isChecked());
        self::assertSame([], $tape->out);
        self::assertSame(0.0, $tape->over(self::mm(1200)));
        self::assertEqualsWithDelta(0.7 / sqrt(3), $tape->deviation(self::mm(1200)), 1e-12, '0.3 + 2 · 0.2');
        self::assertSame(0.0, $tape->cancels(self::mm(1200)));
    }

    public function test_a_check_that_finds_it_good_leaves_less_open_and_changes_no_size(): void
    {
        $tape = self::tape(['hook_over' => 0, 'checked_on_tape' => 4000, 'checked_on_meter' => 4000]);
        self::assertTrue($tape->isChecked());
        self::assertSame([[], 0.0], [$tape->out, $tape->over(self::mm(1200))]);
        foreach ([300, 1200, 4000] as $mm) {
            self::assertLessThan(self::tape([])->deviation(self::mm($mm)), $tape->deviation(self::mm($mm)));
            self::assertGreaterThan(0.3 * self::tape([])->deviation(self::mm($mm)), $tape->deviation(self::mm($mm)), 'rule and meter are no better');
        }
        self::assertFalse(self::tape(['hook_over' => 0])->isChecked(), 'of its scale nothing is known');
        self::assertFalse(self::tape(['hook_over' => 0, 'checked_on_tape' => 4000])->isChecked(), 'half a check is none');
    }

    public function test_a_bent_hook_is_allowed_for_and_told(): void
    {
        // 1.0 is more than 0.3 and the rule's 0.5: a hook taken for ± 1, σ² 1/3, by a rule of 1/12. (1/3)/(5/12) = 0.8 of it is believed.
        $tape = self::tape(['hook_over' => 1.0]);
        self::assertSame(['hook' => 1.0], $tape->out);
        self::assertEqualsWithDelta(0.8, $tape->over(self::mm(1200)), 1e-9);
        self::assertEqualsWithDelta(-0.8, self::tape(['hook_over' => -1.0])->over(self::mm(1200)), 1e-9);
        self::assertSame([], self::tape(['hook_over' => 0.8])->out, 'as much as tape and rule may be out by');
    }

    public function test_a_stretched_tape_is_allowed_for_by_the_metre_unless_the_parts_are_cut_by_it(): void
    {
        // 10 over 5 m, more than 0.3 + 5 · 0.2 + 2 + 1. Scale ± 2, σ² 4/3; 5 · 4/3 of 0.03 + 25 · 4/3 + 3 = 36.363 is 0.1833, of 10: 1.833 a metre.
        $long = ['checked_on_tape' => 5010, 'checked_on_meter' => 5000];
        $tape = self::tape($long);
        self::assertSame(['scale' => 10.0], $tape->out);
        self::assertEqualsWithDelta(1.833, $tape->over(self::mm(2000)) - $tape->over(self::mm(1000)), 0.001);
        self::assertEqualsWithDelta(0.008, self::tape([...$long, 'cuts_by_same_tape' => true])->over(self::mm(2000)), 0.001, 'the hook alone');
    }

    public function test_what_it_reads_too_much_is_taken_off_the_room_and_not_off_what_was_read(): void
    {
        $room = fn (array $checks): array => Planned::of(self::document($checks))->plan['site'][Sample::SPACE];
        $width = fn (array $site): float => (float) array_column($site['doubt']['known'], 'stated', 'name')['clear_width'];
        [$as, $bent] = [$room([]), $room(['hook_over' => 1.0])];
        self::assertEqualsWithDelta($width($as) - 0.8, $width($bent), 0.15);
        self::assertSame(array_column($as['walk'], 'value'), array_column($bent['walk'], 'value'));
        self::assertFalse($as['tape_checked']);
        self::assertTrue($room(['hook_over' => 0, 'checked_on_tape' => 4000, 'checked_on_meter' => 4000])['tape_checked']);
    }

    public function test_a_tape_that_is_out_is_a_finding_where_it_was_used(): void
    {
        $codes = fn (array $document): array => array_values(array_filter(array_column(Planned::of($document)->plan['findings'], 'code'),
            fn (string $c): bool => in_array($c, ['survey.hook_out', 'survey.scale_out'], true)));
        self::assertSame([], $codes(self::document([])));
        $out = self::document(['hook_over' => 1.0, 'checked_on_tape' => 5010, 'checked_on_meter' => 5000]);
        self::assertSame(['survey.hook_out', 'survey.scale_out'], $codes($out));
        foreach ($out['facts'] as $id => $fact) {
            $lined = in_array($out['spaces'][Sample::SPACE]['readings'][$fact['reading']]['kind'], ['plumb', 'level'], true);
            $out['facts'][$id] = $lined ? $fact : [...$fact, 'with' => 'meter'];
        }
        self::assertSame([], $codes($out), 'nothing was read with it');
    }

    /** Of ±(0.3 + 2 · 0.2 + 1) the scale over 1.2 m is gone, 0.2 in whole tenths. */
    public function test_cutting_by_the_same_tape_leaves_its_scale_out_of_what_must_pass(): void
    {
        $trail = fn (array $document): array => Planned::trail(Planned::of($document)->piece()['budget']);
        self::assertContains('+ 1.7 fit.tape_limit', $trail(Sample::readAllOver(self::document([]))));
        self::assertContains('+ 1.5 fit.tape_limit_same', $trail(Sample::readAllOver(self::document(['cuts_by_same_tape' => true]))));
        $metered = Sample::readAllOver(self::document(['cuts_by_same_tape' => true]));
        foreach ($metered['facts'] as $id => $fact) {
            $isWidth = $metered['spaces'][Sample::SPACE]['readings'][$fact['reading']]['kind'] === 'width';
            $metered['facts'][$id] = $isWidth ? [...$fact, 'with' => 'meter'] : $fact;
        }
        self::assertStringNotContainsString('_same', implode(' ', $trail($metered)), 'what the meter read is cut by a tape all the same');
        $doubt = fn (array $document): float => (float) preg_replace('/^\D*([\d.]+) fit\.survey_doubt.*$/', '$1', $trail($document)[2]);
        self::assertSame(34.0, $doubt(self::document([])));
        self::assertLessThanOrEqual(34.0, $doubt(self::document(['cuts_by_same_tape' => true])));
        self::assertGreaterThan(33.0, $doubt(self::document(['cuts_by_same_tape' => true])), 'what nobody has read of the corners stays');
    }

    public function test_a_check_out_of_range_is_refused_with_what_is_expected(): void
    {
        $this->expectException(DocumentRejected::class);
        ProjectReader::read(self::document(['hook_over' => 11]));
    }

    /** @param  array<string, mixed>  $checks */
    private static function tape(array $checks): Tape
    {
        return new Tape(ProjectReader::read(self::document($checks))->workshop);
    }

    /**
     * @param  array<string, mixed>  $checks
     * @return array<string, mixed>
     */
    private static function document(array $checks): array
    {
        $document = Sample::e1();
        $document['workshop'] = [...$document['workshop'], ...$checks];

        return $document;
    }

    private static function mm(float $mm): Length
    {
        return Length::fromMillimetres($mm);
    }
}
