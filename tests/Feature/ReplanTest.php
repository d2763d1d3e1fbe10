<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\TestCase;

/** A change worked through with what is cut, over HTTP: proposed, taken, undone. */
final class ReplanTest extends TestCase
{
    public function test_a_change_is_proposed_taken_and_undone(): void
    {
        $url = '/api/projects/'.$this->actingAs($this->demoOwner())->demoProject()->id;
        $this->postJson("$url/replan")->assertOk()->assertJsonPath('ops', [])->assertJsonPath('rows', []);
        $opened = $this->getJson($url)->json();
        $sheet = $opened['plan']['cut'][0]['sheets'][0];
        $begun = '01J0000000000000000000BEGN';
        $facts = [$begun => ['kind' => 'begun', 'material' => $opened['plan']['cut'][0]['material'], 'length' => $sheet['length'], 'width' => $sheet['width'], 'trims' => $sheet['trims'], 'kerf' => $opened['plan']['cut'][0]['kerf'],
            'parts' => array_map(fn (array $p): array => ['part' => $p['part'], 'x' => $p['x_mm'], 'y' => $p['y_mm'], 'length' => $p['length_mm'], 'width' => $p['width_mm'], 'turned' => $p['turned']], $sheet['placements'])]];
        foreach ($sheet['cuts'] as $cut) {
            $facts[sprintf('01J000000000000000000SWN%02d', $cut['order'])] = ['kind' => 'sawn', 'begun' => $begun, 'cut' => $cut['order']];
        }
        $ops = array_map(fn (string $id, array $fact): array => ['op' => 'append', 'path' => ['facts', $id], 'value' => $fact], array_keys($facts), $facts);
        $this->postJson("$url/changes", $this->change($opened['revision'], $ops))->assertOk();
        $piece = array_key_first($opened['document']['pieces']);
        $height = $opened['document']['pieces'][$piece]['height'];
        $changed = $this->postJson("$url/changes", $this->change($opened['revision'] + 1, [$this->set($height - 20, 'pieces', $piece, 'height')]))->assertOk()->json();
        self::assertSame(4, $changed['plan']['rework']['open'], 'two sides, the divider and a filler');
        $proposed = $this->postJson("$url/replan")->assertOk()->json();
        // By hand: 20 off the height is 20 off every upright board.
        self::assertSame([20, 20, 20, 20], array_column($proposed['rows'], 'over_length'));
        $row = $proposed['rows'][0];
        $other = $this->postJson("$url/replan", ['instead' => [$row['begun'] => [$row['item'] => 'lost']]])->assertOk()->json();
        self::assertSame('lost', $other['rows'][0]['becomes']);
        $this->postJson("$url/replan", ['instead' => 'lost'])->assertStatus(422);
        $this->postJson("$url/replan", ['instead' => [$row['begun'] => [$row['item'] => ['lost']]]])->assertStatus(422);
        $taken = $this->postJson("$url/changes", $this->change($changed['revision'], $proposed['ops']))->assertOk()->json();
        self::assertSame(0, $taken['plan']['rework']['open']);
        $undone = $this->postJson("$url/changes", $this->change($taken['revision'], $taken['inverse']))->assertOk()->json();
        self::assertSame($changed['plan'], $undone['plan'], 'undone, it is what it was');
    }
}
