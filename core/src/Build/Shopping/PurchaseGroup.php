<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Shopping;

use Incastro\Core\Build\Steps\StepKind;

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

    /** @return list<StepKind> the first steps that want it */
    public function usedIn(): array
    {
        return match ($this) {
            self::Sheets => [StepKind::Intake, StepKind::CutOther],
            self::Boards => [StepKind::CutLumber],
            self::Banding => [StepKind::Band],
            self::Hardware => [StepKind::Doors, StepKind::Drawers, StepKind::Lids, StepKind::Shelves, StepKind::Furnish],
            self::Screws => [StepKind::Base, StepKind::Assemble, StepKind::Mover, StepKind::Frame],
            self::WallFixings => [StepKind::Fix, StepKind::SiteFrame],
            self::Glue => [StepKind::Assemble, StepKind::Mover, StepKind::Frame],
            self::Filling => [StepKind::FillHeads, StepKind::Caulk],
            self::Finish => [StepKind::Prime, StepKind::Coat, StepKind::PrimeOnSite, StepKind::CoatOnSite],
            self::Abrasives => [StepKind::Sand, StepKind::SandOnSite],
            self::Consumables => [],
        };
    }
}
