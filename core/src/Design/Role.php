<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

/** What a panel is in the piece. */
enum Role: string
{
    case Side = 'side';
    case Top = 'top';
    case RakingTop = 'raking_top';
    case TopRail = 'top_rail';
    case Bottom = 'bottom';
    case Between = 'between';
    case Divider = 'divider';
    case Shelf = 'shelf';
    case Cleat = 'cleat';
    case Slat = 'slat';
    case Standard = 'standard';
    case Back = 'back';
    case Nailer = 'nailer';
    case Stile = 'stile';
    case Mullion = 'mullion';
    case Rail = 'rail';
    case PlinthRail = 'plinth_rail';
    case Rung = 'rung';
    case ToeBoard = 'toe_board';
    case Slab = 'slab';
    case Lid = 'lid';
    case Crown = 'crown';
    case CornerFiller = 'corner_filler';
    case Door = 'door';
    case DoorPart = 'door_part';
    case Glass = 'glass';
    case Front = 'front';
    case DrawerPart = 'drawer_part';
    case BoxPart = 'box_part';
    case Board = 'board';
    case Ledger = 'ledger';
    case BedRail = 'bed_rail';
    case Ladder = 'ladder';
    case Stud = 'stud';
    case Filler = 'filler';
    case Lip = 'lip';
    case Trim = 'trim';
    /** Belongs to no piece. */
    case Loose = 'loose';
    /** Of those, one that may lie across the grain. */
    case LooseFree = 'loose_free';

    /** Hidden boards may be cut across the grain and come from any corner of a sheet. */
    public function grainMatters(): bool
    {
        return ! in_array($this, [self::Nailer, self::Rung, self::Cleat, self::TopRail, self::Standard, self::Ledger, self::LooseFree], true);
    }

    /** Seen from the front it lies before the carcass. */
    public function isFront(): bool
    {
        return in_array($this, [self::Door, self::DoorPart, self::Glass, self::Front, self::Lid], true);
    }

    /** Moves, and keeps clear of a slope. */
    public function moves(): bool
    {
        return $this->isFront() || in_array($this, [self::DrawerPart, self::BoxPart], true);
    }

    /** Out of sight behind others. */
    public function isHidden(): bool
    {
        return in_array($this, [self::Nailer, self::Rung, self::Cleat, self::TopRail, self::Ledger, self::Stud], true);
    }
}
