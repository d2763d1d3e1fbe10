<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\ReadsPdf;
use Tests\TestCase;

/** The record of the finished work, what is stored where, and the other side. */
final class HandoverTest extends TestCase
{
    use ReadsPdf;

    public function test_what_was_written_down_stands_in_the_record_on_paper_and_as_data(): void
    {
        [$url, $piece] = $this->withFacts();
        $text = (string) preg_replace('/\s+/', ' ', self::textOf((string) $this->get("$url/record.pdf")->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent()));
        foreach (['handed over 2026-12-12 to Ansel Pike', 'Chart shelves, Left niche', 'tin: Harbour grey, satin, batch H-2207', 'old gas pipe, capped; 412 mm from the door frame; 1035 mm from the floor',
            'Pins, not cleats. Because: the charts change size. Later: it was right.', 'Fence slipped. Cause: the clamp was loose', 'next by 2027-12-12', 'Take out the loose shelves of Chart shelves'] as $said) {
            self::assertStringContainsString($said, $text);
        }
        $json = $this->get("$url/record.json")->assertOk()->json();
        self::assertSame(['incastro-record', 'mm'], [$json['format'], $json['lengths']]);
        self::assertSame('Harbour grey', $json['pieces'][0]['tins'][0]['colour']);
        self::assertSame([['from' => 'the door frame', 'length' => 412], ['from' => 'the floor', 'length' => 1035]], $json['hidden'][0]['records'][0]['distances']);
        self::assertSame($piece, $json['pieces'][0]['id']);
        self::assertStringNotContainsString('"key": "part.', (string) json_encode($json), 'every text is said');
    }

    public function test_bins_are_labelled_with_what_belongs_there(): void
    {
        $this->actingAs($this->demoOwner());
        $url = "/api/projects/{$this->demoProject()->id}";
        self::assertStringContainsString('Nothing has a place yet', self::textOf((string) $this->get("$url/bin-labels.pdf")->assertOk()->getContent()));
        $opened = $this->getJson($url)->json();
        $bay = array_key_first(array_filter($opened['plan']['pieces'][array_key_first($opened['plan']['pieces'])]['cells'], fn (array $c): bool => $c['label'] !== ''));
        $thing = ['name' => 'Tide tables', 'width' => 200, 'depth' => 150, 'height' => 30, 'count' => 4, 'bay' => $bay];
        $this->postJson("$url/changes", $this->change($opened['revision'], [['op' => 'add', 'path' => ['stored', '01J000000000000000000STRD1'], 'value' => $thing]]))->assertOk();
        $text = self::textOf((string) $this->get("$url/bin-labels.pdf")->assertOk()->getContent());
        self::assertStringContainsString('4 × Tide tables', $text);
        self::assertStringContainsString('Chart shelves', $text);
    }

    public function test_the_other_side_is_a_project_of_its_own_that_wants_measuring(): void
    {
        $this->actingAs($this->demoOwner());
        $first = $this->demoProject();
        $made = $this->postJson("/api/projects/$first->id/other-side")->assertCreated()->assertJsonPath('data.name', "$first->name, the other side")->json('data.id');
        $opened = $this->getJson("/api/projects/$made")->assertOk()->json();
        self::assertSame([], (array) $opened['document']['facts']);
        self::assertSame([], $opened['plan']['parts']);
        $this->actingAs($this->stranger())->postJson("/api/projects/$first->id/other-side")->assertForbidden();
    }

    /** @return array{string, string} */
    private function withFacts(): array
    {
        $this->actingAs($this->demoOwner());
        $project = $this->demoProject();
        $piece = (string) array_key_first($project->decoded()['pieces']);
        $facts = [
            ['kind' => 'tin', 'piece' => $piece, 'name' => 'Harbour grey', 'colour' => 'Harbour grey', 'sheen' => 'satin', 'batch' => 'H-2207'],
            ['kind' => 'hidden', 'about' => $piece, 'text' => 'old gas pipe, capped', 'first' => ['from' => 'the door frame', 'length' => 412], 'second' => ['from' => 'the floor', 'length' => 1035]],
            ['kind' => 'choice', 'about' => $piece, 'text' => 'Pins, not cleats.', 'reason' => 'the charts change size.'],
            ['kind' => 'verdict', 'of' => '01J00000000000000000FACT03', 'good' => true],
            ['kind' => 'mistake', 'about' => $piece, 'text' => 'Fence slipped.', 'cause' => 'the clamp was loose', 'minutes' => 40],
            ['kind' => 'handed_over', 'to' => 'Ansel Pike'],
        ];
        $ops = array_map(fn (array $f, int $n): array => ['op' => 'append', 'path' => ['facts', sprintf('01J00000000000000000FACT%02d', $n + 1)], 'value' => $f + ['at' => '2026-12-12T10:00:00.000Z']], $facts, array_keys($facts));
        $this->postJson("/api/projects/$project->id/changes", $this->change($project->revision, $ops))->assertOk();

        return ["/api/projects/$project->id", $piece];
    }
}
