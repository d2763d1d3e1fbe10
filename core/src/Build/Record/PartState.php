<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Record;

use Incastro\Core\Build\Steps\StepKind;

/** How far a part is. */
enum PartState: string
{
    case ToCut = 'to_cut';
    case Cut = 'cut';
    case Machined = 'machined';
    case Finished = 'finished';
    case Assembled = 'assembled';
    case Installed = 'installed';

    /** Where a part is once a step of that kind is done; null where that says nothing of it. */
    public static function after(StepKind $kind): ?self
    {
        return match ($kind) {
            StepKind::CutSheet, StepKind::CutLumber, StepKind::CutOther => self::Cut,
            StepKind::Band, StepKind::Rout, StepKind::Drill, StepKind::DryFit, StepKind::Precut => self::Machined,
            StepKind::Coat => self::Finished,
            StepKind::Base, StepKind::Assemble, StepKind::Back, StepKind::Frame, StepKind::Mover => self::Assembled,
            StepKind::SetBase, StepKind::Stand, StepKind::SiteFrame, StepKind::Top, StepKind::Filler, StepKind::Trim,
            StepKind::Slats, StepKind::Lids, StepKind::Drawers, StepKind::Doors, StepKind::Shelves => self::Installed,
            default => null,
        };
    }

    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
