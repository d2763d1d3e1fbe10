<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

/** What a body is that is not cut from a sheet. */
enum BoughtAs
{
    /** Softwood and mouldings, by length. */
    case Lumber;
    /** A steel tube, by length. */
    case Tube;
    /** Cut to size by who sells it. */
    case Glass;
    /** Solid wood or thin sheet, cut to size by who sells it. */
    case Panel;
    /** A cabinet or bookcase that is there, or comes ready-made. */
    case Box;

    /** Comes to size. */
    public function isReady(): bool
    {
        return ! $this->isByLength();
    }

    /** Sawn to length from what is sold by length. */
    public function isByLength(): bool
    {
        return $this === self::Lumber || $this === self::Tube;
    }
}
