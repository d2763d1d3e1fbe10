<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/**
 * The awkward places of the job. They differ only in which surfaces are there (see `Space`): a kind is a
 * starting choice of sides, mouth, breast and slope, and of the readings good practice asks for.
 */
enum SpaceKind: string
{
    case Niche = 'niche';
    case Wall = 'wall';
    case Corner = 'corner';
    case Closet = 'closet';
    case UnderStair = 'under_stair';
    case UnderSlope = 'under_slope';
    case Fireside = 'fireside';
    case InCupboard = 'in_cupboard';
    case ApplianceGap = 'appliance_gap';
    case FloorArea = 'floor_area';
    case WallHung = 'wall_hung';

    public function side(Side $side): SideKind
    {
        return match ($this) {
            self::Wall, self::WallHung => SideKind::Open,
            self::Corner, self::FloorArea, self::UnderStair => $side === Side::Left ? SideKind::Wall : SideKind::Open,
            self::ApplianceGap => SideKind::Appliance,
            default => SideKind::Wall,
        };
    }

    /** The way in is narrower than the inside: jambs of a door, stiles of a cupboard. */
    public function hasMouth(): bool
    {
        return $this === self::Closet || $this === self::InCupboard;
    }

    public function hasBreast(): bool
    {
        return $this === self::Fireside;
    }

    public function slope(): ?Slope
    {
        return match ($this) {
            self::UnderStair => new Slope(Along::Run, LowEnd::Right, false),
            self::UnderSlope => new Slope(Along::Depth, LowEnd::Back, false),
            default => null,
        };
    }

    /** @return array{int, int, int} usual width, height and depth in mm: something to point the tape at before anything is read */
    public function usualSize(): array
    {
        return match ($this) {
            self::Niche => [1000, 2400, 350],
            self::Wall, self::WallHung => [2400, 2400, 600],
            self::Corner => [1800, 2400, 600],
            self::Closet => [1600, 2400, 700],
            self::UnderStair => [2400, 2200, 900],
            self::UnderSlope => [2400, 1800, 1200],
            self::Fireside => [3200, 2400, 400],
            self::InCupboard => [800, 700, 560],
            self::ApplianceGap => [300, 900, 600],
            self::FloorArea => [2000, 2400, 1000],
        };
    }

    /** @return array{int, int, int} height and depth in mm of a plain shelf unit that would stand there, and its shelves */
    public function usualUnit(): array
    {
        return match ($this) {
            self::Niche, self::Closet => [2200, 300, 4],
            self::Wall, self::Corner => [2000, 300, 4],
            self::Fireside => [900, 300, 2],
            self::UnderStair, self::UnderSlope, self::ApplianceGap => [800, 400, 2],
            self::InCupboard => [500, 400, 1],
            self::FloorArea => [450, 500, 0],
            self::WallHung => [700, 300, 2],
        };
    }
}
