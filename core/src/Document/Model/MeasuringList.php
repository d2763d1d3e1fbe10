<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Unit;

/**
 * The readings good practice asks for in each kind of space (fieldbook §1: three heights at front and back, plumb, floor,
 * corners; more where a mouth, a breast, a slope or a stair is in it). Round in the document's own unit; each may be skipped.
 */
final readonly class MeasuringList
{
    public function __construct(private Unit $unit)
    {
    }

    /** @return list<array<string, mixed>> readings as a document holds them, without ids */
    public function of(SpaceKind $kind): array
    {
        return match ($kind) {
            SpaceKind::Niche => [...$this->widths(100, 1200, 2300), ...$this->heights(), ...$this->depths(), ...$this->diagonals(),
                ...$this->plumbs(100, 2300, 'left', 'right', 'back'), ...self::edges('left', 'right'), self::corner('left'), self::level()],
            SpaceKind::Wall => [$this->width(100), ...$this->heights(), ...$this->depths(), ...$this->plumbs(100, 2100, 'back'),
                ...$this->straightedge(900, 300, 1200, 2100), self::level()],
            SpaceKind::Corner => [$this->width(100), ...$this->heights(), ...$this->depths(), ...$this->plumbs(100, 2100, 'left', 'back'),
                ...self::edges('left'),
                self::corner('left'), $this->square('left'), ...$this->straightedge(900, 300, 900, 1500), self::level()],
            SpaceKind::Closet => [...$this->mouth(100, 1900), ...$this->widths(100, 1200, 2300), ...$this->heights(), ...$this->depths(),
                ...$this->plumbs(100, 2300, 'left', 'right', 'back'), ...self::edges('left', 'right'), self::corner('left'), self::level()],
            SpaceKind::UnderStair => [$this->width(100), ['kind' => 'knee'], $this->heightAt(600), $this->heightAt(1500), ['kind' => 'slope_angle'],
                ...$this->depths(), ...$this->plumbs(100, 1500, 'left', 'back'), ...self::edges('left'), self::corner('left'), self::level(), self::levelOut()],
            SpaceKind::UnderSlope => [$this->width(100), $this->width(100, 'back'), ['kind' => 'knee', 'side' => 'left'], ['kind' => 'knee', 'side' => 'right'],
                ...$this->heights(), ['kind' => 'slope_angle', 'side' => 'left'], ...$this->depths(), ...$this->plumbs(100, 800, 'left', 'right', 'back'),
                ...self::edges('left', 'right'),
                self::corner('left'), self::level(), self::levelOut()],
            SpaceKind::Fireside => [$this->width(100), $this->width(1200), ...$this->flanks(100, 1200),
                $this->at('breast_width', 100), $this->at('breast_width', 1200),
                ['kind' => 'breast_depth', 'side' => 'left'], ['kind' => 'breast_depth', 'side' => 'right'], ...$this->heights(), ...$this->depths(),
                ...$this->plumbs(100, 2100, 'left', 'right', 'back'), ...self::edges('left', 'right'), self::level()],
            SpaceKind::InCupboard => [...$this->mouth(100, 500), $this->width(100),
                $this->width(500), $this->width(100, 'back'), ...$this->heights(), ...$this->depths(),
                ...$this->plumbs(100, 500, 'left', 'right'), ...self::edges('left', 'right'), self::corner('left'), self::level()],
            SpaceKind::ApplianceGap => [$this->width(50), $this->width(800), $this->width(50, 'back'),
                $this->width(800, 'back'), ...$this->heights(), ...$this->depths(),
                ...$this->plumbs(50, 800, 'left', 'right'), self::level(), self::levelOut()],
            SpaceKind::FloorArea => [$this->width(100), ...$this->depths(), ...$this->heights(), ...$this->plumbs(100, 900, 'left', 'back'),
                ...self::edges('left'),
                self::corner('left'), $this->square('left'), self::level(), self::levelOut()],
            SpaceKind::WallHung => [$this->width(1200), ...$this->heights(), ...$this->depths(), ...$this->plumbs(1200, 2100, 'back'),
                ...$this->straightedge(1500, 300, 1200, 2100)],
        };
    }

    /** @return list<array<string, mixed>> */
    private function widths(int ...$heights): array
    {
        $widths = [];
        foreach (['front', 'back'] as $plane) {
            foreach ($heights as $z) {
                $widths[] = $this->width($z, $plane);
            }
        }

        return $widths;
    }

    /** @return array<string, mixed> */
    private function width(int $z, string $plane = 'front'): array
    {
        return ['kind' => 'width', 'plane' => $plane, 'z' => $this->size($z)];
    }

    /** @return array<string, mixed> */
    private function at(string $kind, int $z): array
    {
        return ['kind' => $kind, 'z' => $this->size($z)];
    }

    /** @return list<array<string, mixed>> */
    private function heights(): array
    {
        return [['kind' => 'height', 'side' => 'left'], ['kind' => 'height', 'side' => 'right']];
    }

    /** @return array<string, mixed> */
    private function heightAt(int $x): array
    {
        return ['kind' => 'height', 'x' => $this->size($x)];
    }

    /** @return list<array<string, mixed>> */
    private function depths(): array
    {
        return [['kind' => 'depth', 'side' => 'left'], ['kind' => 'depth', 'side' => 'right']];
    }

    /** @return list<array<string, mixed>> */
    private function diagonals(): array
    {
        return [['kind' => 'diagonal', 'rise' => 'rising_right'], ['kind' => 'diagonal', 'rise' => 'rising_left']];
    }

    /** @return list<array<string, mixed>> */
    private function plumbs(int $from, int $to, string ...$faces): array
    {
        return array_values(array_map(fn (string $face): array => ['kind' => 'plumb', $face === 'back' ? 'face' : 'side' => $face,
            'from_z' => $this->size($from), 'z' => $this->size($to)], $faces));
    }

    /** @return list<array<string, mixed>> */
    private function mouth(int $low, int $high): array
    {
        return [
            $this->at('mouth_width', $low), $this->at('mouth_width', $high),
            ['kind' => 'mouth_height', 'side' => 'left'], ['kind' => 'mouth_height', 'side' => 'right'], ['kind' => 'mouth_depth'],
            ['kind' => 'return', 'side' => 'left'], ['kind' => 'return', 'side' => 'right'],
        ];
    }

    /** @return list<array<string, mixed>> */
    private function flanks(int ...$heights): array
    {
        $flanks = [];
        foreach (['left', 'right'] as $side) {
            foreach ($heights as $z) {
                $flanks[] = ['kind' => 'flank', 'side' => $side, 'z' => $this->size($z)];
                $flanks[] = ['kind' => 'flank', 'side' => $side, 'plane' => 'back', 'z' => $this->size($z)];
            }
        }

        return $flanks;
    }

    /** @return list<array<string, mixed>> gaps behind one straightedge laid along the back wall */
    private function straightedge(int $z, int ...$places): array
    {
        return array_values(array_map(fn (int $x): array => ['kind' => 'gap', 'face' => 'back', 'along' => 'run', 'edge' => "back $z",
            'z' => $this->size($z), 'x' => $this->size($x)], $places));
    }

    /** @return list<array<string, mixed>> a straightedge slid over each wall: nothing else finds what stands proud between readings */
    private static function edges(string ...$faces): array
    {
        return array_values(array_map(fn (string $face): array => ['kind' => 'slid_edge', 'face' => $face], $faces));
    }

    /** @return array<string, mixed> 3-4-5: so far along the back, so far along the side, the tape across */
    private function square(string $side): array
    {
        return ['kind' => 'three_four_five', 'side' => $side, 'along_back' => $this->unit === Unit::Millimetre ? 600 : 609.6,
            'along_side' => $this->unit === Unit::Millimetre ? 450 : 457.2];
    }

    /** @return array<string, mixed> */
    private static function corner(string $side): array
    {
        return ['kind' => 'corner_angle', 'side' => $side];
    }

    /** @return array<string, mixed> */
    private static function level(): array
    {
        return ['kind' => 'level'];
    }

    /** @return array<string, mixed> */
    private static function levelOut(): array
    {
        return ['kind' => 'level', 'along' => 'depth', 'side' => 'left'];
    }

    /** To 2 in where the document is in inches, 4 in over a metre. */
    private function size(int $mm): int|float
    {
        if ($this->unit === Unit::Millimetre) {
            return $mm;
        }
        $step = $mm > 1000 ? 4 : 2;

        return Length::ofUnits((int) round($mm / 25.4 / $step) * $step * Length::PER_INCH)->millimetres();
    }
}
