<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Print\Paper;
use App\Print\Tiles;
use Tests\TestCase;

/** Templates at full size: pages are scanned, joined by their crosses and measured; files are read back. */
final class TemplateTest extends TestCase
{
    public function test_the_printed_pages_joined_by_their_crosses_give_the_line_within_0_3_mm(): void
    {
        foreach (['a4' => 'left', 'letter' => 'right'] as $paper => $side) {
            [$pdf, $template] = $this->printed($side, $paper);
            $pages = Scan::pages($pdf);
            self::assertGreaterThan(8, count($pages), 'a cover and a page for every 250 mm of 2.2 m');
            $this->squareMeasures100($pages[0]);
            $this->lineIsTrue(array_slice($pages, 1), $template, $side === 'left' ? 1 : -1);
        }
    }

    private function squareMeasures100(Scan $cover): void
    {
        // Across the middle of the square only its two uprights are dark left of the map.
        $row = (int) ((38 + 70) * Scan::DOTS_PER_MM);
        [[$left], [, $right]] = [$cover->darkAcross($row, 100, 1200)[0], array_slice($cover->darkAcross($row, 100, 1200), -1)[0]];
        self::assertEqualsWithDelta(100, ($right - $left) / Scan::DOTS_PER_MM, 0.4, 'with the pen’s own width');
        $down = $cover->darkDown((int) (100 * Scan::DOTS_PER_MM), 370, 1400);
        self::assertEqualsWithDelta(100, (array_slice($down, -1)[0][1] - $down[0][0]) / Scan::DOTS_PER_MM, 0.4);
    }

    /**
     * @param  list<Scan>  $pages
     * @param  array<string, mixed>  $template
     */
    private function lineIsTrue(array $pages, array $template, int $up): void
    {
        $cut = array_values(array_filter($template['lines'], fn (array $l): bool => $l['layer'] === 'cut'))[0]['points'];
        [$shiftX, $shiftY, $start, $base, $checked, $end] = [0.0, 0.0, null, null, 0, 0.0];
        foreach ($pages as $n => $page) {
            if ($n > 0) {
                [$before, $here] = [array_slice($pages[$n - 1]->crosses(), -2), array_slice($page->crosses(), 0, 2)];
                self::assertEqualsWithDelta($before[1][1] - $before[0][1], $here[1][1] - $here[0][1], 1.5, 'the pair lies as on the page before');
                $shiftX += $before[0][0] - $here[0][0];
                $shiftY += $before[0][1] - $here[0][1];
            }
            for ($x = 150; $x < $page->width() - 150; $x += 37) {
                $lines = array_map(fn (array $d): float => ($d[0] + $d[1]) / 2, array_values(array_filter($page->darkDown($x, 150, $page->height() - 230), fn (array $d): bool => $d[1] - $d[0] < 6)));
                if (count($lines) !== 2) {
                    continue;
                }
                [$straight, $line] = $up > 0 ? [$lines[1], $lines[0]] : [$lines[0], $lines[1]];
                // The straight edge is a long stroke; letters that stand beside its end are not.
                $stroke = array_values(array_filter($page->darkAcross((int) $straight, 100, $page->width() - 100), fn (array $d): bool => $d[0] <= $x && $d[1] >= $x && $d[1] - $d[0] > 100))[0] ?? null;
                if ($stroke === null) {
                    continue;
                }
                if ($start === null) {
                    [$start, $base] = [$stroke[0], $straight + $shiftY];
                }
                $along = ($x + $shiftX - $start) / Scan::DOTS_PER_MM;
                self::assertEqualsWithDelta($base, $straight + $shiftY, 3.0, 'the straight edge stays straight over the joints');
                self::assertEqualsWithDelta(self::at($cut, $along), ($base - $line - $shiftY) / Scan::DOTS_PER_MM, 0.3, "at $along of the page ".($n + 1));
                $checked++;
                $end = ($stroke[1] + $shiftX - $start) / Scan::DOTS_PER_MM;
            }
        }
        self::assertGreaterThan(300, $checked);
        self::assertEqualsWithDelta($template['bounds'][2], $end, 0.4, 'whole length over all pages');
    }

    /** @param  list<array{int|float, int|float}>  $points */
    private static function at(array $points, float $along): float
    {
        foreach ($points as $i => [$u, $v]) {
            if ($u >= $along && $i > 0) {
                [$u0, $v0] = $points[$i - 1];

                return $v0 + ($v - $v0) * ($along - $u0) / ($u - $u0);
            }
        }

        return $points[$along < 1 ? 0 : count($points) - 1][1];
    }

    public function test_as_svg_it_has_true_millimetres_and_a_square(): void
    {
        [$svg, $template] = $this->printed('left', 'a4', 'svg');
        $xml = simplexml_load_string($svg);
        self::assertNotFalse($xml);
        [, , $width, $height] = array_map(floatval(...), explode(' ', (string) $xml['viewBox']));
        self::assertSame([$width, $height], [(float) (string) $xml['width'], (float) (string) $xml['height']]);
        self::assertStringEndsWith('mm', (string) $xml['width']);
        $xml->registerXPathNamespace('s', 'http://www.w3.org/2000/svg');
        $cut = (string) ($xml->xpath('//s:polyline[@class="cut"]') ?: [])[0]['points'];
        [$u, $v] = array_map(floatval(...), explode(',', explode(' ', $cut)[0]));
        self::assertEqualsWithDelta($template['bounds'][3] > 0 ? $this->cutOf($template)[0] : [], [$u, -$v], 1e-3);
        self::assertSame('100', (string) ($xml->xpath('//s:rect[@class="test-square"]') ?: [])[0]['width']);
    }

    public function test_as_dxf_it_has_its_lines_on_ascii_layers_and_a_square(): void
    {
        [$dxf, $template] = $this->printed('left', 'a4', 'dxf');
        $pairs = array_chunk(explode("\r\n", trim($dxf)), 2);
        self::assertContains(['  1', 'AC1009'], $pairs);
        self::assertSame('EOF', $pairs[count($pairs) - 1][1]);
        $points = $layer = $all = [];
        foreach ($pairs as [$code, $value]) {
            match ((int) $code) {
                8 => $layer = $value,
                10 => $points[] = [$layer, (float) $value],
                20 => $points[count($points) - 1][] = (float) $value,
                default => null,
            };
        }
        foreach ($points as [$on, $x, $y]) {
            $all[$on][] = [$x, $y];
            self::assertMatchesRegularExpression('/^[A-Z0-9_]+$/', $on);
        }
        // The first pair of each polyline is its own head, which has no place.
        self::assertEqualsWithDelta($this->cutOf($template), array_slice($all['CUT'], 1), 1e-6);
        $square = array_slice($all['TEST_SQUARE_100_MM'], 1);
        self::assertEqualsWithDelta([100.0, 100.0], [$square[2][0] - $square[0][0], $square[2][1] - $square[0][1]], 1e-9);
        self::assertSame(1, preg_match('/^[\x00-\x7F]*$/', $dxf), 'plain ASCII');
    }

    public function test_what_has_no_template_or_is_not_ones_own_is_refused(): void
    {
        $owner = $this->demoOwner();
        $id = $this->demoProject()->id;
        $this->getJson("/api/projects/$id/template.pdf?of=x")->assertStatus(401);
        $this->actingAs($owner)->getJson("/api/projects/$id/template.pdf?of=nothing")->assertStatus(422)->assertJsonPath('message', 'There is no template of that edge or part: choose a way that is scribed first.');
        $this->getJson("/api/projects/$id/template.pdf")->assertStatus(422);
        $this->getJson("/api/projects/$id/template.pdf?of=x&paper=a9")->assertStatus(422);
        $this->actingAs($this->stranger())->getJson("/api/projects/$id/template.pdf?of=x")->assertForbidden();
    }

    public function test_only_pages_that_hold_a_line_are_printed(): void
    {
        $ring = ['piece' => '', 'name' => ['key' => '', 'args' => []], 'seen' => ['key' => '', 'args' => []], 'left' => null, 'right' => null, 'bounds' => [0, 0, 1500, 1500], 'marks' => [],
            'lines' => [['layer' => 'cut', 'points' => [[0, 0], [1500, 0], [1500, 1500], [0, 1500]], 'closed' => true]]];
        $tiles = new Tiles($ring, Paper::A3);
        self::assertSame([4, 7], [$tiles->columns, $tiles->rows]);
        self::assertCount(2 * 4 + 2 * 5 + 2, $tiles->tiles, 'the rim, whose lower line lies in the strip that two rows share, and nothing of the middle');
    }

    /**
     * @param  array<string, mixed>  $template
     * @return list<array{int|float, int|float}>
     */
    private function cutOf(array $template): array
    {
        return array_values(array_filter($template['lines'], fn (array $l): bool => $l['layer'] === 'cut'))[0]['points'];
    }

    /** @return array{string, array<string, mixed>} the file and the template of one edge of the demo's first niche */
    private function printed(string $side, string $paper, string $form = 'pdf'): array
    {
        $this->actingAs($this->demoOwner());
        $project = $this->demoProject();
        $piece = array_key_first($project->decoded()['pieces']);
        $plan = $this->getJson("/api/projects/$project->id/plan")->assertOk()->json();
        $file = $this->get("/api/projects/$project->id/template.$form?of=".urlencode("$piece/$side")."&paper=$paper")->assertOk();
        self::assertStringContainsString('full size in mm', (string) $file->headers->get('Content-Disposition'));

        return [(string) $file->getContent(), ($plan['plan'] ?? $plan)['templates']["$piece/$side"]];
    }
}
