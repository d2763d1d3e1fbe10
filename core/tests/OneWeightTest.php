<?php

declare(strict_types=1);

namespace Incastro\Core\Tests;

use Incastro\Core\Planning\Planning;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The same body weighs the same wherever it is told. */
final class OneWeightTest extends TestCase
{
    #[DataProvider('houses')]
    public function test_the_tally_and_the_handover_agree(string $name): void
    {
        $document = Demo::document($name);
        $plan = Planned::of($document)->plan;
        self::assertNotEmpty($plan['pieces']);
        foreach ($plan['handover']['pieces'] as $piece) {
            self::assertEqualsWithDelta($piece['kg']['value'], $plan['pieces'][$piece['id']]['totals']['grams'] / 1000, 0.0501, $piece['name']);
        }
    }

    #[DataProvider('houses')]
    public function test_what_is_carried_weighs_the_same_in_its_step_in_the_list_of_loads_and_where_it_is_told(string $name): void
    {
        $document = Demo::document($name);
        $plan = Planned::of($document)->plan;
        $loads = [];
        foreach ($plan['carrying']['loads'] as $load) {
            $loads[$load['parts'][0]] = $load['kg']['value'];
        }
        $told = array_filter($plan['findings'], fn (array $f): bool => in_array($f['code'], ['people.lift_heavy', 'people.lift_high'], true));
        foreach ($told as $finding) {
            self::assertContains((float) $finding['says']['args']['kg']['name'], array_map(fn (float $kg): float => round($kg, 1), $loads), $finding['code']);
        }
        $carried = 0;
        foreach ($plan['steps'] as $step) {
            if ($step['kind'] === 'carry') {
                $number = array_values(array_filter($step['numbers'], fn (array $n): bool => $n['key'] === 'number.kg_people'))[0];
                self::assertSame($loads[$step['parts'][0]] ?? null, $number['args']['kg']['value'], $step['id']);
                $carried++;
            }
        }
        $boxes = array_sum(array_map(fn ($p): int => count($p->design->fronts), (new Planning($document))->pieces()));
        self::assertTrue($carried > 0 || $boxes === 0 || $plan['steps'] === [], 'boxes, and none is carried');
    }

    /** @return iterable<string, array{string}> */
    public static function houses(): iterable
    {
        foreach (Demo::names() as $name) {
            yield $name => [$name];
        }
    }
}
