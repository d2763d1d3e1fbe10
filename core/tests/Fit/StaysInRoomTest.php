<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Fit;

use Eris\Generators;
use Eris\TestTrait;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Survey\Room;
use Incastro\Core\Survey\Surface;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** No panel of the fitted piece enters a wall, the floor or what is overhead, save a blank inside its declared allowance. */
final class StaysInRoomTest extends TestCase
{
    use TestTrait;

    public function test_in_random_crooked_rooms(): void
    {
        $this->limitTo(25)->forAll(Generators::choose(1, 1_000_000))->then(function (int $seed): void {
            mt_srand($seed);
            [$fit, $room] = ObstaclesTest::fitted(self::room());
            if ($fit->edges['left']->least()->isNegative() || $fit->edges['right']->least()->isNegative()) {
                return;
            }
            $allowed = max(array_map(fn ($e): float => (float) ($e->scribe?->projects->value->millimetres() ?? 0), $fit->edges));
            // A straight moulding is drawn as wide as the widest gap it covers.
            $over = isset($fit->edges['top']) ? (float) $fit->edges['top']->profile->spread()->millimetres() + 0.3 : 0.0;
            foreach ($fit->panels as $panel) {
                foreach (self::corners($panel) as [$x, $y, $z]) {
                    $slack = $panel->fitOnSite ? $allowed : 0.25;
                    self::assertGreaterThanOrEqual($room->shape->at(Surface::Left, $y * 40_000, $z * 40_000) - $slack,
                        $x, "seed $seed: $panel->id enters the left wall");
                    self::assertLessThanOrEqual($room->shape->at(Surface::Right, $y * 40_000, $z * 40_000) + $slack,
                        $x, "seed $seed: $panel->id enters the right wall");
                    self::assertGreaterThanOrEqual($room->shape->at(Surface::Back, $x * 40_000, $z * 40_000) - $slack,
                        $y, "seed $seed: $panel->id enters the back wall");
                    $this->staysBetween($room, $panel, [$x, $y, $z], [$slack, $panel->role === Role::Trim ? $over : $slack], $seed);
                }
            }
        });
    }

    /**
     * @param  array{float, float, float}  $at
     * @param  array{float, float}  $slack  below and above
     */
    private function staysBetween(Room $room, Panel $panel, array $at, array $slack, int $seed): void
    {
        [$x, $y, $z] = $at;
        // A shoe stands before the base down to the floor's lowest.
        $isShoe = $panel->role === Role::Trim && str_ends_with($panel->id, ':shoe');
        self::assertGreaterThanOrEqual($room->shape->at(Surface::Floor, $x * 40_000, $y * 40_000) - ($isShoe ? 30.0 : $slack[0]),
            $z, "seed $seed: $panel->id enters the floor");
        self::assertLessThanOrEqual($room->overhead->at($x * 40_000, $y * 40_000) + $slack[1], $z, "seed $seed: $panel->id enters what is overhead");
    }

    /** @return list<array{float, float, float}> */
    private static function corners(Panel $panel): array
    {
        $found = [];
        foreach ($panel->solid->outline as $p) {
            foreach ([$panel->solid->from, $panel->solid->to] as $t) {
                [$a, $b, $c] = [(float) $p->across->millimetres(), (float) $p->up->millimetres(), (float) $t->millimetres()];
                $found[] = match ($panel->solid->axis->value) {
                    'x' => [$c, $a, $b],
                    'y' => [$a, $c, $b],
                    default => [$a, $b, $c],
                };
            }
        }

        return $found;
    }

    /** @return array<string, mixed> a niche with leaning and bulging walls, a falling floor, sometimes a roof over it; every edge decided somehow */
    private static function room(): array
    {
        $document = Sample::empty('mm');
        $sloped = mt_rand(0, 1) === 1;
        if ($sloped) {
            $document['spaces'][Sample::SPACE] = ['kind' => 'under_slope', 'slope' => ['along' => 'depth', 'low' => 'back', 'flat' => false]]
                + $document['spaces'][Sample::SPACE];
        }
        foreach ([100, 900, 1700, 2300] as $i => $z) {
            $document = Sample::width($document, $i, $z, 1100 + mt_rand(-120, 120) / 10);
            $document = $i === 0 ? $document : Sample::plumb($document, $i, 'left', 100, $z, mt_rand(-120, 120) / 10);
        }
        foreach ([150, 550, 950] as $i => $x) {
            $document = Sample::reading($document, Sample::id('GP', $i),
                ['kind' => 'gap', 'face' => 'back', 'along' => 'run', 'edge' => 'e', 'x' => $x, 'z' => 900], mt_rand(0, 80) / 10);
        }
        $document = Sample::reading($document, Sample::id('F', 1), ['kind' => 'level'], mt_rand(-120, 120) / 10);
        $heights = $sloped ? [[['x' => 550, 'y' => 50], mt_rand(900, 1300)], [['x' => 550, 'y' => 750], mt_rand(1500, 2000)]]
            : [[['side' => 'left'], 2420 + mt_rand(-150, 150) / 10], [['side' => 'right'], 2420 + mt_rand(-150, 150) / 10]];
        foreach ($heights as $i => [$place, $mm]) {
            $document = Sample::reading($document, Sample::id('HT', $i), ['kind' => 'height'] + $place, $mm);
        }
        $piece = &$document['pieces'][Sample::PIECE];
        foreach (['left', 'right'] as $side) {
            $piece[$side] = ['kind' => ['filler', 'scribed_side', 'play', 'extended_stile'][mt_rand(0, 3)], 'set_off' => mt_rand(40, 400) / 10];
        }
        $choose = fn (array $kinds): array => ['kind' => $kinds[mt_rand(0, count($kinds) - 1)], 'set_off' => 0];
        [$piece['base'], $piece['back']] = [$choose(['scribed', 'trim', 'play']), $choose(['scribed', 'play'])];
        $piece['top'] = $sloped ? $choose(['play']) : $choose(['filler', 'trim', 'play']);
        $piece['height'] = $sloped ? 1700 : 2300;
        if (mt_rand(0, 1) === 1) {
            $piece['runs'][Sample::RUN]['bands'][Sample::id('BND', 1)] = ['order' => 'z', 'kind' => 'top', 'to_walls' => mt_rand(0, 1) === 1];
        }

        return $document;
    }
}
