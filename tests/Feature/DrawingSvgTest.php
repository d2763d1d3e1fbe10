<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\PlanProject;
use App\Models\Project;
use Tests\TestCase;

final class DrawingSvgTest extends TestCase
{
    public function test_a_drawing_is_full_size_with_every_figure_and_its_lines_where_the_plan_has_them(): void
    {
        $this->actingAs($this->demoOwner());
        $project = $this->demoProject();
        $piece = (string) array_key_first($project->decoded()['pieces']);
        $svg = self::read((string) $this->get("/api/projects/$project->id/drawing.svg?of=$piece&view=front")->assertOk()->assertHeader('Content-Type', 'image/svg+xml')->getContent());
        [, , $width, $height] = array_map(floatval(...), explode(' ', $svg->getAttribute('viewBox')));
        self::assertSame([$width, $height], [(float) $svg->getAttribute('width'), (float) $svg->getAttribute('height')]);
        self::assertStringEndsWith('mm', $svg->getAttribute('width'));
        $drawing = app(PlanProject::class)->decoded($project)['drawings'][$piece]['front'];
        $shapes = array_values(array_filter($drawing['items'], fn (array $i): bool => in_array($i['kind'], ['shape', 'thing'], true)));
        self::assertCount(count($shapes), iterator_to_array($svg->getElementsByTagName('polygon')));
        $points = array_map(fn (string $p): array => array_map(floatval(...), explode(',', $p)), explode(' ', $svg->getElementsByTagName('polygon')->item(0)?->getAttribute('points') ?? ''));
        self::assertEqualsWithDelta(array_map(fn (array $p): array => [$p[0], -$p[1]], $shapes[0]['points']), $points, 0.001);
        $figures = count(array_filter($drawing['items'], fn (array $i): bool => $i['kind'] === 'dimension'));
        self::assertCount($figures, iterator_to_array($svg->getElementsByTagName('text')));
    }

    public function test_names_are_escaped_and_nothing_in_a_picture_runs(): void
    {
        $this->actingAs($this->demoOwner());
        $project = $this->demoProject();
        $this->postJson("/api/projects/$project->id/changes", $this->change(1, [$this->set('<script>alert(1)</script> & "co"\u{7}', 'name')]))->assertOk();
        foreach (['small.svg', 'drawing.svg?of='.array_key_first($project->decoded()['pieces']).'&view=top'] as $path) {
            $text = (string) $this->get("/api/projects/$project->id/$path")->assertOk()->getContent();
            self::assertCount(0, iterator_to_array(self::read($text)->getElementsByTagName('script')));
            self::assertStringNotContainsString('style=', $text);
        }
    }

    public function test_a_small_picture_is_not_sent_again_while_nothing_changed(): void
    {
        $this->actingAs($this->demoOwner());
        $url = '/api/projects/'.$this->demoProject()->id.'/small.svg';
        $tag = (string) $this->get($url)->assertOk()->headers->get('ETag');
        $this->get($url, ['If-None-Match' => $tag])->assertStatus(304);
    }

    public function test_every_demo_project_has_a_small_picture_with_something_on_it(): void
    {
        $this->actingAs($this->demoOwner());
        foreach (Project::query()->get() as $project) {
            self::assertGreaterThan(3, self::read((string) $this->get("/api/projects/$project->id/small.svg")->assertOk()->getContent())->getElementsByTagName('polygon')->length, $project->name);
        }
    }

    public function test_a_drawing_that_is_not_there_is_refused_in_words(): void
    {
        $this->actingAs($this->demoOwner());
        $this->getJson('/api/projects/'.$this->demoProject()->id.'/drawing.svg?of=none&view=front')->assertStatus(422)
            ->assertJsonPath('message', 'There is no such drawing: name a space or a piece of the project, and one of its views.');
    }

    private static function read(string $svg): \DOMElement
    {
        $document = new \DOMDocument;
        self::assertTrue($document->loadXML($svg));

        return $document->documentElement ?? throw new \LogicException('An empty document.');
    }
}
