<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** How a bay gets its width. */
enum WidthBy: string
{
    /** Shares what is left, by its weight. */
    case Share = 'share';
    case Fixed = 'fixed';
    /** Ends where a bay of the band below ends. */
    case Below = 'below';
    /** The divider at its right stands before a stud. */
    case Stud = 'stud';
    /** As wide as the bought box it holds needs. */
    case Box = 'box';
    /** As much as the run along the side wall hides. */
    case Corner = 'corner';
}
