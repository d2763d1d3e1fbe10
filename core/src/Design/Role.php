<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

/** What a panel is in the piece. */
enum Role: string
{
    case Side = 'side';
    case Top = 'top';
    case Bottom = 'bottom';
    case Divider = 'divider';
    case Shelf = 'shelf';
    case Back = 'back';
    case Nailer = 'nailer';
    case Stile = 'stile';
    case Mullion = 'mullion';
    case Rail = 'rail';
    case PlinthRail = 'plinth_rail';
    case Rung = 'rung';
    case Filler = 'filler';
    case Lip = 'lip';
    case Trim = 'trim';

    /** Hidden boards may be cut across the grain and come from any corner of a sheet. */
    public function grainMatters(): bool
    {
        return ! in_array($this, [self::Nailer, self::Rung], true);
    }
}
