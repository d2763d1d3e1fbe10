<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Shopping;

/** What sort of thing is bought, in the order of the list; and in which shop it is usually had. */
enum PurchaseGroup: string
{
    case Sheets = 'sheets';
    case Boards = 'boards';
    case Hardware = 'hardware';
    case Screws = 'screws';
    case WallFixings = 'wall_fixings';
    case Banding = 'banding';
    case Glue = 'glue';
    case Filling = 'filling';
    case Finish = 'finish';
    case Abrasives = 'abrasives';
    case Consumables = 'consumables';

    /** A key of Shop::$shops. */
    public function shop(): string
    {
        return match ($this) {
            self::Sheets, self::Boards, self::Banding => 'timber',
            self::Filling, self::Finish, self::Abrasives => 'paint',
            default => 'hardware',
        };
    }
}
