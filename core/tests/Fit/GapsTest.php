<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Fit;

use Eris\Generators;
use Eris\TestTrait;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** What must hold of every crooked niche. */
final class GapsTest extends TestCase
{
    use TestTrait;

    public function test_gap_and_carcass_and_gap_make_the_taped_width(): void
    {
        $this->limitTo(60)->forAll(Generators::choose(1, 1_000_000))->then(function (int $seed): void {
            [$document, $widths] = $this->niche($seed);
            $piece = Planned::of($document)->piece();
            foreach ($widths as $i => $width) {
                $sum = $piece['edges']['left']['gaps'][$i]['gap'] + $piece['width']['mm'] + $piece['edges']['right']['gaps'][$i]['gap'];
                self::assertEqualsWithDelta($width, $sum, 1e-6);
            }
        });
    }

    public function test_each_least_gap_is_the_set_off_and_no_blank_falls_short(): void
    {
        $this->limitTo(60)->forAll(Generators::choose(1, 1_000_000))->then(function (int $seed): void {
            [$document] = $this->niche($seed);
            foreach (['left', 'right'] as $side) {
                $edge = Planned::of($document)->piece()['edges'][$side];
                self::assertEqualsWithDelta($document['pieces'][Sample::PIECE][$side]['set_off'], $edge['least'], 1e-6);
                foreach ($edge['scribe']['stations'] as $s) {
                    self::assertGreaterThanOrEqual(3 - 1e-9, $s['removed'], 'something to cut everywhere');
                    self::assertEqualsWithDelta($edge['scribe']['projects']['mm'], $s['removed'] + $s['left'], 1e-6);
                    self::assertGreaterThanOrEqual(-1e-9, $s['presented']);
                }
                self::assertEqualsWithDelta(max(array_column($edge['scribe']['stations'], 'removed')), $edge['scribe']['setting']['mm'], 1e-6);
            }
        });
    }

    /** @return array{array<string, mixed>, list<float>} a niche read at the carcass's foot, middle and head, and its widths there */
    private function niche(int $seed): array
    {
        mt_srand($seed);
        $document = Sample::empty('mm');
        $widths = [];
        foreach ([100, 1200, 2300] as $i => $z) {
            $widths[] = 900 + mt_rand(-300, 300) / 10;
            $document = Sample::width($document, $i, $z, $widths[$i]);
        }
        $document = Sample::plumb($document, 1, 'left', 100, 1200, mt_rand(-150, 150) / 10);
        $document = Sample::plumb($document, 2, 'left', 100, 2300, mt_rand(-150, 150) / 10);
        // Taken twice: so crooked a niche is not believed at once.
        foreach (array_values($document['facts']) as $i => $take) {
            $document = Sample::take($document, $take['reading'], $take['value'], 50 + $i);
        }
        foreach (['left', 'right'] as $side) {
            $document['pieces'][Sample::PIECE][$side] = ['kind' => 'filler', 'set_off' => mt_rand(120, 400) / 10];
        }

        return [$document, $widths];
    }
}
