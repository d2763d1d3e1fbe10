<?php

declare(strict_types=1);

namespace Incastro\Core\Design\Fills;

use Incastro\Core\Document\Model\FillKind;

/** Who makes which kind of fill. */
final class FillMakers
{
    public static function of(FillKind $kind): FillMaker
    {
        return match ($kind) {
            FillKind::Open => new Nothing,
            FillKind::DeadCorner => new DeadCorner,
            FillKind::Shelves => new Shelves,
            FillKind::Stored => new StoredShelves,
            FillKind::Cubbies => new Cubbies,
            FillKind::Hanging => new Hanging,
            FillKind::Hooks => new Hooks,
            FillKind::Drawers => new Drawers,
            FillKind::PullOut => new PullOut,
            FillKind::PullOutStep => new PullOutStep,
            FillKind::TiltBin => new TiltBin,
            FillKind::BinTop => new BinTop,
            FillKind::FoldTable => new FoldTable,
            FillKind::Desk => new Desk,
            FillKind::Crawl => new Crawl,
            FillKind::Hidden => new Hidden,
            FillKind::Appliance => new Appliance,
            FillKind::Screen => new Screen,
            FillKind::BoughtBox => new BoughtBox,
            FillKind::Panelling => new Panelling,
            FillKind::Backer => new Backer,
            FillKind::Chase => new Chase,
            FillKind::Surround => new Surround,
            FillKind::SeatBack => new SeatBack,
            FillKind::Bed => new Bed,
            FillKind::Caddy => new Caddy,
        };
    }
}
