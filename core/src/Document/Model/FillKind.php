<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Document\Fields\Field;

/** What a bay may hold. Each kind names its settings; the reader, the forms on screen and docs/formats.md follow from them. */
enum FillKind: string
{
    /** Nothing but the opening itself. */
    case Open = 'open';
    case Shelves = 'shelves';
    /** Shelves spaced by the list of things to store. */
    case Stored = 'stored';
    case Cubbies = 'cubbies';
    case Hanging = 'hanging';
    case Hooks = 'hooks';
    case Drawers = 'drawers';
    case PullOut = 'pull_out';
    case PullOutStep = 'pull_out_step';
    case TiltBin = 'tilt_bin';
    case BinTop = 'bin_top';
    case FoldTable = 'fold_table';
    case Desk = 'desk';
    case Crawl = 'crawl';
    case Hidden = 'hidden';
    case Appliance = 'appliance';
    case Screen = 'screen';
    case BoughtBox = 'bought_box';
    case Panelling = 'panelling';
    case Backer = 'backer';
    case Chase = 'chase';
    case Surround = 'surround';
    case SeatBack = 'seat_back';
    case Bed = 'bed';
    case Caddy = 'caddy';
    /** Hidden behind the run along the other wall and closed. */
    case DeadCorner = 'dead_corner';

    /** @return array<string, Field> */
    public function fields(): array
    {
        return match ($this) {
            self::Open, self::DeadCorner, self::Crawl, self::Backer => [],
            self::Shelves => ['load' => self::load(), 'nosing' => self::nosing()],
            self::Stored => ['hand_room' => Field::length(0, 200, 30), 'load' => self::load(), 'nosing' => self::nosing()],
            self::Cubbies => ['columns' => Field::count(1, 8, 2), 'rows' => Field::count(1, 12, 3)],
            self::Hanging => ['rails' => Field::count(1, 2, 1), 'drop' => Field::length(40, 300, 60), 'lower_at' => Field::length(600, 1600, 1000)],
            self::Hooks => ['rows' => Field::count(1, 3, 2), 'top_at' => Field::length(600, 2100, 1650),
                'between' => Field::length(150, 900, 350), 'pitch' => Field::length(60, 400, 150)],
            self::Drawers => ['count' => Field::count(1, 8, 3), 'on' => Field::choice('slides', 'castors'), 'front' => Field::choice('inset', 'overlay'),
                'heights' => Field::choice('equal', 'deeper_below'), 'gap' => Field::length(1, 8, 3),
                'castor' => Field::length(20, 120, 45), 'load' => self::load(), 'rating' => self::rating(30)],
            self::PullOut => ['shelves' => Field::count(0, 6, 2), 'on' => Field::choice('castors', 'slides'), 'gap' => Field::length(2, 20, 4),
                'castor' => Field::length(20, 120, 60), 'load' => self::load(), 'rating' => self::rating(45)],
            self::PullOutStep => ['height' => Field::length(100, 400, 220), 'going' => Field::length(150, 600, 280), 'castor' => Field::length(0, 120, 30)],
            self::TiltBin => ['bin_width' => Field::length(100, 800, 300), 'bin_depth' => Field::length(100, 600, 250),
                'bin_height' => Field::length(150, 900, 450), 'opens' => Field::count(10, 45, 25), 'gap' => Field::length(1, 8, 3)],
            self::BinTop => ['openings' => Field::count(1, 4, 2), 'shape' => Field::choice('round', 'square'),
                'across' => Field::length(80, 600, 220), 'at' => Field::length(100, 1200, 500)],
            self::FoldTable => ['at' => Field::length(500, 1100, 740), 'reach' => Field::length(150, 1200, 450)],
            self::Desk => ['at' => Field::length(500, 1100, 740), 'layers' => Field::count(1, 3, 1), 'modesty' => Field::flag(true)],
            self::Hidden => ['where' => Field::choice('behind', 'below'), 'depth' => Field::length(40, 600, 100)],
            self::Appliance => ['width' => Field::length(100, 1500, 600), 'height' => Field::length(100, 2200, 850),
                'depth' => Field::length(100, 900, 560), 'air' => Field::length(0, 150, 10),
                'fixes_to' => Field::choice('nothing', 'face', 'side', 'top', 'floor'), 'watts' => Field::count(0, 9_000, 0), 'kg' => Field::count(0, 300, 0)],
            self::Screen => ['width' => Field::length(200, 2500, 970), 'height' => Field::length(150, 1500, 560),
                'cable_hole' => Field::length(20, 120, 60), 'kg' => Field::count(0, 100, 0)],
            self::BoughtBox => ['catalogue_width' => Field::length(100, 1500, 400),
                'catalogue_height' => Field::length(100, 2400, 800), 'catalogue_depth' => Field::length(80, 900, 280),
                'width' => Field::length(100, 1500), 'height' => Field::length(100, 2400), 'depth' => Field::length(80, 900),
                'back_set_in' => Field::length(0, 60, 0), 'base' => Field::length(0, 200, 0), 'count' => Field::count(1, 6, 1)],
            self::Panelling => ['cover' => Field::length(30, 400, 86), 'laid' => Field::choice('level', 'upright'),
                'pack' => Field::count(1, 50, 6), 'thickness' => Field::length(5, 30, 12)],
            self::Chase => ['side' => Field::choice('left', 'right'), 'width' => Field::length(60, 600, 180), 'depth' => Field::length(60, 600, 160),
                'access_at' => Field::length(50, 2000, 300), 'access_height' => Field::length(150, 1200, 400)],
            self::Surround => ['fire_width' => Field::length(200, 2000, 760), 'fire_height' => Field::length(150, 1200, 460),
                'fire_at' => Field::length(0, 1200, 300), 'fire_depth' => Field::length(50, 500, 130),
                'mantel_at' => Field::length(400, 2000, 1150), 'mantel_out' => Field::length(50, 400, 180)],
            self::SeatBack => ['lean' => Field::count(0, 30, 12), 'height' => Field::length(200, 900, 450)],
            self::Bed => ['mattress_width' => Field::length(500, 2000, 900),
                'mattress_length' => Field::length(1000, 2200, 1900), 'mattress_height' => Field::length(60, 350, 150),
                'lies' => Field::choice('along', 'across'), 'slat_width' => Field::length(40, 150, 68),
                'slat_gap' => Field::length(20, 75, 60), 'guard' => Field::length(0, 600, 0), 'rungs' => Field::count(0, 8, 0)],
            self::Caddy => ['shelves' => Field::count(1, 8, 3), 'castor' => Field::length(20, 120, 45),
                'play' => Field::length(3, 60, 12), 'load' => self::load(), 'rating' => self::rating(30)],
        };
    }

    /** What stands on the shelves, where things to store are not listed with their weight. */
    private static function load(): Field
    {
        return Field::choice('linen', 'toys', 'books', 'plates', 'cans', 'records');
    }

    /** Height of a strip glued before each shelf, from its upper face down; none for 0. */
    private static function nosing(): Field
    {
        return Field::length(0, 120, 0);
    }

    /** The highest rating of slides or castors that may be entered, kg. */
    public const MOST_RATING = 250;

    /** kg the maker allows: a pair of slides, or one castor. */
    private static function rating(int $usual): Field
    {
        return Field::count(5, self::MOST_RATING, $usual);
    }

    /** Needs no carcass around it: the walls or the floor carry it. */
    public function standsAlone(): bool
    {
        return in_array($this, [self::Open, self::Hooks, self::Hanging, self::FoldTable, self::Desk, self::Appliance, self::Screen, self::BoughtBox,
            self::Panelling, self::Backer, self::Chase, self::Surround, self::SeatBack,
            self::Bed, self::Caddy, self::Shelves, self::PullOutStep, self::Hidden], true);
    }

    /** Brings a front of its own, so that no door goes before it. */
    public function hasFront(): bool
    {
        return in_array($this, [self::PullOut, self::TiltBin, self::Surround], true);
    }

    /** Has shelves that are placed one by one. */
    public function hasShelves(): bool
    {
        return $this === self::Shelves;
    }
}
